package barytone.core.station.relief;

import barytone.core.advice.Advice;
import barytone.core.estimate.Normal;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.RodType;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The stop rule of the rod: a rod is not turned on where that could break something. It is stiff again after easing; turn after turn did nothing; it answered the wrong
 * way; it is as tight as was allowed, or so loose that it holds nothing. What is broken here costs a neck.
 */
final class StopRule {
    /** So often stiff, with an easing between, it is not forced. */
    private static final int STIFF = 2;

    /** A response under this share of the earlier ones counts as none. */
    private static final double FADED = 0.25;

    /** Free play of a double-action rod is searched this far before it counts as a fault, in sixteenths. */
    private static final int FREE_PLAY_LIMIT = 16;

    /** A change smaller than this is not seen as a movement, in mm. */
    private static final double NOTICEABLE = 0.02;

    /** A step that should have done more than so many spreads, and did not, tells something. */
    private static final double TOLD = 2;

    /** What a usual rod does, mm per turn, nearer to the weaker ones. */
    private static final double USUAL = 0.45;

    /** What relief drifts by between two looks, mm (1 sd). */
    private static final double DRIFT = 0.006;

    /** Loosened this much from where it was found a rod holds nothing any more, in sixteenths. */
    private static final int LOOSE = 24;

    private final JobState job;

    StopRule(JobState job) {
        this.job = job;
    }

    /** A turn that would go past the set limit is not made. */
    Advice within(ReliefAdvice.TurnRod turn) {
        Turns straightening = ReliefState.of(job).reversed() ? turn.net().negated() : turn.net();
        boolean past = straightening.sixteenths() > 0
                && ReliefState.of(job)
                                .tightened()
                                .plus(straightening)
                                .compareTo(RodWays.of(job).limit())
                        > 0;
        boolean loose = straightening.sixteenths() < 0
                && ReliefState.of(job).tighterThanFound().sixteenths() <= -LOOSE;
        if (loose) return new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.SLACK, null);
        return past ? new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.LIMIT, null) : turn;
    }

    /** Signs that turning on could break something, from what the last steps did. */
    Optional<Advice> fault() {
        if (ReliefState.of(job).stiffReports() >= STIFF)
            return Optional.of(new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.STIFF, null));
        List<RodStep> measured = ReliefState.of(job).steps().stream()
                .filter(s -> s.change() != null)
                .toList();
        if (!ReliefState.of(job).steps().isEmpty()
                && ReliefState.of(job).steps().getLast().change() == null)
            return unanswered(ReliefState.of(job).steps().getLast());
        if (measured.isEmpty()) return Optional.empty();
        RodStep last = measured.getLast();
        Normal change = Objects.requireNonNull(last.change());
        double direction = (ReliefState.of(job).reversed() ? 1 : -1)
                * Math.signum(last.net().value());
        // read again with the same result, the earlier reading must have been off: what stands now is believed
        boolean readAgain = job.reliefStrings().stream()
                .allMatch(s -> HeightVerdict.of(job, Station.RELIEF, s).repeats() >= 3);
        boolean said = job.answers().containsKey(last.wayTopic());
        if (!readAgain && !said && change.mean() * direction < -Math.max(NOTICEABLE, 2 * change.sd())) {
            // one side alone accuses nobody
            List<Integer> unread = job.reliefStrings().stream()
                    .filter(s -> !ReliefState.of(job).readSinceTurn(job, s))
                    .toList();
            return Optional.of(
                    unread.isEmpty()
                            ? new ReliefAdvice.WrongWay(last)
                            : new Advice.Measure(Station.RELIEF, unread, Advice.Measure.Reason.STALE));
        }
        if (allIn() || !faded(last, measured)) return Optional.empty();
        if (job.spec().rod() == RodType.DOUBLE && freePlay(measured) < FREE_PLAY_LIMIT)
            return Optional.of(new ReliefAdvice.FreePlay(last));
        boolean searched = job.spec().rod() == RodType.DOUBLE && freePlay(measured) >= FREE_PLAY_LIMIT;
        if (!searched && (measured.size() < 2 || !faded(measured.get(measured.size() - 2), measured)))
            return Optional.empty();
        boolean loosening = ReliefState.of(job).reversed() == last.net().sixteenths() > 0;
        return Optional.of(new ReliefAdvice.Stop(
                loosening ? ReliefAdvice.Stop.Reason.SLACK : ReliefAdvice.Stop.Reason.NO_RESPONSE, last));
    }

    /** Loosened on and on while the string still shows no gap: the strings pull no further. */
    private Optional<Advice> unanswered(RodStep open) {
        boolean loosening = ReliefState.of(job).reversed() == open.net().sixteenths() > 0;
        boolean read =
                job.reliefStrings().stream().allMatch(s -> ReliefState.of(job).readSinceTurn(job, s));
        boolean noGap = sides().stream().anyMatch(HeightVerdict::noGap);
        return loosening && read && noGap && Math.abs(open.net().sixteenths()) >= FREE_PLAY_LIMIT
                ? Optional.of(new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.SLACK, open))
                : Optional.empty();
    }

    private boolean allIn() {
        return sides().stream().allMatch(j -> j.outside() == 0);
    }

    /** Whether a step did under a quarter of what earlier steps did, or of what a rod usually does. */
    private boolean faded(RodStep step, List<RodStep> measured) {
        double usual = measured.stream()
                .takeWhile(s -> s.turn() != step.turn())
                .map(RodStep::perTurn)
                .filter(Objects::nonNull)
                .mapToDouble(n -> Math.abs(n.mean()))
                .max()
                .orElse(0);
        // with nothing to compare with, a usual rod is the measure
        double reference = Math.max(usual, USUAL);
        Normal perTurn = step.perTurn();
        Normal change = step.change();
        return perTurn != null
                && change != null
                && Math.abs(perTurn.mean()) < FADED * reference
                && reference * Math.abs(step.net().value()) > TOLD * Math.hypot(change.sd(), DRIFT);
    }

    /** How far free play was searched for, in sixteenths: turns that were noted as free, and turns that did nothing. */
    private int freePlay(List<RodStep> measured) {
        return turnedWithoutEffect(measured)
                + Math.abs(ReliefState.of(job).freeTurns().sixteenths());
    }

    private static int turnedWithoutEffect(List<RodStep> measured) {
        int sixteenths = 0;
        for (RodStep step : measured.reversed()) {
            Normal change = step.change();
            if (change != null && Math.abs(change.mean()) > Math.max(NOTICEABLE, 2 * change.sd())) break;
            sixteenths += Math.abs(step.net().sixteenths());
        }
        return sixteenths;
    }

    private List<HeightVerdict> sides() {
        return job.reliefStrings().stream()
                .map(s -> HeightVerdict.of(job, Station.RELIEF, s))
                .toList();
    }
}
