package barytone.core.plan;

import barytone.core.bridge.NeckShim;
import barytone.core.bridge.SupportSolver;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.NeckJoint;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.neck.StringLine;
import barytone.core.quantity.Turns;
import barytone.core.reading.Toolkit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Decides the next move at the bridge: turns of each screw, or what to take off and to add on both sides of a fixed saddle, so that
 * all strings come as near to the middle of their bands as the mechanism allows.
 */
public final class BridgeAdvisor {
    /** Screws are turned in eighths. */
    private static final int EIGHTH = 2;

    /** Farther from the middle of its band than this a saddle is far off, mm of action. */
    private static final double FAR = 0.8;

    /** A move must better the chance of all strings by so much, or their distance by a fifth. */
    private static final double WORTH = 0.02;

    private static final double NEARER = 0.8;

    /** Sanding ends under the band only with this much luck against it, in sd. */
    private static final double CARE = 3;

    /** The least worth sanding or shimming, mm. */
    private static final double LEAST = 0.04;

    private final JobState job;
    private final SetupEstimate estimate;
    private final Supports supports;
    private final boolean rough;
    private final List<Judged> strings;

    private BridgeAdvisor(JobState job, boolean rough) {
        this.job = job;
        this.estimate = job.estimate();
        this.supports = job.spec().supports();
        this.rough = rough;
        this.strings = HeightLook.judged(job, Station.ACTION).reversed();
    }

    static Advice advise(JobState job, Toolkit tools) {
        return HeightLook.wanted(job, tools, Station.ACTION).orElseGet(() -> new BridgeAdvisor(job, false).advise());
    }

    /** Brings a saddle near its target that is far from it, so that other readings can be trusted. */
    static Optional<Advice> roughly(JobState job) {
        BridgeAdvisor advisor = new BridgeAdvisor(job, true);
        if (!far(job) || job.declined("rough-action")) return Optional.empty();
        return advisor.move();
    }

    /** Whether a saddle is so far from its target that open readings at the nut lie. */
    public static boolean far(JobState job) {
        return HeightLook.judged(job, Station.ACTION).stream().anyMatch(j -> j.read() && Math.abs(j.surplus()) > FAR);
    }

    private Advice advise() {
        boolean anyOut = strings.stream().anyMatch(HeightLook::out);
        boolean worked = job.workedAt(Station.ACTION);
        if (!anyOut)
            return new Advice.Done(Station.ACTION, worked ? Advice.Done.Reason.IN_BAND : Advice.Done.Reason.LEAVE_IT);
        return move().orElse(new Advice.Done(Station.ACTION, Advice.Done.Reason.AS_NEAR_AS_IT_GOES));
    }

    private Optional<Advice> move() {
        List<Double> wanted = SupportSolver.solve(supports, needs(), weights());
        Optional<Advice> limit = limit(wanted);
        if (limit.isPresent()) return limit;
        return job.spec().fittings().bridge().screwed() ? turns(within(wanted)) : rework(within(wanted));
    }

    /** What each string needs at the saddle, mm. */
    private List<Double> needs() {
        return strings.stream().map(j -> -j.surplus() / j.leverage(estimate)).toList();
    }

    /** An individual saddle in its band is left alone; strings that share a support all count. */
    private List<Double> weights() {
        boolean alone = switch (job.spec().fittings().bridge().mechanism()) {
            case SADDLES -> true;
            case POSTS, BARRELS, BLANK -> false;
        };
        return strings.stream()
                .map(j -> !j.read() || (alone && !HeightLook.out(j))
                        ? 0.0
                        : 1 / j.band().width())
                .toList();
    }

    private Optional<Advice> limit(List<Double> wanted) {
        JobEvent.TravelRead travel = job.travel();
        if (travel == null || job.declined(Advice.BridgeLimit.TOPIC)) return Optional.empty();
        double lowest = Collections.min(wanted);
        double highest = Collections.max(wanted);
        boolean lower = lowest < -travel.down() - LEAST;
        if (!lower && highest <= travel.up() + LEAST) return Optional.empty();
        double shortBy = lower ? -lowest - travel.down() : highest - travel.up();
        StringLine line = job.spec().line();
        double bodyEdge = line.scale().crown(job.spec().bodyJointFret());
        if (job.spec().fittings().joint() != NeckJoint.BOLTED)
            return Optional.of(new Advice.BridgeLimit(lower, shortBy));
        double heelEnd = bodyEdge + Advice.ShimNeck.POCKET;
        NeckShim shim = NeckShim.of(bodyEdge, heelEnd, line.saddle(), lower ? shortBy : -shortBy);
        return Optional.of(new Advice.ShimNeck(lower, shortBy, shim, bodyEdge, heelEnd));
    }

