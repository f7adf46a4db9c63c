package barytone.core.practice;

import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.PluckForce;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.plan.Judged;
import barytone.core.plan.Station;
import java.util.ArrayList;
import java.util.List;

/**
 * Judges a job by the truth: what it stated against what was so, what it did that cannot be undone, and how it ended. What the rod, the screws and a blank cannot
 * reach is referred, not missed.
 */
final class Score {
    /** A string this far under its band after filing counts as filed too low, mm: less is not seen on any display. */
    private static final double UNDER = 0.005;

    /** A saddle that is raised again by more than this was sanded too far, mm. */
    private static final double RAISED = 0.2;

    /** A saddle is not sanded lower than this above its bridge, mm. */
    private static final double LEAST_PROUD = 2;

    /** The most a rod may stand tighter than found, turns. */
    private static final double ROD_LIMIT = 0.75;

    /** A slot this far above the frets is sound, mm. */
    private static final double SOUND_SLOT = 0.03;

    private static final double PLUCK = 0.2;
    private static final double A4 = 440;

    private final Workpiece instrument;
    private final Touch touch;
    private final double[] slotsFound;
    private final boolean[] filed;
    private final double[] covered50 = new double[Station.HEIGHTS.size()];
    private final double[] covered90 = new double[Station.HEIGHTS.size()];
    private final double[] covered99 = new double[Station.HEIGHTS.size()];
    private final double[] stated = new double[Station.HEIGHTS.size()];
    private final double[] z2 = new double[Station.HEIGHTS.size()];
    private int claims;
    private int claimsTrue;
    private double sandedBass;
    private double sandedTreble;
    private boolean sandedThenRaised;
    private boolean saddleTooLow;
    private boolean rodBeyondLimit;
    private int shims;
    private int soundCondemned;
    private final List<Aim> aims = new ArrayList<>();

    /** A true quantity and its band. */
    private record Aim(Station station, int string, GapMethod method, Band band) {}

    /**
     * How one job ended.
     *
     * @param quantities judged, without those that were referred
     * @param within of them, how many ended in band within what can be measured
     * @param referred what rod, screws and blank could not reach
     */
    record Ending(
            boolean inBand,
            boolean measurable,
            int quantities,
            int within,
            int referred,
            boolean plays,
            boolean fretsAllow,
            int slotsUnder,
            int slotsOnFret) {}

    Score(Workpiece instrument, JobState before, Touch touch) {
        this.instrument = instrument;
        this.touch = touch;
        int strings = instrument.spec().strings();
        this.slotsFound = new double[strings];
        this.filed = new boolean[strings];
        for (int s = 1; s <= strings; s++) slotsFound[s - 1] = instrument.slotHeight(s);
        for (Station station : Station.HEIGHTS)
            if (before.agreed(station))
                for (int s : before.strings(station))
                    aims.add(new Aim(station, s, Judged.method(before, station), Judged.band(before, station, s)));
    }

    /** Compares what is stated with what is so; only what was read at least once is stated. */
    void observe(JobState job) {
        for (Aim aim : aims) {
            if (job.look(aim.station, aim.string).isEmpty()) continue;
            Normal says = job.estimate().now(aim.string, aim.method);
            double truth = instrument.gap(aim.string, aim.method);
            double z = Math.abs(truth - says.mean()) / Math.max(1e-9, says.sd());
            int i = aim.station.ordinal();
            stated[i]++;
            z2[i] += z * z;
            if (z <= 0.6745) covered50[i]++;
            if (z <= 1.6449) covered90[i]++;
            if (z <= 2.5758) covered99[i]++;
            if (says.between(aim.band.low(), aim.band.high()) >= 0.9) {
                claims++;
                if (aim.band.outside(truth) == 0) claimsTrue++;
            }
        }
    }

    /** Tells what is about to be done. */
    void move(JobEvent.Adjustment event) {
        switch (event) {
            case JobEvent.SlotsFiled e -> e.slots().forEach(f -> filed[f.string() - 1] = true);
            case JobEvent.SaddleReworked e -> {
                if (e.way() == JobEvent.SaddleReworked.Way.SANDED) {
                    sandedBass -= Math.min(0, e.bass());
                    sandedTreble -= Math.min(0, e.treble());
                } else if ((sandedBass > 0 && e.bass() > RAISED) || (sandedTreble > 0 && e.treble() > RAISED))
                    sandedThenRaised = true;
            }
            case JobEvent.NeckShimmed ignored -> shims++;
            case JobEvent.NutReworked e -> {
                boolean sound = e.way() != JobEvent.NutReworked.Way.UNDERSIDE_SANDED
                        && e.strings().stream().allMatch(s -> !low(s));
                if (sound) soundCondemned++;
            }
            case JobEvent.BridgeScrewed ignored -> {}
            case JobEvent.SaddlesMoved ignored -> {}
        }
    }

    /** Looks at what was done. */
    void moved(JobEvent.Adjustment event) {
        if (event instanceof JobEvent.SaddleReworked e
                && e.way() == JobEvent.SaddleReworked.Way.SANDED
                && instrument.proud() < LEAST_PROUD) saddleTooLow = true;
    }

    /** Looks at how far the rod stands tighter than found. */
    void rodAt(Workpiece turned) {
        if (turned instanceof RealInstrument real && real.tighter() > ROD_LIMIT + 0.05) rodBeyondLimit = true;
    }

