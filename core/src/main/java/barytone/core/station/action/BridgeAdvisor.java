package barytone.core.station.action;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.bridge.NeckShim;
import barytone.core.bridge.SupportSolver;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.height.Rigid;
import barytone.core.instrument.NeckJoint;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Decides the next move at the bridge: turns of each screw, or what to take off and to add on both sides of a fixed saddle, so that
 * all strings come as near to the middle of their bands as the mechanism allows.
 */
public final class BridgeAdvisor {
    /** Screws are turned in eighths. */
    private static final int EIGHTH = 2;

    /** The most turns at once, in sixteenths. */
    private static final double MOST = 16.0 * Turns.MOST_AT_ONCE;

    /** Farther from the middle of its band than this a saddle is far off, mm of action. */
    private static final double FAR = 0.8;

    /** A move must bring the strings nearer to their bands by a fifth at least. */
    private static final double NEARER = 0.8;

    /** A screw that makes no more difference than this stays where it is, mm of action. */
    private static final double SAME = 0.005;

    /** The least worth sanding or shimming, mm. */
    static final double LEAST = 0.04;

    /** Height screws have threads from this fine to this coarse, mm per turn. */
    private static final double FINEST = 0.3;

    private static final double COARSEST = 1.1;

    /** A neck comes off only for a bridge that lacks more than this under half of its strings, mm at the saddle. */
    private static final double MUCH = 0.4;

    /** Wedges that can be had or made, at the thick end, mm. */
    private static final List<Double> VENEERS = List.of(0.25, 0.5, 0.75, 1.0);

    private final JobState job;
    private final Outfit means;
    private final SetupEstimate estimate;
    private final Supports supports;
    private final List<HeightVerdict> strings;

    private BridgeAdvisor(JobState job, Outfit means) {
        this.job = job;
        this.means = means;
        this.estimate = job.estimate();
        this.supports = job.spec().supports();
        this.strings = HeightLook.judged(job, Station.ACTION).reversed();
    }

    static Advice advise(JobState job, Outfit means) {
        return HeightLook.wanted(job, means, Station.ACTION).orElseGet(() -> new BridgeAdvisor(job, means).advise());
    }

    /**
     * Brings a saddle near its target that is far from it, so that other readings can be trusted. It aims at what rod and nut will still change, and is never
     * sanded: a saddle that is taken off before they are right has to be raised again.
     */
    static Optional<Advice> roughly(JobState job) {
        BridgeAdvisor advisor = new BridgeAdvisor(job, Outfit.USUAL);
        if (!job.spec().fittings().bridge().screwed()
                || !far(job)
                || job.declined(ActionAdvice.TurnScrews.ROUGH)
                || job.declined(ActionAdvice.BridgeLimit.TOPIC)) return Optional.empty();
        List<Double> needs = advisor.needsAtTargets();
        List<Double> wanted = SupportSolver.solve(advisor.supports, needs, advisor.everyRead());
        return advisor.roughTurns(advisor.within(wanted));
    }

    /** Whether a saddle is so far from its target that open readings at the nut lie, whatever rod and nut will still change. */
    public static boolean far(JobState job) {
        BridgeAdvisor advisor = new BridgeAdvisor(job, Outfit.USUAL);
        List<Double> needs = advisor.needsAtTargets();
        for (int i = 0; i < needs.size(); i++) {
            HeightVerdict j = advisor.strings.get(i);
            if (j.known() && Math.abs(needs.get(i) * j.leverage(advisor.estimate)) > FAR) return true;
        }
        return false;
    }

    private Advice advise() {
        boolean anyOut = deciding().stream().anyMatch(j -> j.outside() != 0);
        if (!anyOut)
            return new Advice.Done(
                    Station.ACTION,
                    job.workedAt(Station.ACTION) ? Advice.Done.Reason.IN_BAND : Advice.Done.Reason.LEAVE_IT);
        // a saddle comes out for what is out, not for what is barely so as read
        if (!job.spec().fittings().bridge().screwed()
                && deciding().stream()
                        .allMatch(j ->
                                j.outside() == 0 || !j.outWith(means.effort().worthASlackening())))
            return new Advice.Done(Station.ACTION, Advice.Done.Reason.NOT_WORTH_IT);
        return move().orElse(new Advice.Done(Station.ACTION, Advice.Done.Reason.AS_NEAR_AS_IT_GOES));
    }

