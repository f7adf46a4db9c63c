package barytone.core.station;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.advice.Outfit;
import barytone.core.height.Drifts;
import barytone.core.height.HeightVerdict;
import barytone.core.height.Rigid;
import barytone.core.job.DamageStops;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.job.Waiting;
import barytone.core.job.WorkOrder;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Decides the next move of a whole job. In this order: agree on damage; let cure what cures; retune; read as found before anything is touched; wait for what is waited for; answer
 * what is in doubt;
 * then station by station in the order of the shop's school, the first thing that is out or unknown gets the move; then what was put off;
 * at the end what was moved, or moved along, since it was last read is looked at once more. What the technician chose to leave is left.
 */
public final class NextMove {
    private final JobState job;
    private final Outfit outfit;
    private final Instant now;

    private NextMove(JobState job, Outfit outfit, Instant now) {
        this.job = job;
        this.outfit = outfit;
        this.now = now;
    }

    /** The next move of a job at a moment, with the tools and the time of the shop. */
    public static Advice advise(JobState job, Outfit outfit, Instant now) {
        return job.closed() ? new Advice.ClosedJob() : new NextMove(job, outfit, now).advise();
    }

    /** Whether all that was agreed on was read, stands as it should as found, and was left: a result like any other, of a closed job too. */
    public static boolean needsNothing(JobState job, Outfit outfit, Instant now) {
        return job.moves() == 0
                && switch (new NextMove(job, outfit, now).advise()) {
                    case Advice.Done done -> done.reason() == Advice.Done.Reason.LEAVE_IT;
                    case Advice.Finished all ->
                        all.declined().isEmpty()
                                && all.results().stream().allMatch(r -> r.reason() == Advice.Done.Reason.LEAVE_IT);
                    default -> false;
                };
    }

    private Advice advise() {
        if (DamageStops.waits(job)) return new Advice.AgreeDamage(job.arrival().stopping());
        Optional<Advice> curing = waits(WaitReason.Holds.WORK);
        if (curing.isPresent()) return curing.get();
        if (!job.missing().isEmpty() && !job.declined(Advice.PutOn.MISSING)) return new Advice.PutOn(job.missing());
        if (job.offPitchSince().isPresent()) return new Advice.Retune(job.lastMoved());
        for (Room room : Stations.ALL) {
            Optional<Advice> first = room.beforeReading(job);
            if (first.isPresent()) return first.get();
        }
        List<Advice.Done> results = new ArrayList<>();
        // what was put off comes once more when the rest is done; put off then, it stays so
        for (int asked = 0; asked < 2; asked++) {
            Optional<Advice> next = through(asked, results);
            if (next.isPresent()) return next.get();
        }
        Optional<Advice> recheck = recheck();
        if (recheck.isPresent()) return recheck.get();
        // with one station agreed on, its own verdict is the whole story
        if (results.size() == 1 && Stations.workedOn(job).size() == 1) return results.getFirst();
        return new Advice.Finished(List.copyOf(results), declined());
    }

    /** What holds up the work, the longest wait of them. */
    private Optional<Advice> waits(WaitReason.Holds holds) {
        List<Wait> holding = job.waiting().holding(now, holds);
        if (holding.isEmpty()) return Optional.empty();
        Wait longest = Waiting.longest(holding);
        return Optional.of(new Advice.Waits(longest, job.waiting().endsAt(longest, now)));
    }

    /** All stations in their order, those left out that were put off more often than this. */
    private Optional<Advice> through(int putOff, List<Advice.Done> results) {
        results.clear();
        Optional<Advice> unread = unread(putOff);
        if (unread.isPresent()) return unread;
        Optional<Advice> waits = waits(WaitReason.Holds.CHANGING);
        if (waits.isPresent()) return waits;
        if (!job.doubts().isEmpty()) return Optional.of(new Advice.MeasureAgain(job.doubts()));
        boolean broughtNear = false;
        for (Room room : Stations.ALL) {
            // what is far off comes near its target before the nut is judged; ballpark first before the neck is
            boolean nearFirst = job.chosen().order() == WorkOrder.BALLPARK_FIRST || room.station() != Station.RELIEF;
            if (!broughtNear && nearFirst) {
                broughtNear = true;
                Optional<Advice> near = near(putOff);
                if (near.isPresent()) return near;
            }
            // what was not read is not worked at: the readings were declined
            if (!open(room, putOff) || notRead(room)) continue;
            Advice advice = room.advise(job, outfit, now);
            if (advice instanceof Advice.Done done) results.add(done);
            else if (!job.declined(advice.topic())) return Optional.of(advice);
        }
        return Optional.empty();
    }