    /** What remains of a wish when the screws have no more travel. */
    private List<Double> within(List<Double> wanted) {
        JobEvent.TravelRead travel = job.travel();
        return travel == null
                ? wanted
                : wanted.stream()
                        .map(w -> Math.clamp(w, -travel.down(), travel.up()))
                        .toList();
    }

    private Optional<Advice> turns(List<Double> wanted) {
        Normal pitch = estimate.screwPitch();
        int[] turns = wanted.stream()
                .mapToInt(w -> EIGHTH * (int) Math.round(w / pitch.mean() * 16 / EIGHTH))
                .toArray();
        refine(turns, pitch.mean());
        List<Turns> screws = new ArrayList<>();
        for (int t : turns) screws.add(new Turns(t));
        SetupEstimate after = estimate.after(new JobEvent.BridgeScrewed(screws).moves(job.spec()));
        if (screws.stream().allMatch(Turns::isZero) || !worthIt(after)) return Optional.empty();
        boolean known = job.spec().fittings().threadPitch() != 0 || pitch.sd() < 0.1 * pitch.mean();
        return Optional.of(new Advice.TurnScrews(
                List.copyOf(screws),
                rough,
                screws.stream().anyMatch(t -> t.sixteenths() > 0),
                pitch,
                known,
                expected(after)));
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
                    if (score > best + 1e-9 && reaches(turns[j] / 16.0 * pitch)) {
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

    private boolean reaches(double change) {
        JobEvent.TravelRead travel = job.travel();
        return travel == null || (change >= -travel.down() - LEAST && change <= travel.up() + LEAST);
    }

    private double score(int[] turns) {
        double pitch = estimate.screwPitch().mean();
        List<Double> moved = new ArrayList<>();
        for (int t : turns) moved.add(t / 16.0 * pitch);
        List<Double> got = supports.atStrings(moved);
        double sum = 0;
        for (int i = 0; i < strings.size(); i++) {
            Judged j = strings.get(i);
            if (!j.read()) continue;
            double off = j.surplus() + got.get(i) * j.leverage(estimate);
            // a steep penalty near the edges keeps every string inside before any is centred
            sum -= Math.pow(2 * off / j.band().width(), 4);
        }
        return sum;
    }

    private Optional<Advice> rework(List<Double> wanted) {
        double bass = rounded(wanted.getFirst());
        double treble = rounded(wanted.getLast());
        if (!worthIt(sanded(bass, treble))) return Optional.empty();
        double bassOff = Math.min(bass, 0);
        double trebleOff = Math.min(treble, 0);
        boolean raise = bass > 0 || treble > 0;
        // one side at a time: what is taken off where that helps by itself, else the shim, and then the other side
        if (!raise || ((bassOff < 0 || trebleOff < 0) && worthIt(sanded(bassOff, trebleOff)))) {
            double share = carefulShare(bassOff, trebleOff);
            bass = rounded(share * bassOff);
            treble = rounded(share * trebleOff);
        } else {
            bass = Math.max(bass, 0);
            treble = Math.max(treble, 0);
        }
        if (bass == 0 && treble == 0) return Optional.empty();
        return Optional.of(new Advice.ReworkSaddle(bass, treble, rough, expected(sanded(bass, treble))));
    }

    private static double rounded(double mm) {
        double hundredths = Math.rint(mm * 100) / 100;
        return Math.abs(hundredths) < LEAST ? 0 : hundredths;
    }

    /** How much of the way is safe in one go: what is sanded off does not come back. */
    private double carefulShare(double bass, double treble) {
        for (double share = 1; share > 0.5; share -= 0.05) {
            SetupEstimate after = sanded(share * bass, share * treble);
            boolean safe = strings.stream().filter(Judged::read).allMatch(j -> {
                Normal then = after.now(j.string(), j.method());
                return then.mean() - CARE * then.sd() >= j.band().low()
                        || then.mean() >= j.value().mean() - LEAST;
            });
            if (safe) return share;
        }
        return 0.5;
    }

    private SetupEstimate sanded(double bass, double treble) {
        return estimate.after(
                new JobEvent.SaddleReworked(JobEvent.SaddleReworked.Way.SANDED, bass, treble).moves(job.spec()));
    }

    private Map<Integer, Normal> expected(SetupEstimate after) {
        Map<Integer, Normal> expected = new LinkedHashMap<>();
        for (Judged j : strings.reversed()) expected.put(j.string(), after.now(j.string(), j.method()));
        return expected;
    }

    private boolean worthIt(SetupEstimate after) {
        double before = 1;
        double then = 1;
        double distance = 0;
        double distanceThen = 0;
        for (Judged j : strings) {
            if (!j.read()) continue;
            Normal expected = after.now(j.string(), j.method());
            before *= j.chance();
            then *= expected.between(j.band().low(), j.band().high());
            distance += Math.pow(j.outside(), 2);
            distanceThen += Math.pow(j.band().outside(expected.mean()), 2);
        }
        return then > before + WORTH || distanceThen < NEARER * distance;
    }
}