    /** A slot that lies so low that something must be done about it. */
    private boolean low(int string) {
        boolean under = aims.stream()
                .filter(a -> a.station == Station.NUT && a.string == string)
                .anyMatch(a -> outside(a) < 0);
        return under || instrument.slotHeight(string) < SOUND_SLOT;
    }

    private double outside(Aim aim) {
        return aim.band.outside(instrument.gap(aim.string, aim.method));
    }

    /** What nobody at a bench could tell from being inside, mm. */
    static double measurable(Station station) {
        return switch (station) {
            case RELIEF -> 0.02;
            case NUT -> 0.03;
            case ACTION, INTONATION, PICKUPS -> 0.10;
        };
    }

    /** A slot under its band, clear of the frets, is left by rule: where no file made it so that is no miss. */
    private boolean leftLow(Aim aim) {
        return aim.station == Station.NUT
                && outside(aim) < 0
                && !filed[aim.string - 1]
                && slotsFound[aim.string - 1] > SOUND_SLOT;
    }

    private boolean within(Aim aim) {
        return leftLow(aim) || Math.abs(outside(aim)) <= measurable(aim.station);
    }

    /** Whether rod, screws or blank could not bring it where it shall be. */
    private boolean referred(Aim aim) {
        boolean lower = outside(aim) > 0;
        return switch (aim.station) {
            case RELIEF ->
                instrument.spec().rod() == RodType.NONE
                        || (instrument instanceof RealInstrument real && (!real.rodReaches(lower) || oneSided()));
            case ACTION ->
                instrument instanceof RealInstrument real
                        && (instrument.spec().fittings().bridge().screwed()
                                ? !real.screwsReach(lower)
                                : lower && real.proud() < LEAST_PROUD + 0.15);
            case NUT, INTONATION, PICKUPS -> false;
        };
    }

    /** The sides are wanted otherwise than one rod can set them: the one is above its band by more than the other, or the other way round. */
    private boolean oneSided() {
        List<Double> from = aims.stream()
                .filter(a -> a.station == Station.RELIEF)
                .map(a -> instrument.gap(a.string, a.method) - a.band.middle())
                .toList();
        double width = aims.stream()
                .filter(a -> a.station == Station.RELIEF)
                .mapToDouble(a -> a.band.width())
                .min()
                .orElse(1);
        return from.size() == 2 && Math.abs(from.getFirst() - from.getLast()) > width + 2 * measurable(Station.RELIEF);
    }

    Ending ending() {
        int referred = 0;
        int within = 0;
        int quantities = 0;
        for (Aim aim : aims) {
            if (within(aim)) {
                within++;
                quantities++;
            } else if (referred(aim)) referred++;
            else quantities++;
        }
        int under = 0;
        int onFret = 0;
        for (Aim aim : aims) {
            if (aim.station != Station.NUT || !filed[aim.string - 1]) continue;
            if (outside(aim) < -UNDER) under++;
            if (instrument.slotHeight(aim.string) < 0) onFret++;
        }
        return new Ending(
                aims.stream().allMatch(a -> outside(a) == 0),
                within == quantities,
                quantities,
                within,
                referred,
                clean(false),
                clean(true),
                under,
                onFret);
    }

    /** Whether every note of every string has room over the true crowns, as it stands or with everything in the middle of its band. */
    private boolean clean(boolean asWanted) {
        InstrumentSpec spec = instrument.spec();
        for (int s = 1; s <= spec.strings(); s++) {
            StringLine crowns = instrument.crowns(s);
            StringState state = asWanted ? wanted(s, crowns) : instrument.stands(s);
            double tension = Math.clamp(
                    spec.string(s)
                            .tension(
                                    spec.scaleLength(), spec.tuning().get(s - 1).frequency(A4)),
                    5,
                    900);
            double force = PluckForce.of(spec.kind(), s, spec.strings(), touch);
            boolean free = ClearanceMap.of(crowns, state, tension, force, PLUCK).stream()
                    .allMatch(note -> note.margin() >= 0);
            if (!free) return false;
        }
        return true;
    }

    private StringState wanted(int string, StringLine crowns) {
        StringState now = instrument.stands(string);
        double h = now.slotHeight();
        double y = now.saddleHeight();
        for (Aim aim : aims) {
            if (aim.string != string) continue;
            double over = instrument.gap(string, aim.method) - aim.band.middle();
            if (aim.station == Station.NUT) h -= over / crowns.form(aim.method).slotHeight();
            if (aim.station == Station.ACTION)
                y -= over / crowns.form(aim.method).saddleHeight();
        }
        return new StringState(now.curvature(), h, y);
    }

    /** What was stated at a station, against the truth. */
    BenchGround.Stated stated(Station station) {
        int i = station.ordinal();
        return new BenchGround.Stated(stated[i], covered50[i], covered90[i], covered99[i], z2[i]);
    }

    int claims() {
        return claims;
    }

    int claimsTrue() {
        return claimsTrue;
    }

    /** What cannot be undone. */
    BenchGround.Harm harm(Ending end) {
        return new BenchGround.Harm(
                end.slotsUnder(),
                end.slotsOnFret(),
                sandedThenRaised ? 1 : 0,
                saddleTooLow ? 1 : 0,
                rodBeyondLimit ? 1 : 0,
                shims > 1 ? 1 : 0,
                soundCondemned);
    }
}