    /** The strings that decide whether anything is done: on a rigid saddle the outer two. */
    private List<HeightVerdict> deciding() {
        return deciding(job, strings);
    }

    static List<HeightVerdict> deciding(JobState job, List<HeightVerdict> strings) {
        List<Integer> asked = Rigid.actionStrings(job);
        return strings.stream()
                .filter(j -> j.read() && asked.contains(j.string()))
                .toList();
    }

    private Optional<Advice> move() {
        boolean screwed = job.spec().fittings().bridge().screwed();
        List<Double> wanted = SupportSolver.solve(supports, needs(), weights());
        Optional<Advice> limit = limit(wanted);
        if (limit.isPresent()) return limit;
        return screwed ? turns(within(wanted)) : new SaddleBlank(job, means, strings, needsAtTargets()).rework();
    }

    /** What each string needs at the saddle, mm. */
    private List<Double> needs() {
        return strings.stream().map(j -> -j.surplus() / j.leverage(estimate)).toList();
    }

    /** The same once relief and slots are where they shall be. A neck without a gap is taken for straight: how far it is bent back nobody knows. */
    private List<Double> needsAtTargets() {
        boolean noGap = job.strings(Station.RELIEF).stream()
                .anyMatch(s -> HeightVerdict.of(job, Station.RELIEF, s).noGap());
        return strings.stream()
                .map(j -> {
                    StringState now = estimate.likely(j.string());
                    StringState then = HeightVerdict.wanted(job, j.string());
                    LinearForm form = estimate.model().line(j.string()).form(j.method());
                    double bow = noGap ? Math.max(0, now.curvature()) : now.curvature();
                    double to = j.value().mean()
                            + form.curvature() * (then.curvature() - bow)
                            + form.slotHeight() * (then.slotHeight() - now.slotHeight());
                    return (j.band().middle() - to) / form.saddleHeight();
                })
                .toList();
    }

    private List<Double> everyRead() {
        return strings.stream().map(j -> j.known() ? 1 / j.band().width() : 0.0).toList();
    }

    /** An individual saddle in its band is left alone; strings that share a support all count. */
    private List<Double> weights() {
        boolean alone = job.spec().fittings().bridge().mechanism().alone();
        return strings.stream()
                .map(j -> !j.read() || (alone && j.outside() == 0)
                        ? 0.0
                        : 1 / j.band().width())
                .toList();
    }

    private Optional<Advice> limit(List<Double> wanted) {
        BridgeTravel travel = ActionState.of(job).travel();
        if (travel == null || job.declined(ActionAdvice.BridgeLimit.TOPIC)) return Optional.empty();
        double below = 0;
        double above = 0;
        for (int j = 0; j < wanted.size(); j++) {
            below = Math.max(below, -wanted.get(j) - travel.down(j));
            above = Math.max(above, wanted.get(j) - travel.up(j));
        }
        if (below <= LEAST && above <= LEAST) return Optional.empty();
        boolean lower = below > above;
        double shortBy = lower ? below : above;
        Optional<NeckShim> shim = shim(wanted, travel, lower, shortBy);
        if (shim.isEmpty()) return Optional.of(new ActionAdvice.BridgeLimit(lower, shortBy));
        StringLine line = job.spec().line();
        double bodyEdge = line.scale().crown(job.spec().bodyJointFret());
        Optional<Advice> look = HeightLook.before(
                job,
                means,
                Station.ACTION,
                deciding().stream().map(HeightVerdict::string).toList());
        if (look.isPresent()) return look;
        return Optional.of(new ActionAdvice.ShimNeck(
                lower, shortBy, shim.get(), bodyEdge, bodyEdge + ActionAdvice.ShimNeck.POCKET));
    }

