package barytone.core.plan;

import barytone.core.estimate.SetupEstimate;
import barytone.core.joblog.JobState;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Decides the next move of a whole job. In this order: answer what is in doubt; retune; read as found before anything is touched;
 * then station by station in the order of the shop's school, the first thing that is out or unknown gets the move; at the end
 * what was moved, or moved along, since it was last read is looked at once more. What the technician chose to leave is left.
 */
public final class NextMove {
    private final JobState job;
    private final Toolkit tools;
    private final Instant now;

    private NextMove(JobState job, Toolkit tools, Instant now) {
        this.job = job;
        this.tools = tools;
        this.now = now;
    }

    /** The next move of a job at a moment, with the tools of the shop. */
    public static Advice advise(JobState job, Toolkit tools, Instant now) {
        return new NextMove(job, tools, now).advise();
    }

    private Advice advise() {
        if (job.closed()) return new Advice.ClosedJob();
        if (job.offPitchSince().isPresent()) return new Advice.Retune(job.lastMoved());
        var doubted = job.doubted();
        if (doubted.isPresent()) return new Advice.MeasureAgain(doubted.get());
        if (job.spec().fittings().bridge().balanced()
                && heights()
                && !job.answers().containsKey(Advice.LevelVibrato.TOPIC)) return new Advice.LevelVibrato();
        Optional<Advice> unread = asFound();
        if (unread.isPresent()) return unread.get();
        if (job.chosen().order() == WorkOrder.BALLPARK_FIRST) {
            Optional<Advice> near = roughSaddle();
            if (near.isPresent()) return near.get();
        }
        List<Advice.Done> results = new ArrayList<>();
        for (Station station : Station.values()) {
            // what was not read is not worked at: the readings were declined
            if (!job.agreed(station) || notRead(station)) continue;
            if (station == Station.NUT && job.chosen().order() == WorkOrder.SADDLE_ROUGH_FIRST) {
                Optional<Advice> near = roughSaddle();
                if (near.isPresent()) return near.get();
            }
            Advice advice = at(station);
            if (advice instanceof Advice.Done done) results.add(done);
            else if (!job.declined(advice.topic())) return advice;
        }
        Optional<Advice> recheck = recheck();
        if (recheck.isPresent()) return recheck.get();
        // with one station agreed on, its own verdict is the whole story
        if (results.size() == 1 && job.chosen().scope().size() == 1) return results.getFirst();
        return new Advice.Finished(List.copyOf(results), declined());
    }

    /** The setup as expected when an advice is followed; empty when it moves nothing. */
    public static Optional<SetupEstimate> expected(JobState job, Advice advice) {
        return switch (advice) {
            case Advice.TurnRod turn -> Optional.of(RodAdvisor.after(job, turn.net()));
            case Advice.Adjusting move ->
                Optional.of(job.estimate().after(move.event(job.spec()).moves(job.spec())));
            default -> Optional.empty();
        };
    }

    /** The advice of one station alone, as if it were its turn. */
    private Advice at(Station station) {
        return switch (station) {
            case RELIEF -> RodAdvisor.advise(job, now);
            case NUT -> NutAdvisor.advise(job, tools);
            case ACTION -> BridgeAdvisor.advise(job, tools);
            case INTONATION -> IntonationAdvisor.advise(job);
            case PICKUPS -> PickupAdvisor.advise(job);
        };
    }

    /** Whether the readings that a station begins with were declined. */
    private boolean notRead(Station station) {
        return station.height()
                ? !HeightLook.unread(job, station).isEmpty()
                : job.declined(Advice.Measure.unread(station))
                        && !unread(station).isEmpty();
    }

    /** Strings, or pickups, of a station that were never read on this job. */
    private List<Integer> unread(Station station) {
        return switch (station) {
            case RELIEF, NUT, ACTION -> HeightLook.unread(job, station);
            case INTONATION -> Intonation.of(job).unread();
            case PICKUPS -> PickupAdvisor.unread(job);
        };
    }

    private boolean heights() {
        return job.agreed(Station.NUT) || job.agreed(Station.ACTION);
    }

    /** As found comes first, station by station, before anything is touched. */
    private Optional<Advice> asFound() {
        for (Station station : Station.values()) {
            List<Integer> unread = unread(station);
            if (!job.agreed(station) || unread.isEmpty() || job.declined(Advice.Measure.unread(station))) continue;
            return Optional.of(new Advice.Measure(station, unread, Advice.Measure.Reason.FIRST));
        }
        return Optional.empty();
    }

    private Optional<Advice> roughSaddle() {
        return job.agreed(Station.ACTION) ? BridgeAdvisor.roughly(job) : Optional.empty();
    }

    /** What was moved, or moved along, since it was last read. */
    private Optional<Advice> recheck() {
        if (job.declined("recheck")) return Optional.empty();
        for (Station station : Station.HEIGHTS) {
            List<Integer> strings = recheck(job, station);
            if (!strings.isEmpty())
                return Optional.of(new Advice.Measure(
                        station,
                        strings,
                        Advice.Measure.Reason.RECHECK,
                        HeightLook.finer(job, tools, station, strings)));
        }
        return Optional.empty();
    }

    /** The strings of a station whose value is predicted, not read, since something moved. */
    public static List<Integer> recheck(JobState job, Station station) {
        if (!job.agreed(station)) return List.of();
        return job.strings(station).stream()
                .map(s -> Judged.of(job, station, s))
                .filter(j -> j.read() && j.unconfirmed())
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
