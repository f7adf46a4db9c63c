package barytone.core.plan;

import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.RodType;
import barytone.core.joblog.JobState;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Decides the next move of a whole job. In this order: retune; read as found before anything is touched; answer what is in doubt;
 * then station by station in the order of the shop's school, the first thing that is out or unknown gets the move; then what was put off;
 * at the end what was moved, or moved along, since it was last read is looked at once more. What the technician chose to leave is left.
 */
public final class NextMove {
    private final JobState job;
    private final Means means;
    private final Instant now;

    private NextMove(JobState job, Means means, Instant now) {
        this.job = job;
        this.means = means;
        this.now = now;
    }

    /** The next move of a job at a moment, with the tools and the time of the shop. */
    public static Advice advise(JobState job, Means means, Instant now) {
        return new NextMove(job, means, now).advise();
    }

    private Advice advise() {
        if (job.closed()) return new Advice.ClosedJob();
        if (job.offPitchSince().isPresent()) return new Advice.Retune(job.lastMoved());
        if (job.spec().fittings().bridge().balanced()
                && heights()
                && !job.answers().containsKey(Advice.LevelVibrato.TOPIC)) return new Advice.LevelVibrato();
        List<Advice.Done> results = new ArrayList<>();
        // what was put off comes once more when the rest is done; put off then, it stays so
        for (int asked = 0; asked < 2; asked++) {
            Optional<Advice> next = through(asked, results);
            if (next.isPresent()) return next.get();
        }
        Optional<Advice> recheck = recheck();
        if (recheck.isPresent()) return recheck.get();
        // with one station agreed on, its own verdict is the whole story
        if (results.size() == 1 && job.chosen().scope().size() == 1) return results.getFirst();
        return new Advice.Finished(List.copyOf(results), declined());
    }

    /** All stations in their order, those left out that were put off more often than this. */
    private Optional<Advice> through(int putOff, List<Advice.Done> results) {
        results.clear();
        Optional<Advice> unread = unread(putOff);
        if (unread.isPresent()) return unread;
        if (!job.doubts().isEmpty()) return Optional.of(new Advice.MeasureAgain(job.doubts()));
        boolean broughtNear = false;
        for (Station station : Station.values()) {
            // a saddle that is far off comes near its target before the nut is judged; ballpark first before the neck
            // is
            boolean nearFirst = job.chosen().order() == WorkOrder.BALLPARK_FIRST || station != Station.RELIEF;
            if (!broughtNear && nearFirst) {
                broughtNear = true;
                if (open(Station.ACTION, putOff) && !notRead(Station.ACTION)) {
                    Optional<Advice> near = BridgeAdvisor.roughly(job);
                    if (near.isPresent()) return near;
                }
            }
            // what was not read is not worked at: the readings were declined
            if (!open(station, putOff) || notRead(station)) continue;
            Advice advice = at(station);
            if (advice instanceof Advice.Done done) results.add(done);
            else if (!job.declined(advice.topic())) return Optional.of(advice);
        }
        return Optional.empty();
    }

    /** Whether there is work at a station: agreed on, not left as it is, and not put off more often than this. */
    private boolean open(Station station, int putOff) {
        return job.agreed(station) && !job.left(station) && job.putOff().getOrDefault(station, 0) <= putOff;
    }

    /** The setup as expected when an advice is followed; empty when it moves nothing. */
    public static Optional<SetupEstimate> expected(JobState job, Advice advice) {
        return switch (advice) {
            case Advice.TurnRod turn -> Optional.of(RodAdvisor.after(job, turn.net()));
            case Advice.ReworkSaddle saddle ->
                Optional.of(job.estimate().after(saddle.whole().moves(job.spec())));
            case Advice.Adjusting move ->
                Optional.of(job.estimate().after(move.event(job.spec()).moves(job.spec())));
            default -> Optional.empty();
        };
    }

