package barytone.core.plan;

import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.Verdict;
import barytone.core.instrument.RodType;
import barytone.core.joblog.JobState;
import barytone.core.joblog.RodStep;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
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

    private final JobState job;
    private final Instant now;
    private final ReliefTarget target;

    private RodAdvisor(JobState job, Instant now) {
        this.job = job;
        this.now = now;
        this.target = job.target().in(job.habit().method(), job.spec().line());
    }

    /** The next move at the rod at a moment. */
    static Advice advise(JobState job, Instant now) {
        return new RodAdvisor(job, now).advise();
    }

    /** The band of a string in the current habit. */
    public static Band band(JobState job, int string) {
        return new RodAdvisor(job, Instant.MIN).band(string);
    }

    private Band band(int string) {
        return string == 1 ? target.treble() : target.bass();
    }

    private Advice advise() {
        if (job.stiffReports() >= 2) return new Advice.Stop(Advice.Stop.Reason.STIFF, null);
        Optional<Advice> fault = fault();
        if (fault.isPresent()) return fault.get();
        List<Integer> stale = job.reliefStrings().stream()
                .filter(s -> !job.readSinceTurn(s) && band(s).stale(job.relief(s)))
                .toList();
        if (!stale.isEmpty()) return new Advice.Measure(Station.RELIEF, stale, Advice.Measure.Reason.STALE);
        return verdicts();
    }

    private Advice verdicts() {
        List<Verdict> verdicts = job.reliefStrings().stream()
                .map(s -> band(s).verdict(job.relief(s)))
                .toList();
        if (verdicts.stream().allMatch(v -> v == Verdict.IN)) {
            return surely(settled(doneReason()));
        }
        boolean undecided = verdicts.stream().allMatch(v -> v == Verdict.IN || v == Verdict.CANNOT_TELL);
        if (undecided) {
            List<Integer> coarse = job.reliefStrings().stream()
                    .filter(s -> band(s).verdict(job.relief(s)) == Verdict.CANNOT_TELL && coarselyRead(s))
                    .toList();
            if (!coarse.isEmpty() && !job.declined(Advice.Measure.closer(Station.RELIEF)))
                return new Advice.Measure(Station.RELIEF, coarse, Advice.Measure.Reason.FINER_TOOL);
        }
        if (job.spec().rod() == RodType.NONE) {
            return undecided
                    ? new Advice.Done(Station.RELIEF, Advice.Done.Reason.LEAVE_IT)
                    : new Advice.Stop(Advice.Stop.Reason.NO_ROD, null);
        }
        Advice.TurnRod turn = turn();
        if (turn.net().isZero())
            return surely(settled(undecided ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES : Advice.Done.Reason.SIDES_DIFFER));
        // at the edge of a band a turn must be worth making
        if (undecided && chance(turn.expected()) < chance(current()) + 0.1)
            return surely(settled(Advice.Done.Reason.AS_NEAR_AS_IT_GOES));
        return withinLimit(turn);
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

    /** Near the edge of its band a side is looked at more closely, and turned if that betters the chance. */
    private Advice surely(Advice done) {
        if (!(done instanceof Advice.Done)) return done;
        List<Integer> unsure = job.reliefStrings().stream()
                .filter(s -> {
                    Judged j = Judged.of(job, Station.RELIEF, s);
                    return j.outside() == 0 && j.chance() < HeightLook.SURE && j.repeats() < HeightLook.REPEATS;
                })
                .toList();
        boolean takenAsItIs = job.declined(Advice.Measure.closer(Station.RELIEF));
        if (!unsure.isEmpty() && !takenAsItIs)
            return new Advice.Measure(Station.RELIEF, unsure, Advice.Measure.Reason.ONCE_MORE);
        if (job.spec().rod() == RodType.NONE || chance(current()) >= HeightLook.SURE) return done;
        Advice.TurnRod turn = turn();
        boolean better = !turn.net().isZero() && chance(turn.expected()) > chance(current()) + 0.05;
        // in band already: for a little more certainty no limit is passed
        return better && withinLimit(turn) == turn ? turn : done;
    }

    private Advice.Done.Reason doneReason() {
        return job.steps().isEmpty() ? Advice.Done.Reason.LEAVE_IT : Advice.Done.Reason.IN_BAND;
    }

    /** Before it is called done: the neck has settled, and was looked at since. */
    private Advice settled(Advice.Done.Reason reason) {
        Instant settledAt = job.settledAt();
        if (settledAt != null && now.isBefore(settledAt)) return new Advice.Settle(settledAt);
        List<Integer> unconfirmed = job.reliefStrings().stream()
                .filter(s -> !job.readSinceTurn(s)
                        || (settledAt != null
                                && job.lastRelief(s).filter(r -> r.early()).isPresent()))
                .toList();
        return unconfirmed.isEmpty()
                ? new Advice.Done(Station.RELIEF, reason)
                : new Advice.Measure(Station.RELIEF, unconfirmed, Advice.Measure.Reason.SECOND_LOOK);
    }

    private boolean coarselyRead(int string) {
        double leaf = Math.hypot(Tool.LEAF.sd(), Tool.REPEATABILITY);
        return job.relief(string).sd() > 1.5 * leaf
                && job.lastRelief(string)
                        .filter(r ->
                                r.reading().tool() != Tool.LEAF && r.reading().tool() != Tool.CALIPER)
                        .isPresent();
    }

    private Map<Integer, Normal> current() {
        Map<Integer, Normal> current = new LinkedHashMap<>();
        for (int s : job.reliefStrings()) current.put(s, job.relief(s));
        return current;
    }

    /** The chance that all sides are in their bands. */
    private double chance(Map<Integer, Normal> relief) {
        return relief.entrySet().stream()
                .mapToDouble(e -> e.getValue()
                        .between(band(e.getKey()).low(), band(e.getKey()).high()))
                .reduce(1, (a, b) -> a * b);
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
        return loosening && read && Math.abs(open.net().sixteenths()) >= FREE_PLAY_LIMIT
                ? Optional.of(new Advice.Stop(Advice.Stop.Reason.SLACK, open))
                : Optional.empty();
    }

    private boolean allIn() {
        return job.reliefStrings().stream().allMatch(s -> band(s).verdict(job.relief(s)) == Verdict.IN);
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
