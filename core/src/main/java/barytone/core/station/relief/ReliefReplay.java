package barytone.core.station.relief;

import barytone.core.estimate.Move;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.Fit;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Look;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.quantity.Turns;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the rod was turned by, what it answered, and until when the neck settles. */
final class ReliefReplay implements RoomReplay {
    private final InstrumentSpec spec;
    private final Fit fit;
    private final RodHistory rod;
    private final Leverage leverage;
    private final Set<Long> ranFree = new HashSet<>();
    private final Set<Long> otherWay = new HashSet<>();
    private final Set<Long> movedBefore = new HashSet<>();
    private boolean reversed;
    private Turns netTurns = Turns.NONE;
    private Turns freeTurns = Turns.NONE;
    private @Nullable Instant settledAt;
    private @Nullable Instant latest;
    private @Nullable LoggedEvent lastTurn;
    private int stiffReports;
    private boolean slackRod;

    ReliefReplay(InstrumentSpec spec, List<LoggedEvent> counted) {
        this.spec = spec;
        this.fit = new Fit(spec);
        this.rod = new RodHistory(spec);
        this.leverage = new Leverage(spec.line());
        // what is said later about an earlier entry counts from the start
        for (LoggedEvent logged : counted) {
            switch (logged.event()) {
                case ReliefEvent.RodRanFree e -> ranFree.add(e.turn());
                case ReliefEvent.RodTurnedOtherWay e -> otherWay.add(e.turn());
                case ReliefEvent.RodDirectionLearned e -> reversed = e.straightensAnticlockwise();
                case JobEvent.ReadingMoved e -> movedBefore.add(e.reading());
                default -> {}
            }
        }
    }

    @Override
    public boolean fits(JobEvent event) {
        return !(event instanceof ReliefEvent.TargetSet set)
                || fit.onTheBoard(set.target().method());
    }

    @Override
    public SetupModel startsFrom(SetupModel usual) {
        return reversed ? spec.model(true) : usual;
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        clockAt(logged.at());
        switch (logged.event()) {
            case ReliefEvent e -> own(logged, e, job);
            case Adjustment ignored -> leverage.otherwiseMoved();
            case JobEvent.MovedUncounted ignored -> leverage.otherwiseMoved();
            case JobEvent.Moved ignored -> leverage.otherwiseMoved();
            case JobEvent.StringsChanged ignored -> leverage.otherwiseMoved();
            case JobEvent.ReadingTaken ignored -> {
                if (movedBefore.contains(logged.seq())) leverage.otherwiseMoved();
            }
            default -> {}
        }
    }

    private void own(LoggedEvent logged, ReliefEvent event, Progress job) {
        switch (event) {
            case ReliefEvent.RodTurned e -> turn(logged, e, job);
            case ReliefEvent.SettlingSkipped ignored -> settledAt = null;
            case ReliefEvent.RodStiff ignored -> stiffReports++;
            case ReliefEvent.RodDirectionLearned ignored ->
                rod.measured().ifPresent(step -> job.answered(step.wayTopic(), true));
            case ReliefEvent.RodRanFree ignored -> {}
            case ReliefEvent.RodTurnedOtherWay ignored -> {}
            case ReliefEvent.TargetSet ignored -> {}
            case ReliefEvent.RodWaysSet ignored -> {}
        }
    }

    /** A clock that was set back makes no wait longer: it goes on from this entry with what was left of it. */
    private void clockAt(Instant at) {
        if (latest != null && settledAt != null && at.isBefore(latest))
            settledAt = settledAt.minus(Duration.between(at, latest));
        latest = at;
    }

    private void turn(LoggedEvent logged, ReliefEvent.RodTurned e, Progress job) {
        stiffReports = 0;
        boolean bentBack =
                job.looks(Station.RELIEF).values().stream().map(Look::reading).anyMatch(r -> r.noGap() || r.mm() < 0);
        boolean curing = job.setups().asFound() && (bentBack || slackRod);
        slackRod = e.free() || ranFree.contains(logged.seq());
        if (slackRod) {
            freeTurns = freeTurns.plus(e.net());
            return;
        }
        Turns net = otherWay.contains(logged.seq()) ? e.net().negated() : e.net();
        rod.turned(logged.seq(), net, job.estimate());
        job.move(new Move.RodTurned(net.value(), rod.mayRunFree(net)));
        if (curing) job.cured();
        netTurns = netTurns.plus(net);
        job.touched(Station.RELIEF, spec.everyString());
        settledAt = SettleTime.after(logged.at(), job.chosen().the(RodWays.class));
        lastTurn = logged;
    }

    @Override
    public void uncounted(List<Integer> strings, Progress job) {
        job.move(new Move.ReliefUnknown(spec.everyString()));
        job.touched(Station.ACTION, spec.everyString());
        job.touched(Station.RELIEF, spec.everyString());
    }

    /** Where no gap was found nobody knows how much is missing: the rod's answer does not follow from it. */
    @Override
    public Optional<Move> unknown(List<Integer> strings) {
        return Optional.of(new Move.ReliefUnknown(strings));
    }

    @Override
    public void believed(TakenReading taken, boolean blind, Progress job) {
        leverage.read(taken);
        if (!blind && !taken.noGap())
            rod.answered(
                    taken.reading(), taken.evidence(), job.estimate().model().standard());
        else if (taken.station() == Station.RELIEF) rod.unmeasured(!taken.noGap());
    }

    @Override
    public boolean early(Instant at) {
        return settledAt != null && at.isBefore(settledAt);
    }

    @Override
    public ReliefState state(Setups setups) {
        return new ReliefState(
                rod.steps(),
                netTurns,
                freeTurns,
                settledAt,
                SettleTime.waits(lastTurn, settledAt, rod.steps()),
                latest,
                stiffReports,
                reversed,
                slackRod,
                leverage.share());
    }
}
