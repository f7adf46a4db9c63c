package barytone.core.joblog;

import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Computes the state of a job from its log. The same log always gives the same state. */
public final class JobReplay {
    /** A reading this many standard deviations from the expected one is measured again before it is believed. */
    public static final double SURPRISE = 3;

    /** Share of the last step by which a neck that has not settled may still move (1 sd). */
    private static final double CREEP = 0.10;

    private final InstrumentSpec spec;
    private final Set<Long> undone;
    private final Set<Long> kept = new HashSet<>();
    private final Set<Long> dropped = new HashSet<>();
    private final Set<Long> ranFree = new HashSet<>();
    private final Set<Long> otherWay = new HashSet<>();
    private boolean reversed;

    private SetupEstimate estimate;
    private @Nullable SetupEstimate beforeMoves;
    private final List<TakenReading> readings = new ArrayList<>();
    private final List<RodStep> steps = new ArrayList<>();
    private final Map<Integer, Normal> stepChanges = new HashMap<>();
    private @Nullable SetupEstimate beforeStep;
    private Turns netTurns = Turns.NONE;
    private int turnsMade;
    private OptionalLong offPitchSince = OptionalLong.empty();
    private @Nullable Instant settledAt;
    private @Nullable Instant last;
    private int stiffReports;
    private ReliefTarget target;
    private ReliefHabit habit;
    private RodWays ways = RodWays.USUAL;
    private boolean closed;

    private JobReplay(InstrumentSpec spec, ReliefTarget target, ReliefHabit habit, List<LoggedEvent> log) {
        this.spec = spec;
        this.target = target;
        this.habit = habit;
        this.undone = undone(log);
        // what is said later about an earlier entry counts from the start
        for (LoggedEvent logged : log) {
            if (undone.contains(logged.seq())) continue;
            switch (logged.event()) {
                case JobEvent.ReadingKept e -> kept.add(e.reading());
                case JobEvent.ReadingDropped e -> dropped.add(e.reading());
                case JobEvent.RodRanFree e -> ranFree.add(e.turn());
                case JobEvent.RodTurnedOtherWay e -> otherWay.add(e.turn());
                case JobEvent.RodDirectionLearned e -> reversed = e.straightensAnticlockwise();
                default -> {}
            }
        }
        this.estimate = SetupEstimate.before(spec.model(reversed));
    }

    /**
     * Replays a log.
     *
     * @param target the relief wanted until the log says otherwise
     * @param habit the way of reading until the log says otherwise
     * @param log events in order of their place
     */
    public static JobState of(InstrumentSpec spec, ReliefTarget target, ReliefHabit habit, List<LoggedEvent> log) {
        JobReplay replay = new JobReplay(spec, target, habit, log);
        for (LoggedEvent logged : log) {
            if (!replay.undone.contains(logged.seq())) replay.play(logged);
        }
        return replay.state();
    }

    /** The places of events that were undone and not redone. */
    public static Set<Long> undone(List<LoggedEvent> log) {
        Set<Long> undone = new HashSet<>();
        for (LoggedEvent logged : log) {
            if (logged.event() instanceof JobEvent.Undone e) undone.add(e.event());
            if (logged.event() instanceof JobEvent.Redone e) undone.remove(e.event());
        }
        return undone;
    }

    private void play(LoggedEvent logged) {
        switch (logged.event()) {
            case JobEvent.ReadingTaken e -> read(logged, e);
            case JobEvent.RodTurned e -> turn(logged, e);
            case JobEvent.Moved e -> {
                pass(logged.at());
                if (beforeMoves == null) beforeMoves = estimate;
                estimate = estimate.after(e.move());
            }
            case JobEvent.Retuned ignored -> {
                if (offPitchSince.isPresent()) estimate = estimate.after(new Move.Retuned());
                offPitchSince = OptionalLong.empty();
            }
            case JobEvent.SettlingSkipped ignored -> settledAt = null;
            case JobEvent.RodStiff ignored -> stiffReports++;
            case JobEvent.TargetSet e -> target = e.target();
            case JobEvent.HabitSet e -> habit = e.habit();
            case JobEvent.RodWaysSet e -> ways = e.ways();
            case JobEvent.Closed ignored -> closed = true;
            case JobEvent.Reopened ignored -> closed = false;
            case JobEvent.ReadingKept ignored -> {}
            case JobEvent.ReadingDropped ignored -> {}
            case JobEvent.RodRanFree ignored -> {}
            case JobEvent.RodTurnedOtherWay ignored -> {}
            case JobEvent.RodDirectionLearned ignored -> {}
            case JobEvent.NoteWritten ignored -> {}
            case JobEvent.Undone ignored -> {}
            case JobEvent.Redone ignored -> {}
        }
    }

    private void pass(Instant at) {
        if (last != null && at.isAfter(last)) estimate = estimate.after(new Move.Rested(Duration.between(last, at)));
        last = at;
    }

    private void turn(LoggedEvent logged, JobEvent.RodTurned e) {
        pass(logged.at());
        stiffReports = 0;
        offPitchSince = OptionalLong.of(logged.seq());
        if (e.free() || ranFree.contains(logged.seq())) return;
        Turns net = otherWay.contains(logged.seq()) ? e.net().negated() : e.net();
        if (beforeMoves == null) beforeMoves = estimate;
        RodStep open = steps.isEmpty() ? null : steps.getLast();
        if (open != null && open.change() == null) {
            steps.removeLast();
            steps.add(new RodStep(logged.seq(), open.net().plus(net), null));
        } else {
            beforeStep = estimate;
            stepChanges.clear();
            steps.add(new RodStep(logged.seq(), net, null));
        }
        estimate = estimate.after(new Move.RodTurned(net.value(), mayRunFree(net)));
        netTurns = netTurns.plus(net);
        turnsMade++;
        settledAt = ways.settleMinutes() == 0 ? null : logged.at().plus(Duration.ofMinutes(ways.settleMinutes()));
    }

