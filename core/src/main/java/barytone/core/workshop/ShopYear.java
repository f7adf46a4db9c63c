package barytone.core.workshop;

import barytone.core.advice.Effort;
import barytone.core.bridge.BridgeKind;
import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Station;
import barytone.core.promise.BenchQueue;
import barytone.core.promise.Queued;
import barytone.core.promise.Reliability;
import barytone.core.promise.Surprises;
import barytone.core.quantity.Allowed;
import barytone.core.worktime.Minutes;
import barytone.core.worktime.Piece;
import barytone.core.worktime.StepTimes;
import barytone.core.worktime.Task;
import barytone.core.worktime.Worked;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * A year of a shop whose promises are made by the queue, or by a fixed rule. The world does not keep to what the queue assumes: this shop's hands are slower or faster than is
 * usual, each at another kind of work; work has long tails; one job in ten hides a fault, and half of those want a part; players answer late; necks that were turned far wait
 * for the next day; somebody is ill on one day in fifty, and urgent work comes more often than the shop thinks.
 *
 * @param promised jobs that were promised
 * @param kept those that were finished by then
 * @param waited working days from arrival to what was promised, on the mean
 * @param took working days from arrival until it was finished, on the mean
 */
public record ShopYear(int promised, int kept, double waited, double took) {
    private static final ZoneId ZONE = ZoneOffset.UTC;
    private static final LocalDate FIRST = LocalDate.of(2031, 1, 6);
    private static final int DAYS = 364;

    private static final int PLAYS = 100;

    /** What the shop thinks of urgent work, and what comes, a day. */
    private static final double URGENT_THOUGHT = 1;

    private static final double URGENT_COMES = 1.4;

    /** A kind of work of a job, as it is thought of and as it turns out. */
    private record Part(Task task, double count, double minutes) {}

    /** A rest, as it is thought of and as it turns out; minutes. */
    private record Step(Part part, double thought, double rest) {}

    private static final class Job {
        final long id;
        final double came;
        final List<Step> steps;
        Instant due = Instant.MAX;
        int next;
        double ready;
        double waited;

        Job(long id, double came, List<Step> steps) {
            this.id = id;
            this.came = came;
            this.steps = steps;
            this.ready = came;
        }
    }

    /** How a day is promised. */
    public enum Rule {
        /** The first half day that nine of ten plays of the queue keep. */
        QUEUE,
        /** The evening of the third working day after it came. */
        THREE_DAYS
    }

    private static final class Shop {
        final SplittableRandom random;
        final double[] factors = new double[64];
        final List<Worked> seen = new ArrayList<>();
        final List<Job> open = new ArrayList<>();
        final Rule rule;
        ShopHours hours;
        final List<Double> waits = new ArrayList<>();
        final List<Boolean> results = new ArrayList<>();
        Surprises surprises = Surprises.USUAL;
        StepTimes times = StepTimes.usual(Effort.USUAL);
        int promised;
        int kept;
        double waited;
        double took;

        Shop(Rule rule, long seed) {
            this.rule = rule;
            this.random = new SplittableRandom(seed);
            double shop = Math.exp(0.25 * random.nextGaussian());
            for (int i = 0; i < factors.length; i++) factors[i] = shop * Math.exp(0.3 * random.nextGaussian());
            Set<LocalDate> closed = new HashSet<>();
            for (int i = 0; i < 10; i++) closed.add(FIRST.plusDays(random.nextInt(DAYS)));
            this.hours = ShopHours.USUAL.closedOn(closed);
        }

        private double factor(Task task) {
            // not by its hash: that is another in every process
            int at = task.station() == null
                    ? Station.values().length
                    : task.station().ordinal();
            return factors[task.kind().ordinal() * 8 + at];
        }

        private Part part(Task task, double count) {
            double usual = StepTimes.usual(Effort.USUAL).of(task).median() * factor(task);
            double cases = count * Math.exp(0.6 * random.nextGaussian() - 0.18);
            double total = 0;
            for (double left = cases; left > 0; left--) {
                double one = usual * Math.exp(0.7 * random.nextGaussian());
                if (random.nextDouble() < 0.03) one *= 4;
                total += one * Math.min(1, left);
            }
            return new Part(task, count, total);
        }

