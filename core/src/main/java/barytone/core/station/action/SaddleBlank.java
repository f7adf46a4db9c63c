package barytone.core.station.action;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.List;
import java.util.Optional;

/**
 * Decides what to take off the underside of a fixed saddle, or to add to it. What is off does not come back: it is looked at before, sanded to a relief and slots that are
 * as they shall be, and never lower than leaves a break angle.
 */
public final class SaddleBlank {
    /** Less saddle than this above its bridge gives no break angle, mm. */
    public static final double LEAST_PROUD = 2;

    /** How far off a height by the ruler may be, mm. */
    private static final double RULED = 0.15;

    /** What two tools and hands differ by at the action, mm. */
    private static final double TOLD_OF_ACTION = 0.12;

    /** A saddle that was sanded is raised again only for what can be seen at it, mm. */
    private static final double SEEN_AT_SADDLE = 0.15;

    /** Sanding ends under the band only with this much luck against it, in sd. */
    private static final double CARE = 3;

    private final JobState job;
    private final Outfit means;
    private final SetupEstimate estimate;
    private final List<HeightVerdict> strings;
    private final List<HeightVerdict> outer;
    private final List<Double> atTargets;

    /**
     * @param strings the action of every string, string 1 first
     * @param atTargets what each needs at the saddle once relief and slots are where they shall be, mm
     */
    SaddleBlank(JobState job, Outfit means, List<HeightVerdict> strings, List<Double> atTargets) {
        this.job = job;
        this.means = means;
        this.estimate = job.estimate();
        this.strings = strings;
        this.outer = BridgeAdvisor.deciding(job, strings);
        this.atTargets = atTargets;
    }

    /** What to take off or to add, under the outer strings: the whole way to the middle of the band, never less; empty when nothing. */
    Optional<Advice> rework() {
        HeightVerdict low = outer.stream()
                .filter(j -> j.string() == job.spec().bassString())
                .findFirst()
                .orElse(null);
        HeightVerdict high =
                outer.stream().filter(j -> j.string() == 1).findFirst().orElse(null);
        SandForWhatTheRodLeaves rule = new SandForWhatTheRodLeaves(job, atTargets);
        double bass = rounded(rule.needs(low));
        double treble = rounded(rule.needs(high));
        // what is off does not come back: nothing that a hand cannot see is done to it a second time
        if (ActionState.of(job).sanded() && Math.max(Math.abs(bass), Math.abs(treble)) < SEEN_AT_SADDLE)
            return Optional.empty();
        if (bass == 0 && treble == 0) return Optional.empty();
        boolean lowers = bass < 0 || treble < 0;
        // a sanded saddle is not put back for less than a hand can tell of the action
        if (!lowers
                && ActionState.of(job).sanded()
                && outer.stream().allMatch(j -> Math.abs(j.outside()) < TOLD_OF_ACTION)) return Optional.empty();
        // one side at a time: what is taken off first, then what is raised
        if (lowers) {
            bass = Math.min(bass, 0);
            treble = Math.min(treble, 0);
        }
        Optional<Advice> look = HeightLook.before(
                job,
                means,
                Station.ACTION,
                outer.stream().map(HeightVerdict::string).toList());
        if (look.isPresent()) return look;
        if (lowers) {
            Optional<Advice> first = beforeSanding(bass, treble);
            if (first.isPresent()) return first;
            double room = room();
            bass = rounded(Math.max(bass, -room));
            treble = rounded(Math.max(treble, -room));
            if (bass == 0 && treble == 0) return Optional.empty();
        }
        double share = lowers ? carefulShare(bass, treble) : 1;
        SetupEstimate after = sanded(bass, treble);
        return Optional.of(new ActionAdvice.ReworkSaddle(
                bass,
                treble,
                rounded(share * bass),
                rounded(share * treble),
                BridgeAdvisor.expected(estimate, strings, after)));
    }

    /** What must be known or decided before anything comes off. */
    private Optional<Advice> beforeSanding(double bass, double treble) {
        // what is sanded off for a neck that has drifted since it was read has to be put back
        List<Integer> drifted = job.agreed(Station.RELIEF) && !job.left(Station.RELIEF)
                ? job.reliefStrings().stream()
                        .filter(s -> HeightVerdict.of(job, Station.RELIEF, s).drifted())
                        .toList()
                : List.of();
        if (!drifted.isEmpty())
            return Optional.of(new Advice.Measure(Station.RELIEF, drifted, Advice.Measure.Reason.BEFORE_WORK));
        boolean looked =
                ActionState.of(job).proud() != null || ActionState.of(job).travel() != null;
        if (!looked && !job.declined(ActionAdvice.LookAtSaddle.TOPIC))
            return Optional.of(new ActionAdvice.LookAtSaddle());
        double over = -Math.min(bass, treble) - room();
        return over > BridgeAdvisor.LEAST && !job.declined(ActionAdvice.BridgeLimit.TOPIC)
                ? Optional.of(new ActionAdvice.BridgeLimit(true, over))
                : Optional.empty();
    }

    /** How much can come off, by how proud it stands and by what was noted as its travel, mm; without end while nobody has looked. */
    private double room() {
        Double proud = ActionState.of(job).proud();
        BridgeTravel travel = ActionState.of(job).travel();
        double byRuler = proud == null ? Double.POSITIVE_INFINITY : Math.max(0, proud - LEAST_PROUD - RULED);
        return travel == null ? byRuler : Math.min(byRuler, travel.leastDown());
    }

    private static double rounded(double mm) {
        double hundredths = Math.rint(mm * 100) / 100;
        return Math.abs(hundredths) < BridgeAdvisor.LEAST ? 0 : hundredths;
    }

    /** How much of the way is safe in one go: what is sanded off does not come back. */
    private double carefulShare(double bass, double treble) {
        for (double share = 1; share > 0.5; share -= 0.05) {
            SetupEstimate after = sanded(share * bass, share * treble);
            boolean safe = outer.stream().allMatch(j -> {
                Normal then = after.now(j.string(), j.method());
                return then.mean() - CARE * then.sd() >= j.band().low()
                        || then.mean() >= j.value().mean() - BridgeAdvisor.LEAST;
            });
            if (safe) return share;
        }
        return 0.5;
    }

    private SetupEstimate sanded(double bass, double treble) {
        return estimate.after(
                new ActionEvent.SaddleReworked(ActionEvent.SaddleReworked.Way.SANDED, bass, treble).moves(job.spec()));
    }
}
