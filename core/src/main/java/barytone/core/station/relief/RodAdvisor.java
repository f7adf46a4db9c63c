package barytone.core.station.relief;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.height.ReliefTarget;
import barytone.core.height.RestsOnRelief;
import barytone.core.instrument.RodType;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import java.time.Instant;
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
    /** A turn must bring the sides nearer to their bands by so much, all together, or it is not worth making; mm. */
    private static final double SEEN = 0.01;

    /** So far outside of their bands, both sides together, is near; mm. */
    private static final double NEAR = 0.06;

    /** So often turned back and forth it is as near as this rod brings it. */
    private static final int BACK_AND_FORTH = 4;

    /** The weakest rod that is worth turning, mm of relief in the standard habit per turn. */
    private static final double WEAKEST = 0.15;

    /** With more than so many steps to go one side is enough to see what a turn did. */
    private static final double FAR = 1.5;

    private final JobState job;
    private final Outfit means;
    private final Instant now;
    private final ReliefTarget target;

    private RodAdvisor(JobState job, Outfit means, Instant now) {
        this.job = job;
        this.means = means;
        this.now = now;
        this.target = ReliefTarget.of(job).in(job.habit().method(), job.spec().line());
    }

    /** The next move at the rod at a moment. */
    static Advice advise(JobState job, Outfit means, Instant now) {
        return new RodAdvisor(job, means, now).advise();
    }

    private Band band(int string) {
        return string == 1 ? target.treble() : target.bass();
    }

    private Advice advise() {
        StopRule rule = new StopRule(job);
        Optional<Advice> fault = rule.fault();
        if (fault.isPresent()) return fault.get();
        List<HeightVerdict> sides = sides();
        List<Integer> stale = sides.stream()
                .filter(j -> !ReliefState.of(job).readSinceTurn(job, j.string()) && j.stale())
                .map(HeightVerdict::string)
                .toList();
        if (!stale.isEmpty()) {
            // while it is far off one side tells what the last turn did
            boolean near = stale.size() < 2
                    || Math.abs(wanted()) < FAR * RodWays.of(job).step().value();
            return new Advice.Measure(Station.RELIEF, near ? stale : stale.subList(0, 1), Advice.Measure.Reason.STALE);
        }
        // in band is left, and so is what is out by less than can be told
        if (sides.stream().allMatch(j -> j.outside() == 0))
            return HeightLook.wanted(job, means, Station.RELIEF).orElseGet(() -> settled(doneReason()));
        if (job.spec().rod() == RodType.NONE) return new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.NO_ROD, null);
        // barely out as read, and likelier in by all that is known: not worth the retuning and the looks
        if (sides.stream()
                .allMatch(j -> j.outside() == 0 || !j.outWith(means.effort().worthATurn())))
            return settled(Advice.Done.Reason.NOT_WORTH_IT);
        ReliefAdvice.TurnRod turn = turn();
        // what is expected of a turn says nothing where no gap was found, or of a rod whose answers so far make no
        // sense
        boolean blind = sides.stream().anyMatch(HeightVerdict::noGap) || !answersAsRodsDo();
        if (turn.net().isZero() || (!blind && outside(current()) - outside(shown(turn)) < SEEN))
            return settled(
                    sides.stream().allMatch(j -> j.outside() != 0)
                            ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                            : Advice.Done.Reason.SIDES_DIFFER);
        // the saddle was sanded to this relief
        if (!blind
                && job.every(RestsOnRelief.class).stream().anyMatch(RestsOnRelief::restsOnRelief)
                && outside(current()) < NEAR) return settled(Advice.Done.Reason.AS_NEAR_AS_IT_GOES);
        int times = backAndForth();
        if (!blind && (times >= 2 * BACK_AND_FORTH || (times >= BACK_AND_FORTH && outside(current()) < NEAR)))
            return settled(Advice.Done.Reason.AS_NEAR_AS_IT_GOES);
        return rule.within(turn);
    }

    /** How often the rod was turned the other way than before. */
    private int backAndForth() {
        int times = 0;
        for (int i = 1; i < ReliefState.of(job).steps().size(); i++) {
            int before = ReliefState.of(job).steps().get(i - 1).net().sixteenths();
            if (before * ReliefState.of(job).steps().get(i).net().sixteenths() < 0) times++;
        }
        return times;
    }

    private List<HeightVerdict> sides() {
        return job.reliefStrings().stream()
                .map(s -> HeightVerdict.of(job, Station.RELIEF, s))
                .toList();
    }

    private Advice.Done.Reason doneReason() {
        return ReliefState.of(job).steps().isEmpty() ? Advice.Done.Reason.LEAVE_IT : Advice.Done.Reason.IN_BAND;
    }

    /** Before it is called done: the neck has settled, and was looked at since. */
    private Advice settled(Advice.Done.Reason reason) {
        Instant settledAt = ReliefState.of(job).settledAt();
        Instant until = ReliefState.of(job).settlesAt(now);
        if (until != null) return new ReliefAdvice.Settle(until);
        List<Integer> unconfirmed = job.reliefStrings().stream()
                .filter(s -> !ReliefState.of(job).readSinceTurn(job, s)
                        || (settledAt != null
                                && job.lastRelief(s).filter(r -> r.early()).isPresent()))
                .toList();
        return unconfirmed.isEmpty()
                ? new Advice.Done(Station.RELIEF, reason)
                : new Advice.Measure(Station.RELIEF, unconfirmed, Advice.Measure.Reason.SECOND_LOOK);
    }

    private Map<Integer, Normal> current() {
        Map<Integer, Normal> current = new LinkedHashMap<>();
        for (HeightVerdict j : sides()) current.put(j.string(), j.value());
        return current;
    }

    /** What would be read after a turn: what is read now and what the turn adds. */
    private Map<Integer, Normal> shown(ReliefAdvice.TurnRod turn) {
        Map<Integer, Normal> shown = new LinkedHashMap<>();
        current().forEach((s, now) -> {
            Normal then = Objects.requireNonNull(turn.expected().get(s));
            shown.put(s, new Normal(now.mean() + then.mean() - job.relief(s).mean(), then.sd()));
        });
        return shown;
    }

    /** How far all sides are outside of their bands together, mm. */
    private double outside(Map<Integer, Normal> relief) {
        return relief.entrySet().stream()
                .mapToDouble(e -> Math.abs(band(e.getKey()).outside(e.getValue().mean())))
                .sum();
    }

    /** The turn that brings both sides nearest to the middle of their bands, limited to one step, in sixteenths. */
    private ReliefAdvice.TurnRod turn() {
        double wanted = wanted();
        double step = RodWays.of(job).step().value();
        Turns net = Turns.nearest(Math.clamp(wanted, -step, step));
        boolean learned = ReliefState.of(job).steps().stream().anyMatch(s -> s.change() != null);
        return turn(net, wanted, learned);
    }

    /** Turns that are still wanted for the middle of the bands, by what is known now. */
    private double wanted() {
        double towards = 0;
        double power = 0;
        for (int s : job.reliefStrings()) {
            double response = response(s) / band(s).width();
            towards += response * (band(s).middle() - settled(s).mean()) / band(s).width();
            power += response * response;
        }
        return power == 0 ? 0 : towards / power;
    }

    private boolean answersAsRodsDo() {
        int bass = job.spec().bassString();
        return Math.abs(response(bass)
                        - job.estimate().rodResponse(bass, job.habit().method()).mean())
                < 1e-9;
    }

    /** What a turn clockwise does, mm of the current habit: no rod is so weak or turns its way round because a reading lay. */
    private double response(int string) {
        double perCurvature = job.spec().line().form(job.habit().method()).curvature()
                / job.estimate().model().reliefPerCurvature();
        double learned =
                job.estimate().rodResponse(string, job.habit().method()).mean();
        double least = WEAKEST * Math.abs(perCurvature);
        return ReliefState.of(job).reversed() ? Math.max(learned, least) : Math.min(learned, -least);
    }

    /** Relief of a string once all that the last turns did has come. */
    private Normal settled(int string) {
        return job.estimate().settled().now(string, job.habit().method());
    }

    private ReliefAdvice.TurnRod turn(Turns net, double wanted, boolean learned) {
        boolean stiffTry = ReliefState.of(job).stiffReports() == 1;
        List<Turns> path = FinishTightening.path(net, ReliefState.of(job).reversed(), stiffTry, RodWays.of(job));
        return new ReliefAdvice.TurnRod(
                net,
                path,
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
}