    /** The advice of one station alone, as if it were its turn. */
    private Advice at(Station station) {
        return switch (station) {
            case RELIEF -> RodAdvisor.advise(job, means, now);
            case NUT -> NutAdvisor.advise(job, means);
            case ACTION -> BridgeAdvisor.advise(job, means);
            case INTONATION -> IntonationAdvisor.advise(job);
            case PICKUPS -> PickupAdvisor.advise(job);
        };
    }

    /** Whether the readings that a station begins with were declined. */
    private boolean notRead(Station station) {
        return station.height() && !HeightLook.unread(job, station).isEmpty();
    }

    /** Strings, or pickups, of a station that are still to be read. */
    private List<Integer> toRead(Station station) {
        return switch (station) {
            case RELIEF, NUT, ACTION -> HeightLook.unread(job, station);
            case INTONATION -> Intonation.of(job).unread();
            case PICKUPS -> PickupAdvisor.unread(job);
        };
    }

    private boolean heights() {
        return job.agreed(Station.NUT) || job.agreed(Station.ACTION);
    }

    /** As found comes first, station by station, before anything is touched; later what was made new is read before anything else is done. */
    private Optional<Advice> unread(int putOff) {
        for (Station station : Station.values()) {
            if (!open(station, putOff) || job.declined(Advice.Measure.unread(station))) continue;
            // notes and gaps of a bent back neck, or of one whose rod does not hold it, say nothing of the saddles
            if (!station.height() && neckFirst()) continue;
            List<Integer> unread = toRead(station);
            if (unread.isEmpty()) continue;
            boolean asFound = station.height() ? job.moves() == 0 : job.untouched();
            // notes and gaps that were not read before the work are read when it is their turn
            if (!station.height() && !asFound) continue;
            return Optional.of(new Advice.Measure(
                    station, unread, asFound ? Advice.Measure.Reason.FIRST : Advice.Measure.Reason.NOT_READ, null));
        }
        return Optional.empty();
    }

    /** A neck that is bent back, or whose rod turns freely, and that will be put right on this job. */
    private boolean neckFirst() {
        if (!open(Station.RELIEF, 0) || job.spec().rod() == RodType.NONE) return false;
        boolean bentBack = job.reliefStrings().stream()
                .map(s -> Judged.of(job, Station.RELIEF, s))
                .anyMatch(j -> j.read() && (j.noGap() || j.value().mean() < 0));
        boolean slack = job.slackRod()
                && job.reliefStrings().stream()
                        .anyMatch(s -> Judged.of(job, Station.RELIEF, s).outside() > 0);
        return bentBack || slack;
    }

    /** What was moved, or moved along, since it was last read. */
    private Optional<Advice> recheck() {
        if (job.declined("recheck")) return Optional.empty();
        for (Station station : Station.HEIGHTS) {
            List<Integer> strings = recheck(job, means.effort(), station);
            if (!strings.isEmpty())
                return Optional.of(new Advice.Measure(station, strings, Advice.Measure.Reason.RECHECK, null));
        }
        return Optional.empty();
    }

    /** The strings of a station whose value is reckoned, not read, since something moved; a station that is left as it is has none. */
    public static List<Integer> reckoned(JobState job, Station station) {
        return where(job, station, Judged::unconfirmed);
    }

    /**
     * The strings of a station that are read once more before hand-over: reckoned or drifted, and likely enough to be out of their bands to be worth the look.
     */
    static List<Integer> recheck(JobState job, Effort effort, Station station) {
        boolean turned = !job.steps().isEmpty();
        return where(
                job,
                station,
                j -> (j.unconfirmed() || (turned && j.drifted())) && 1 - j.chanceIn() > effort.worthALook());
    }

    private static List<Integer> where(JobState job, Station station, Predicate<Judged> holds) {
        if (!job.agreed(station) || job.left(station)) return List.of();
        List<Integer> asked = station == Station.ACTION ? Rigid.actionStrings(job) : job.strings(station);
        return asked.stream()
                .map(s -> Judged.of(job, station, s))
                .filter(holds)
                .map(Judged::string)
                .toList();
    }

    private List<String> declined() {
        return job.answers().entrySet().stream()
                .filter(e -> !e.getValue())
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