        private Job comes(long id, double at) {
            List<Step> steps = new ArrayList<>();
            int turns = 1 + random.nextInt(3);
            for (int i = 0; i < turns; i++) {
                steps.add(new Step(part(reading(Station.RELIEF), 3.5), 0, 0));
                steps.add(new Step(part(move(Station.RELIEF), 1), 10, 10));
            }
            if (random.nextDouble() < 0.15) steps.add(new Step(none(), 0, 20 * 60 * Math.exp(random.nextGaussian())));
            steps.add(new Step(part(reading(Station.NUT), 18), 0, 0));
            steps.add(new Step(part(move(Station.NUT), 4), 0, 0));
            steps.add(new Step(part(reading(Station.ACTION), 11), 0, 0));
            steps.add(new Step(part(move(Station.ACTION), 2), 0, 0));
            if (random.nextDouble() < 0.6) {
                steps.add(new Step(part(reading(Station.INTONATION), 30), 0, 0));
                steps.add(new Step(part(move(Station.INTONATION), 4), 0, 0));
            }
            steps.add(new Step(part(Task.of(Task.Kind.RETUNE), 5), 0, 0));
            if (random.nextDouble() < 0.1) {
                double hidden = 45 + random.nextInt(90);
                steps.add(new Step(
                        new Part(Task.of(Task.Kind.ROUND), 0, hidden),
                        0,
                        random.nextBoolean() ? (1 + random.nextInt(6)) * 24 * 60.0 : 0));
            }
            if (random.nextDouble() < 0.2) steps.add(new Step(none(), 0, 18 * 60));
            steps.add(new Step(part(Task.of(Task.Kind.HAND_OVER), 3), 0, 0));
            return new Job(id, at, steps);
        }

        private static Part none() {
            return new Part(Task.of(Task.Kind.TALK), 0, 0);
        }

        private static Task reading(Station station) {
            return new Task(Task.Kind.READING, station);
        }

        private static Task move(Station station) {
            return new Task(Task.Kind.MOVE, station);
        }

        private Queued thought(Job job, double at) {
            List<Piece> pieces = new ArrayList<>();
            // what is known of a wait that has begun: that it lasts
            if (job.ready > at) pieces.add(new Piece.Rest((job.ready - at) / 60, null));
            for (Step step : job.steps.subList(job.next, job.steps.size())) {
                if (step.part.count > 0) pieces.add(new Piece.Work(times.of(step.part.task), step.part.count));
                if (step.thought > 0) pieces.add(new Piece.Rest(step.thought, null));
            }
            return new Queued(
                    job.id,
                    pieces,
                    job.due.equals(Instant.MAX) ? null : job.due,
                    Instant.ofEpochSecond((long) job.came),
                    job.waited > 0);
        }

        private BenchQueue queue(double at) {
            return new BenchQueue(
                    open.stream().map(job -> thought(job, at)).toList(),
                    hours,
                    ZONE,
                    Instant.ofEpochSecond((long) at),
                    URGENT_THOUGHT,
                    surprises);
        }

        private void promise(Job job, double at) {
            Instant now = Instant.ofEpochSecond((long) at);
            Promise promise = rule == Rule.THREE_DAYS ? thirdDay(now) : byTheQueue(job, at);
            if (promise == null) return;
            job.due = promise.due(hours, ZONE);
            promised++;
            waited += workingDays(now, promise.day());
        }

        private @Nullable Promise byTheQueue(Job job, double at) {
            BenchQueue queue = queue(at);
            double[] finishes =
                    Objects.requireNonNull(queue.finishes(PLAYS, job.id).get(job.id));
            return queue.first(finishes, Reliability.share(results));
        }

        private Promise thirdDay(Instant now) {
            LocalDate day = LocalDate.ofInstant(now, ZONE);
            for (int left = 3; left > 0; ) {
                day = day.plusDays(1);
                if (!hours.on(day).isEmpty()) left--;
            }
            return new Promise(day, Promise.Part.EVENING);
        }

        private int workingDays(Instant from, LocalDate to) {
            int days = 0;
            for (LocalDate day = LocalDate.ofInstant(from, ZONE).plusDays(1); !day.isAfter(to); day = day.plusDays(1))
                if (!hours.on(day).isEmpty()) days++;
            return days;
        }