    private Optional<Advice> near(int putOff) {
        for (Room room : Stations.ALL) {
            if (!open(room, putOff) || notRead(room)) continue;
            Optional<Advice> near = room.roughly(job);
            if (near.isPresent()) return near;
        }
        return Optional.empty();
    }

    /** Whether there is work at a station: agreed on, not left as it is, and not put off more often than this. */
    private boolean open(Room room, int putOff) {
        Station station = room.station();
        return job.agreed(station)
                && !job.left(station)
                && !room.idle(job)
                && job.putOff().getOrDefault(station, 0) <= putOff;
    }

    /** Whether the readings that a station begins with were declined. */
    private boolean notRead(Room room) {
        return room.station().height() && !room.unread(job).isEmpty();
    }

    /** As found comes first, station by station, before anything is touched; later what was made new is read before anything else is done. */
    private Optional<Advice> unread(int putOff) {
        boolean waits = Stations.ALL.stream().anyMatch(room -> open(room, 0) && room.comesFirst(job));
        for (Room room : Stations.ALL) {
            Station station = room.station();
            if (!open(room, putOff) || job.declined(Advice.Measure.unread(station))) continue;
            if (!station.height() && waits) continue;
            List<Integer> unread = room.unread(job);
            if (unread.isEmpty()) continue;
            boolean asFound = station.height() ? job.moves() == 0 : job.untouched();
            // notes and gaps that were not read before the work are read when it is their turn
            if (!station.height() && !asFound) continue;
            return Optional.of(new Advice.Measure(
                    station, unread, asFound ? Advice.Measure.Reason.FIRST : Advice.Measure.Reason.NOT_READ, null));
        }
        return Optional.empty();
    }

    /** What was moved, or moved along, since it was last read. */
    private Optional<Advice> recheck() {
        if (job.declined(Advice.Measure.LAST_LOOK)) return Optional.empty();
        for (Station station : Station.HEIGHTS) {
            List<Integer> strings = recheck(job, outfit.effort(), station);
            if (!strings.isEmpty())
                return Optional.of(new Advice.Measure(station, strings, Advice.Measure.Reason.RECHECK, null));
        }
        return Optional.empty();
    }

    /** The strings of a station whose value is reckoned, not read, since something moved; a station that is left as it is has none. */
    public static List<Integer> reckoned(JobState job, Station station) {
        return where(job, station, HeightVerdict::unconfirmed);
    }

    /**
     * The strings of a station that are read once more before hand-over: reckoned or drifted, and likely enough to be out of their bands to be worth the look.
     */
    public static List<Integer> recheck(JobState job, Effort effort, Station station) {
        boolean turned = job.every(Drifts.class).stream().anyMatch(Drifts::drifts);
        return where(
                job,
                station,
                j -> (j.unconfirmed() || (turned && j.drifted())) && 1 - j.chanceIn() > effort.worthALook());
    }

    private static List<Integer> where(JobState job, Station station, Predicate<HeightVerdict> holds) {
        if (!job.agreed(station) || job.left(station)) return List.of();
        List<Integer> asked = station == Station.ACTION ? Rigid.actionStrings(job) : job.strings(station);
        return asked.stream()
                .map(s -> HeightVerdict.of(job, station, s))
                .filter(holds)
                .map(HeightVerdict::string)
                .toList();
    }

    private List<Topic> declined() {
        return job.answers().entrySet().stream()
                .filter(e -> !e.getValue())
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