    /** A double-action rod may be in its dead zone until it has answered in this direction. */
    private boolean mayRunFree(Turns net) {
        return spec.rod() == RodType.DOUBLE
                && steps.stream()
                        .filter(s -> s.net().sixteenths() * net.sixteenths() > 0)
                        .map(RodStep::change)
                        .noneMatch(change -> change != null && Math.abs(change.mean()) > 2 * change.sd());
    }

    private void read(LoggedEvent logged, JobEvent.ReadingTaken e) {
        pass(logged.at());
        boolean early = settledAt != null && logged.at().isBefore(settledAt);
        Evidence evidence = Evidence.of(e.gap(), e.method(), e.tool(), e.position(), early ? creep(e) : 0);
        Normal expected = estimate.now(e.string(), e.method());
        ReadingStatus status = status(logged.seq(), e, evidence);
        TakenReading taken =
                new TakenReading(logged.seq(), logged.at(), e, evidence, expected, status, early, turnsMade);
        if (status == ReadingStatus.SURPRISING && agreesWithDoubted(taken)) taken = taken.with(ReadingStatus.BELIEVED);
        readings.add(taken);
        if (taken.status() == ReadingStatus.BELIEVED) believe(taken);
    }

    private double creep(JobEvent.ReadingTaken e) {
        return e.method() instanceof GapMethod.Relief relief && !steps.isEmpty()
                ? CREEP
                        * Math.abs(steps.getLast().net().value()
                                * estimate.rodResponse(e.string(), relief).mean())
                : 0;
    }

    private ReadingStatus status(long seq, JobEvent.ReadingTaken e, Evidence evidence) {
        if (dropped.contains(seq)) return ReadingStatus.DROPPED;
        if (kept.contains(seq)) return ReadingStatus.BELIEVED;
        if (offPitchSince.isPresent()) return ReadingStatus.OFF_PITCH;
        boolean anythingKnown = readings.stream().anyMatch(r -> r.status() == ReadingStatus.BELIEVED);
        return anythingKnown && estimate.surprise(e.string(), e.method(), evidence) > SURPRISE
                ? ReadingStatus.SURPRISING
                : ReadingStatus.BELIEVED;
    }

    /** A second reading that says the same as a doubted one on the same string settles the doubt: both are believed. */
    private boolean agreesWithDoubted(TakenReading taken) {
        for (int i = readings.size() - 1; i >= 0; i--) {
            TakenReading earlier = readings.get(i);
            if (earlier.status() != ReadingStatus.SURPRISING
                    || earlier.afterTurns() != turnsMade
                    || earlier.reading().string() != taken.reading().string()) continue;
            SetupEstimate ifTrue = estimate.givenAgainstExpectation(
                    earlier.reading().string(), earlier.reading().method(), earlier.evidence());
            if (ifTrue.surprise(taken.reading().string(), taken.reading().method(), taken.evidence()) > SURPRISE)
                continue;
            TakenReading believed = earlier.with(ReadingStatus.BELIEVED);
            readings.set(i, believed);
            believe(believed);
            return true;
        }
        return false;
    }

    private void believe(TakenReading taken) {
        JobEvent.ReadingTaken e = taken.reading();
        noteResponse(e, taken.evidence());
        // an earlier doubted reading of the same gap is answered by one that fits
        for (int i = 0; i < readings.size(); i++) {
            TakenReading other = readings.get(i);
            if (other.seq() < taken.seq()
                    && other.status() == ReadingStatus.SURPRISING
                    && other.reading().string() == e.string()) readings.set(i, other.with(ReadingStatus.DROPPED));
        }
        estimate = estimate.surprise(e.string(), e.method(), taken.evidence()) > SURPRISE
                ? estimate.givenAgainstExpectation(e.string(), e.method(), taken.evidence())
                : estimate.given(e.string(), e.method(), taken.evidence());
    }

    /** Compares a reading with what the same method would have read before the step. */
    private void noteResponse(JobEvent.ReadingTaken e, Evidence evidence) {
        if (steps.isEmpty() || beforeStep == null || !(e.method() instanceof GapMethod.Relief)) return;
        Normal before = beforeStep.now(e.string(), e.method());
        double value = switch (evidence) {
            case Evidence.Point p -> p.value();
            // a one-sided finding only measures a change that it contradicts
            case Evidence.Below b -> Math.min(b.limit(), before.mean());
            case Evidence.Above a -> Math.max(a.limit(), before.mean());
        };
        double toStandard = spec.line().form(estimate.model().standard()).curvature()
                / spec.line().form(e.method()).curvature();
        stepChanges.put(
                e.string(),
                new Normal(value - before.mean(), Math.hypot(before.sd(), evidence.sd())).times(toStandard));
        double mean = stepChanges.values().stream()
                .mapToDouble(Normal::mean)
                .average()
                .orElseThrow();
        double variance =
                stepChanges.values().stream().mapToDouble(n -> n.sd() * n.sd()).sum();
        RodStep open = steps.removeLast();
        steps.add(new RodStep(open.turn(), open.net(), new Normal(mean, Math.sqrt(variance) / stepChanges.size())));
    }

    private JobState state() {
        return new JobState(
                spec,
                estimate,
                beforeMoves,
                List.copyOf(readings),
                List.copyOf(steps),
                netTurns,
                offPitchSince,
                settledAt,
                stiffReports,
                reversed,
                target,
                habit,
                ways,
                closed,
                Set.copyOf(undone));
    }
}
