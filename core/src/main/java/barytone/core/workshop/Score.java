package barytone.core.workshop;

import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.PluckForce;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Adjustment;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.nut.NutEvent;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Judges a job by the truth: what it stated against what was so, what it did that cannot be undone, and how it ended. What the rod, the screws and a blank cannot
 * reach is referred, not missed.
 */
final class Score {
    /** A string this far under its band after filing counts as filed too low, mm: less is not seen on any display. */
    private static final double UNDER = 0.005;

    /** A saddle that is raised again by more than this was sanded too far, mm. */
    private static final double RAISED = 0.2;

    /** The most a rod may stand tighter than found, turns. */
    private static final double ROD_LIMIT = 0.75;

    /** A string that leaves no gap here lies on the first fret: its slot is at the frets. */
    private static final GapMethod ON_FRET = new GapMethod.NutPressed(3);

    /** A string that touches by less than this is not heard, and no gauge tells it, mm. */
    private static final double TOUCHES = 0.01;

    private static final double PLUCK = 0.2;
    private static final double A4 = 440;

    private final Workpiece instrument;
    private final Touch touch;
    private final boolean[] filed;
    private final Map<Station, BenchGround.Stated> stated = new EnumMap<>(Station.class);
    private final @Nullable HeardScore heard;
    private final @Nullable PickupScore pickups;
    private int claims;
    private int claimsTrue;
    private double sandedBass;
    private double sandedTreble;
    private boolean sandedThenRaised;
    private boolean saddleTooLow;
    private boolean rodBeyondLimit;
    private int shims;
    private int soundCondemned;
    private int soundStrings;
    private final Aims aims;

    /**
     * How one job ended.
     *
     * @param reached what was brought where it shall be, station by station
     */
    record Ending(
            boolean inBand,
            boolean measurable,
            List<BenchGround.Reached> reached,
            boolean plays,
            boolean fretsAllow,
            int slotsUnder,
            int slotsOnFret) {
        /** Whether nothing under the strings was referred. */
        boolean heightsReached() {
            return reached.stream().noneMatch(r -> r.station().height() && r.referred() > 0);
        }
    }

    Score(Workpiece instrument, JobState before, Touch touch) {
        this.instrument = instrument;
        this.touch = touch;
        this.filed = new boolean[instrument.spec().strings()];
        this.aims = new Aims(instrument, before);
        Workpiece.Sounding strings = instrument.sounding();
        this.heard = strings == null ? null : new HeardScore(instrument, strings, before);
        RealPickups under = instrument.pickups();
        this.pickups = under == null ? null : new PickupScore(under, before);
    }

    /** Compares what is stated with what is so; only what was read at least once is stated. */
    void observe(JobState job) {
        for (Aims.Aim aim : aims.all()) {
            if (job.look(aim.station(), aim.string()).isEmpty()) continue;
            Normal says = job.estimate().now(aim.string(), aim.method());
            double truth = aims.truth(aim);
            stated.merge(aim.station(), BenchGround.Stated.of(truth, says), BenchGround.Stated::plus);
            if (says.between(aim.band().low(), aim.band().high()) >= BenchGround.CLAIMED) {
                claims++;
                if (aim.band().outside(truth) == 0) claimsTrue++;
            }
        }
        if (heard != null) heard.observe(job);
        if (pickups != null) pickups.observe(job);
    }

    /** Tells what is about to be done. */
    void move(Adjustment event) {
        switch (event) {
            case NutEvent.SlotsFiled e -> e.slots().forEach(f -> filed[f.string() - 1] = true);
            case ActionEvent.SaddleReworked e -> {
                if (e.way() == ActionEvent.SaddleReworked.Way.SANDED) {
                    sandedBass -= Math.min(0, e.bass());
                    sandedTreble -= Math.min(0, e.treble());
                } else if ((sandedBass > 0 && e.bass() > RAISED) || (sandedTreble > 0 && e.treble() > RAISED))
                    sandedThenRaised = true;
            }
            case ActionEvent.NeckShimmed ignored -> shims++;
            case NutEvent.NutReworked e -> {
                boolean sound = e.way() != NutEvent.NutReworked.Way.UNDERSIDE_SANDED
                        && e.strings().stream().allMatch(s -> !low(s));
                if (sound) soundCondemned++;
            }
            // what else is done can be undone
            default -> {}
        }
    }

    /** Looks at what was done. */
    void moved(Adjustment event) {
        if (event instanceof ActionEvent.SaddleReworked e
                && e.way() == ActionEvent.SaddleReworked.Way.SANDED
                && instrument.proud() < RealInstrument.LEAST_PROUD) saddleTooLow = true;
    }