    /**
     * A wedge for the neck: once, of a veneer that exists, for a bridge that lacks much under half of its strings or more, and so thick that the saddles come near
     * the middle of their travel. Empty where longer or shorter screws are the better way, or nothing.
     */
    private Optional<NeckShim> shim(List<Double> wanted, BridgeTravel travel, boolean lower, double shortBy) {
        if (job.spec().fittings().joint() != NeckJoint.BOLTED
                || ActionState.of(job).shims() > 0) return Optional.empty();
        List<Double> lacks = new ArrayList<>();
        for (int j = 0; j < wanted.size(); j++)
            lacks.add(lower ? -wanted.get(j) - travel.down(j) : wanted.get(j) - travel.up(j));
        List<Double> atStrings = supports.atStrings(lacks);
        long much = atStrings.stream().filter(lack -> lack > MUCH).count();
        if (2 * much < atStrings.size()) return Optional.empty();
        StringLine line = job.spec().line();
        double bodyEdge = line.scale().crown(job.spec().bodyJointFret());
        double heelEnd = bodyEdge + ActionAdvice.ShimNeck.POCKET;
        double middle = shortBy + (travel.leastDown() + travel.leastUp()) / 2;
        NeckShim least = NeckShim.of(bodyEdge, heelEnd, line.saddle(), lower ? shortBy : -shortBy);
        NeckShim best = NeckShim.of(bodyEdge, heelEnd, line.saddle(), lower ? middle : -middle);
        return VENEERS.stream()
                .filter(v -> v >= least.thickness())
                .min(Comparator.comparingDouble(v -> Math.abs(v - best.thickness())))
                .map(v -> new NeckShim(best.end(), v));
    }

    /** What remains of a wish when the screws have no more travel. */
    private List<Double> within(List<Double> wanted) {
        BridgeTravel travel = ActionState.of(job).travel();
        if (travel == null) return wanted;
        List<Double> can = new ArrayList<>();
        for (int j = 0; j < wanted.size(); j++) can.add(Math.clamp(wanted.get(j), -travel.down(j), travel.up(j)));
        return can;
    }

    /** Turns to the eighth, never past the end of a screw; more than a screw is ever turned at once is done in parts. */
    private int[] eighths(List<Double> wanted, double pitch) {
        int[] turns = new int[wanted.size()];
        for (int j = 0; j < turns.length; j++) {
            double eighths = Math.clamp(wanted.get(j) / pitch * 16, -MOST, MOST) / EIGHTH;
            turns[j] = EIGHTH * (int) Math.round(eighths);
            if (!reaches(j, turns[j] / 16.0 * pitch)) turns[j] = EIGHTH * (int) eighths;
        }
        return turns;
    }

    /** What a turn of the height screws gives, mm: what was learned, as far as there are such threads. */
    private double pitch() {
        return Math.clamp(estimate.screwPitch().mean(), FINEST, COARSEST);
    }

    private Optional<Advice> roughTurns(List<Double> wanted) {
        return advice(eighths(wanted, pitch()), true);
    }

    private Optional<Advice> turns(List<Double> wanted) {
        double pitch = pitch();
        int[] turns = eighths(wanted, pitch);
        refine(turns, pitch);
        spare(turns);
        SetupEstimate after = estimate.after(new ActionEvent.BridgeScrewed(screws(turns)).moves(job.spec()));
        return worthIt(after) ? advice(turns, false) : Optional.empty();
    }

    private static List<Turns> screws(int[] turns) {
        List<Turns> screws = new ArrayList<>();
        for (int t : turns) screws.add(new Turns(t));
        return List.copyOf(screws);
    }