        /** Works through a stretch of a day, minute by minute of the clock. */
        private double work(double from, double to) {
            double time = from;
            while (time < to) {
                double at = time;
                List<Long> order = queue(at).order();
                Job job = order.stream()
                        .map(id -> open.stream()
                                .filter(j -> j.id == id)
                                .findFirst()
                                .orElseThrow())
                        .filter(j -> j.ready <= at)
                        .findFirst()
                        .orElse(null);
                if (job == null) {
                    double next = open.stream()
                            .mapToDouble(j -> j.ready)
                            .filter(r -> r > at)
                            .min()
                            .orElse(to);
                    time = Math.min(to, Math.max(next, time + 60));
                    continue;
                }
                Step step = job.steps.get(job.next++);
                time += step.part.minutes * 60 / hours.capacity();
                if (step.part.count > 0)
                    seen.add(new Worked(
                            step.part.task,
                            InstrumentKind.ELECTRIC,
                            BridgeKind.INDIVIDUAL,
                            "",
                            step.part.minutes / step.part.count));
                job.ready = time + step.rest * 60;
                if (step.rest > step.thought) job.waited += step.rest;
                if (job.next == job.steps.size()) {
                    open.remove(job);
                    waits.add(job.waited);
                    if (job.due.equals(Instant.MAX)) continue;
                    boolean inTime = job.ready <= job.due.getEpochSecond();
                    results.add(inTime);
                    if (inTime) kept++;
                    took += workingDays(
                            Instant.ofEpochSecond((long) job.came),
                            LocalDate.ofInstant(Instant.ofEpochSecond((long) job.ready), ZONE));
                }
            }
            return time;
        }
    }

    /**
     * A year.
     *
     * @param jobsPerDay that come in on a working day, 0.5 to 6
     */
    public static ShopYear run(Rule rule, double jobsPerDay, long seed) {
        Allowed.number("jobs per day", jobsPerDay, 0.5, 6, "jobs");
        Shop shop = new Shop(rule, seed);
        SplittableRandom world = new SplittableRandom(seed + 1);
        long id = 0;
        double busyUntil = 0;
        for (int d = 0; d < DAYS; d++) {
            LocalDate day = FIRST.plusDays(d);
            boolean ill = world.nextDouble() < 0.02;
            int come = poisson(world, jobsPerDay);
            int urgent = poisson(world, URGENT_COMES);
            SplittableRandom inside = world.split();
            if (shop.hours.on(day).isEmpty()) continue;
            shop.times = StepTimes.learned(Effort.USUAL, List.copyOf(shop.seen));
            shop.surprises = Surprises.learned(shop.waits);
            double opens = day.atTime(shop.hours.on(day).getFirst().from()).toEpochSecond(ZoneOffset.UTC);
            // who is ill telephones nobody: what comes then comes the next day
            for (int i = 0; i < (ill ? 0 : come); i++) {
                Job job = shop.comes(++id, opens);
                shop.open.add(job);
                shop.promise(job, opens);
            }
            if (ill) continue;
            for (ShopHours.Stretch stretch : shop.hours.on(day)) {
                double from = day.atTime(stretch.from()).toEpochSecond(ZoneOffset.UTC);
                double to = day.atTime(stretch.to()).toEpochSecond(ZoneOffset.UTC);
                double at = Math.max(from, busyUntil);
                for (; urgent > 0 && inside.nextBoolean(); urgent--)
                    at += Minutes.usually(25, 0.6).draw(inside) * 60;
                busyUntil = at < to ? shop.work(at, to) : at;
            }
        }
        return new ShopYear(
                shop.promised,
                shop.kept,
                shop.waited / Math.max(1, shop.promised),
                shop.took / Math.max(1, shop.promised));
    }

    private static int poisson(SplittableRandom random, double mean) {
        double limit = Math.exp(-mean);
        int n = 0;
        for (double p = random.nextDouble(); p > limit; p *= random.nextDouble()) n++;
        return n;
    }

    /** Share of what was promised that was kept. */
    public double share() {
        return promised == 0 ? 1 : (double) kept / promised;
    }
}