    /** A string is called false. */
    void stringCondemned(int string) {
        Workpiece.Sounding strings = instrument.sounding();
        if (strings != null && !strings.isFalse(string)) soundStrings++;
    }

    /** A nut is called too high by the notes over it. */
    void nutAccused(int string) {
        boolean high = aims.at(Station.NUT).stream().anyMatch(a -> a.string() == string && aims.outside(a) > 0);
        if (!high) soundCondemned++;
    }

    /** Looks at how far the rod stands tighter than found. */
    void rodTurned() {
        if (instrument.tighter() > ROD_LIMIT + 0.05) rodBeyondLimit = true;
    }

    /** A slot that lies so low that something must be done about it. */
    private boolean low(int string) {
        boolean under = aims.at(Station.NUT).stream().anyMatch(a -> a.string() == string && aims.outside(a) < 0);
        return under || instrument.slotHeight(string) < Aims.CLEAR_OF_FRETS;
    }

    /** Whether rod, screws or blank could not bring it where it shall be. */
    private boolean referred(Aims.Aim aim) {
        boolean lower = aims.outside(aim) > 0;
        return switch (aim.station()) {
            case RELIEF -> !instrument.rodReaches(lower) || oneSided();
            case ACTION -> !instrument.bridgeReaches(lower);
            default -> false;
        };
    }

    /** The sides are wanted otherwise than one rod can set them: they stand farther apart than a band is wide. */
    private boolean oneSided() {
        List<Aims.Aim> sides = aims.at(Station.RELIEF);
        List<Double> from =
                sides.stream().map(a -> aims.truth(a) - a.band().middle()).toList();
        double width = sides.stream().mapToDouble(a -> a.band().width()).min().orElse(1);
        return from.size() == 2 && Math.abs(from.getFirst() - from.getLast()) > width;
    }

    Ending ending() {
        Map<Station, BenchGround.Reached> reached = new EnumMap<>(Station.class);
        for (Aims.Aim aim : aims.all()) {
            reached.merge(
                    aim.station(),
                    BenchGround.Reached.one(aim.station(), aims.within(aim), referred(aim)),
                    BenchGround.Reached::plus);
        }
        if (heard != null) reached.put(Station.INTONATION, heard.ending());
        if (pickups != null) reached.put(Station.PICKUPS, pickups.ending());
        int under = 0;
        int onFret = 0;
        for (Aims.Aim aim : aims.all()) {
            if (aim.station() != Station.NUT || !filed[aim.string() - 1]) continue;
            if (aims.outside(aim) < -UNDER) under++;
            if (instrument.gap(aim.string(), ON_FRET) < 0) onFret++;
        }
        return new Ending(
                aims.inBand() && (heard == null || heard.inBand()),
                reached.values().stream().allMatch(r -> r.within() == r.quantities()),
                List.copyOf(reached.values()),
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
                    .allMatch(note -> note.margin() >= -TOUCHES);
            if (!free) return false;
        }
        return true;
    }

    /** A string over its crowns with relief, nut and action in the middle of their bands. */
    private StringState wanted(int string, StringLine crowns) {
        StringState now = instrument.stands(string);
        double k = now.curvature() - reliefOver(string, crowns);
        double h = now.slotHeight();
        double y = now.saddleHeight();
        for (Aims.Aim aim : aims.all()) {
            if (aim.string() != string || aim.station() == Station.RELIEF) continue;
            double over = crowns.gap(aim.method(), new StringState(k, h, y))
                    - aim.band().middle();
            LinearForm form = crowns.form(aim.method());
            if (aim.station() == Station.NUT) h -= over / form.slotHeight();
            else y -= over / form.saddleHeight();
        }
        return new StringState(k, h, y);
    }

    /** How much more the neck is bent under a string than in the middle of the sides' bands, 1/mm. */
    private double reliefOver(int string, StringLine crowns) {
        int last = instrument.spec().strings();
        double over = 0;
        for (Aims.Aim aim : aims.at(Station.RELIEF)) {
            double share = aim.string() == 1 ? (last - string) / (last - 1.0) : (string - 1) / (last - 1.0);
            over += share
                    * (aims.truth(aim) - aim.band().middle())
                    / crowns.form(aim.method()).curvature();
        }
        return over;
    }

    /** What was stated at a station, against the truth. */
    BenchGround.Stated stated(Station station) {
        if (station == Station.INTONATION && heard != null) return heard.stated();
        if (station == Station.PICKUPS && pickups != null) return pickups.stated();
        return stated.getOrDefault(station, BenchGround.Stated.NOTHING);
    }

    int claims() {
        return claims + (heard == null ? 0 : heard.claims());
    }

    int claimsTrue() {
        return claimsTrue + (heard == null ? 0 : heard.claimsTrue());
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
                soundCondemned + soundStrings);
    }
}
