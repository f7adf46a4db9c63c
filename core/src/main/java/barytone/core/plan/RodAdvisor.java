package barytone.core.plan;

import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.RodType;
import barytone.core.joblog.JobState;
import barytone.core.joblog.RodStep;
import barytone.core.quantity.Turns;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Decides the next move at the relief station. The rules, in order: stop where turning on
 * could break something; measure what is unknown or stale, and only that; let the neck settle before a verdict; turn by the
 * step that brings both sides nearest to the middle of their bands.
 */
public final class RodAdvisor {
    /** A response under this share of the earlier ones counts as none. */
    private static final double FADED = 0.25;

    /** Free play of a double-action rod is searched this far before it counts as a fault, in sixteenths. */
    private static final int FREE_PLAY_LIMIT = 16;

    /** A change smaller than this is not seen as a movement, in mm. */
    private static final double NOTICEABLE = 0.02;

    /** Loosened past the target by this much when the last move shall be a tightening. */
    private static final Turns PAST = Turns.EIGHTH;

    /** A turn must bring the sides nearer to their bands by so much, all together, or it is not worth making; mm. */
    private static final double SEEN = 0.01;

    private final JobState job;
    private final Toolkit tools;
    private final Instant now;
    private final ReliefTarget target;

    private RodAdvisor(JobState job, Toolkit tools, Instant now) {
        this.job = job;
        this.tools = tools;
        this.now = now;
        this.target = job.target().in(job.habit().method(), job.spec().line());
    }

    /** The next move at the rod at a moment. */
    static Advice advise(JobState job, Toolkit tools, Instant now) {
        return new RodAdvisor(job, tools, now).advise();
    }

    /** The band of a string in the current habit. */
    public static Band band(JobState job, int string) {
        return new RodAdvisor(job, Toolkit.USUAL, Instant.MIN).band(string);
    }

    private Band band(int string) {
        return string == 1 ? target.treble() : target.bass();
    }

    private Advice advise() {
        if (job.stiffReports() >= 2) return new Advice.Stop(Advice.Stop.Reason.STIFF, null);
        Optional<Advice> fault = fault();
        if (fault.isPresent()) return fault.get();
        List<Judged> sides = sides();
        List<Integer> stale = sides.stream()
                .filter(j -> !job.readSinceTurn(j.string()) && j.stale())
                .map(Judged::string)
                .toList();
        if (!stale.isEmpty()) return new Advice.Measure(Station.RELIEF, stale, Advice.Measure.Reason.STALE);
        // in band is left, and so is what is out by less than can be told
        if (sides.stream().allMatch(j -> j.outside() == 0))
            return HeightLook.wanted(job, tools, Station.RELIEF).orElseGet(() -> settled(doneReason()));
        if (job.spec().rod() == RodType.NONE) return new Advice.Stop(Advice.Stop.Reason.NO_ROD, null);
        Advice.TurnRod turn = turn();
        boolean blind = sides.stream().anyMatch(Judged::noGap);
        if (turn.net().isZero() || (!blind && outside(current()) - outside(turn.expected()) < SEEN))
            return settled(
                    sides.stream().allMatch(j -> j.outside() != 0)
                            ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                            : Advice.Done.Reason.SIDES_DIFFER);
        return withinLimit(turn);
    }

    private List<Judged> sides() {
        return job.reliefStrings().stream()
                .map(s -> Judged.of(job, Station.RELIEF, s))
                .toList();
    }

    /** A turn that would go past the set limit is not made. */
    private Advice withinLimit(Advice.TurnRod turn) {
        Turns straightening = job.reversed() ? turn.net().negated() : turn.net();
        boolean past = straightening.sixteenths() > 0
                && job.tighterThanFound()
                                .plus(straightening)
                                .compareTo(job.ways().limit())
                        > 0;
        return past ? new Advice.Stop(Advice.Stop.Reason.LIMIT, null) : turn;
    }

    private Advice.Done.Reason doneReason() {
        return job.steps().isEmpty() ? Advice.Done.Reason.LEAVE_IT : Advice.Done.Reason.IN_BAND;
    }

    /** Before it is called done: the neck has settled, and was looked at since. */
    private Advice settled(Advice.Done.Reason reason) {
        Instant settledAt = job.settledAt();
        Instant until = job.settlesAt(now);
        if (until != null) return new Advice.Settle(until);
        List<Integer> unconfirmed = job.reliefStrings().stream()
                .filter(s -> !job.readSinceTurn(s)
                        || (settledAt != null
                                && job.lastRelief(s).filter(r -> r.early()).isPresent()))
                .toList();
        return unconfirmed.isEmpty()
                ? new Advice.Done(Station.RELIEF, reason)
                : new Advice.Measure(Station.RELIEF, unconfirmed, Advice.Measure.Reason.SECOND_LOOK);
    }

    private Map<Integer, Normal> current() {
        Map<Integer, Normal> current = new LinkedHashMap<>();
        for (Judged j : sides()) current.put(j.string(), j.value());
        return current;
    }