    private Optional<Advice> advice(int[] turns, boolean rough) {
        List<Turns> screws = screws(turns);
        if (screws.stream().allMatch(Turns::isZero)) return Optional.empty();
        Normal pitch = estimate.screwPitch();
        SetupEstimate after = estimate.after(new ActionEvent.BridgeScrewed(screws).moves(job.spec()));
        boolean known = job.spec().fittings().threadPitch() != 0 || pitch.sd() < 0.1 * pitch.mean();
        return Optional.of(new ActionAdvice.TurnScrews(
                screws, rough, screws.stream().anyMatch(t -> t.sixteenths() > 0), pitch, known, expected(after)));
    }

    /** Rounding may favour one string at another's cost: tries an eighth more and less on every screw. */
    private void refine(int[] turns, double pitch) {
        double best = score(turns);
        for (int round = 0; round < 4; round++) {
            boolean better = false;
            for (int j = 0; j < turns.length; j++) {
                if (turns[j] == 0) continue;
                for (int step : new int[] {-EIGHTH, EIGHTH}) {
                    turns[j] += step;
                    double score = score(turns);
                    if (score > best + 1e-9 && Math.abs(turns[j]) <= MOST && reaches(j, turns[j] / 16.0 * pitch)) {
                        best = score;
                        better = true;
                    } else {
                        turns[j] -= step;
                    }
                }
            }
            if (!better) return;
        }
    }

    /** A screw whose strings would end as well without it is left alone. */
    private void spare(int[] turns) {
        for (int j = 0; j < turns.length; j++) {
            int meant = turns[j];
            if (meant == 0) continue;
            double with = outside(turns);
            turns[j] = 0;
            if (outside(turns) > with + SAME) turns[j] = meant;
        }
    }

    private boolean reaches(int support, double change) {
        BridgeTravel travel = ActionState.of(job).travel();
        return travel == null || (change >= -travel.down(support) - SAME && change <= travel.up(support) + SAME);
    }

    private List<Double> got(int[] turns) {
        double pitch = pitch();
        List<Double> moved = new ArrayList<>();
        for (int t : turns) moved.add(t / 16.0 * pitch);
        return supports.atStrings(moved);
    }

    /** How far the strings would be outside of their bands together, mm. */
    private double outside(int[] turns) {
        List<Double> got = got(turns);
        double sum = 0;
        for (int i = 0; i < strings.size(); i++) {
            HeightVerdict j = strings.get(i);
            if (j.read()) sum += Math.abs(j.band().outside(j.value().mean() + got.get(i) * j.leverage(estimate)));
        }
        return sum;
    }

    private double score(int[] turns) {
        List<Double> got = got(turns);
        double sum = 0;
        for (int i = 0; i < strings.size(); i++) {
            HeightVerdict j = strings.get(i);
            if (!j.read()) continue;
            double off = j.surplus() + got.get(i) * j.leverage(estimate);
            // a steep penalty near the edges keeps every string inside before any is centred
            sum -= Math.pow(2 * off / j.band().width(), 4);
        }
        return sum;
    }

    private Map<Integer, Normal> expected(SetupEstimate after) {
        return expected(estimate, strings, after);
    }

    /** The action of every string after a move, as it is shown now and as far as the move shifts it. */
    static Map<Integer, Normal> expected(SetupEstimate estimate, List<HeightVerdict> strings, SetupEstimate after) {
        Map<Integer, Normal> expected = new LinkedHashMap<>();
        for (HeightVerdict j : strings.reversed()) {
            if (!j.known()) continue;
            Normal then = after.now(j.string(), j.method());
            double shift = then.mean() - estimate.now(j.string(), j.method()).mean();
            expected.put(j.string(), new Normal(j.value().mean() + shift, then.sd()));
        }
        return expected;
    }

    private boolean worthIt(SetupEstimate after) {
        Map<Integer, Normal> expected = expected(after);
        double distance = 0;
        double distanceThen = 0;
        for (HeightVerdict j : strings) {
            if (!j.read()) continue;
            distance += Math.pow(j.outside(), 2);
            distanceThen += Math.pow(
                    j.band()
                            .outside(Objects.requireNonNull(expected.get(j.string()))
                                    .mean()),
                    2);
        }
        return distanceThen < NEARER * distance;
    }
}