    /** How far all sides are outside of their bands together, mm. */
    private double outside(Map<Integer, Normal> relief) {
        return relief.entrySet().stream()
                .mapToDouble(e -> Math.abs(band(e.getKey()).outside(e.getValue().mean())))
                .sum();
    }

    /** The turn that brings both sides nearest to the middle of their bands, limited to one step, in sixteenths. */
    private Advice.TurnRod turn() {
        double towards = 0;
        double power = 0;
        for (int s : job.reliefStrings()) {
            double response =
                    job.estimate().rodResponse(s, job.habit().method()).mean() / band(s).width();
            towards += response * (band(s).middle() - job.relief(s).mean()) / band(s).width();
            power += response * response;
        }
        double wanted = power == 0 ? 0 : towards / power;
        double step = job.ways().step().value();
        Turns net = Turns.nearest(Math.clamp(wanted, -step, step));
        boolean learned = job.steps().stream().anyMatch(s -> s.change() != null);
        return turn(net, wanted, learned);
    }

    private Advice.TurnRod turn(Turns net, double wanted, boolean learned) {
        boolean loosening = (job.reversed() ? net.negated() : net).sixteenths() < 0;
        boolean stiffTry = job.stiffReports() == 1;
        Turns tighten = job.reversed() ? PAST.negated() : PAST;
        List<Turns> path = new ArrayList<>();
        if (loosening && job.ways().finishTightening() && !net.isZero()) {
            path.add(net.plus(tighten.negated()));
            path.add(tighten);
        } else if (stiffTry && !net.isZero()) {
            path.add(tighten.negated());
            path.add(net.plus(tighten));
        } else {
            path.add(net);
        }
        return new Advice.TurnRod(
                net,
                List.copyOf(path),
                stiffTry,
                wanted,
                job.estimate().rodResponse(job.spec().bassString(), job.habit().method()),
                learned,
                expected(job, net));
    }

    /** Relief of both sides after a turn, in mm of the current habit, before anything is read. */
    public static Map<Integer, Normal> expected(JobState job, Turns net) {
        SetupEstimate after = after(job, net);
        Map<Integer, Normal> expected = new LinkedHashMap<>();
        for (int s : job.reliefStrings())
            expected.put(s, after.now(s, job.habit().method()));
        return expected;
    }

    /** The expected setup after a turn. */
    public static SetupEstimate after(JobState job, Turns net) {
        return job.estimate().after(new Move.RodTurned(net.value(), false));
    }

    /** Signs that turning on could break something, from what the last steps did. */
    private Optional<Advice> fault() {
        List<RodStep> measured =
                job.steps().stream().filter(s -> s.change() != null).toList();
        if (!job.steps().isEmpty() && job.steps().getLast().change() == null)
            return unanswered(job.steps().getLast());
        if (measured.isEmpty()) return Optional.empty();
        RodStep last = measured.getLast();
        Normal change = Objects.requireNonNull(last.change());
        double direction = (job.reversed() ? 1 : -1) * Math.signum(last.net().value());
        // read again with the same result, the earlier reading must have been off: what stands now is believed
        boolean readAgain = job.reliefStrings().stream()
                .allMatch(s -> Judged.of(job, Station.RELIEF, s).repeats() >= 3);
        if (!readAgain && change.mean() * direction < -Math.max(NOTICEABLE, 2 * change.sd()))
            return Optional.of(new Advice.WrongWay(last));
        if (allIn() || !faded(last, measured)) return Optional.empty();
        if (job.spec().rod() == RodType.DOUBLE && turnedWithoutEffect(measured) < FREE_PLAY_LIMIT)
            return Optional.of(new Advice.FreePlay(last));
        if (measured.size() < 2 || !faded(measured.get(measured.size() - 2), measured)) return Optional.empty();
        boolean loosening = job.reversed() == last.net().sixteenths() > 0;
        return Optional.of(
                new Advice.Stop(loosening ? Advice.Stop.Reason.SLACK : Advice.Stop.Reason.NO_RESPONSE, last));
    }

    /** Loosened on and on while the string still shows no gap: the strings pull no further. */
    private Optional<Advice> unanswered(RodStep open) {
        boolean loosening = job.reversed() == open.net().sixteenths() > 0;
        boolean read = job.reliefStrings().stream().allMatch(job::readSinceTurn);
        boolean noGap = sides().stream().anyMatch(Judged::noGap);
        return loosening && read && noGap && Math.abs(open.net().sixteenths()) >= FREE_PLAY_LIMIT
                ? Optional.of(new Advice.Stop(Advice.Stop.Reason.SLACK, open))
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
        double reference = Math.max(usual, 0.3);
        Normal perTurn = step.perTurn();
        Normal change = step.change();
        return perTurn != null
                && change != null
                && Math.abs(perTurn.mean()) < FADED * reference
                && reference * Math.abs(step.net().value()) > 2 * change.sd();
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
}
