package barytone.core.trial;

import barytone.core.clearance.BoardSense;
import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.RoomSpread;
import barytone.core.clearance.SetupGaps;
import barytone.core.clearance.TargetFinder;
import barytone.core.clearance.WhatIf;
import barytone.core.estimate.Band;
import barytone.core.estimate.SetupModel;
import barytone.core.height.ActionTarget;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.ReadingBounds;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A setup that is tried on a job's instrument. Nothing moves: neither the neck under other strings nor the wood; what is asked for is shown as if it stood so.
 *
 * @param spec with the strings, the tuning and the board that are tried
 * @param gaps as asked for, brought within what can be drawn
 * @param states how each string would stand, string 1 first
 * @param crowns as they are told, or even where they are tried levelled
 * @param hand force of the hand as a share of the touch's usual one
 * @param a4 reference pitch, Hz
 */
public record Trial(
        InstrumentSpec spec,
        SetupGaps gaps,
        List<StringState> states,
        Crowns crowns,
        Touch touch,
        double hand,
        double a4) {
    private static final double LEAST_RELIEF = -0.3;
    private static final double MOST_RELIEF = 1.2;
    private static final double MOST_NUT = 1.5;
    private static final double LEAST_ACTION = 0.2;
    private static final double MOST_ACTION = 8;

    /** What stands lower by less is not lower, mm: no number shows it. */
    private static final double JUST = 0.005;

    /** The least gap over 1 of a string pressed at 3 that a slot may be tried with, mm. */
    private static final double LEAST_NUT = 0;

    /**
     * What is tried; what is null stays as it is.
     *
     * @param tuning string 1 first
     * @param boardRadius mm; 0 for a flat board
     * @param levelled as if all crowns were in line
     * @param heardHand played as hard as the marks tell, if they do
     */
    public record Tried(
            @Nullable SetupGaps gaps,
            @Nullable StringSet strings,
            @Nullable List<Pitch> tuning,
            @Nullable Double boardRadius,
            boolean levelled,
            Touch touch,
            boolean heardHand) {
        /** As it stands. */
        public static final Tried NOTHING = new Tried(null, null, null, null, false, Touch.MEDIUM, true);
    }

    /** Tries a setup on a job, with what is told of its board. */
    public static Trial of(JobState job, BoardSense sense, Tried tried) {
        InstrumentSpec spec = spec(job.spec(), tried);
        SetupGaps gaps = within(tried.gaps() == null ? now(job) : tried.gaps(), spec);
        return new Trial(
                spec,
                gaps,
                tried.gaps() == null ? likely(job) : gaps.states(spec),
                tried.levelled() ? Crowns.EVEN : sense.asCrowns(),
                tried.touch(),
                tried.heardHand() && sense.handTold() ? sense.hand() : 1,
                job.a4());
    }

    /** The gaps of a job as they are estimated. */
    public static SetupGaps now(JobState job) {
        return SetupGaps.of(job.spec(), likely(job));
    }

    private static List<StringState> likely(JobState job) {
        return job.spec().everyString().stream()
                .map(s -> job.estimate().likely(s))
                .toList();
    }

    private static InstrumentSpec spec(InstrumentSpec spec, Tried tried) {
        List<Pitch> tuning = tried.tuning() == null ? spec.tuning() : tried.tuning();
        if (tuning.size() != spec.strings())
            throw Allowed.broken("tuning", tuning.size() + " notes", "one for each of " + spec.strings() + " strings");
        if (tried.strings() != null && tried.strings().strings().size() != spec.strings())
            throw Allowed.broken(
                    "strings",
                    tried.strings().strings().size() + " gauges",
                    "one for each of " + spec.strings() + " strings");
        return new InstrumentSpec(
                spec.kind(),
                tuning,
                spec.scaleLength(),
                spec.frets(),
                spec.bodyJointFret(),
                tried.boardRadius() == null ? spec.boardRadius() : tried.boardRadius(),
                spec.rod(),
                spec.access(),
                spec.leftHanded(),
                tried.strings() == null ? spec.fittings() : spec.fittings().with(tried.strings()));
    }

    /** A hand on the drawing may pull further than any setup goes. */
    private static SetupGaps within(SetupGaps asked, InstrumentSpec spec) {
        if (asked.nut().size() != spec.strings() || asked.action().size() != spec.strings())
            throw Allowed.broken(
                    "gaps",
                    asked.nut().size() + " at the nut and " + asked.action().size() + " of the action",
                    "one for each of " + spec.strings() + " strings");
        return new SetupGaps(
                Math.clamp(asked.reliefBass(), LEAST_RELIEF, MOST_RELIEF),
                Math.clamp(asked.reliefTreble(), LEAST_RELIEF, MOST_RELIEF),
                asked.nut().stream()
                        .map(n -> Math.clamp(n, LEAST_NUT, MOST_NUT))
                        .toList(),
                asked.action().stream()
                        .map(a -> Math.clamp(a, LEAST_ACTION, MOST_ACTION))
                        .toList());
    }

    /** What it would make of every note. */
    public WhatIf notes() {
        return WhatIf.of(spec, states, crowns, touch, hand, a4);
    }

    /** The note with the least room, from a capo on, if one is on. */
    public WhatIf.Tightest tightest(WhatIf notes, int capo) {
        WhatIf.Tightest least = null;
        for (WhatIf.Told string : notes.strings())
            for (ClearanceMap.Note note : string.notes())
                if (note.fret() >= capo
                        && (least == null || note.margin() < least.note().margin()))
                    least = new WhatIf.Tightest(string.string(), note);
        if (least == null) throw new IllegalStateException("no note has a crown ahead of it");
        return least;
    }

    /**
     * How low it could go with these slots, the relief within what is wanted of it.
     *
     * @param safety room that is left over every crown, in spreads of what is not known of the heights
     */
    public TargetFinder lowest(JobState job, double safety) {
        ReliefTarget wanted = ReliefTarget.of(job).in(SetupModel.standardRelief(spec.bodyJointFret()), spec.line());
        double least = Math.max(0, Math.min(wanted.bass().low(), wanted.treble().low()));
        double most =
                Math.max(least, Math.max(wanted.bass().high(), wanted.treble().high()));
        return TargetFinder.of(
                spec,
                states.stream().map(StringState::slotHeight).toList(),
                crowns,
                touch,
                hand,
                safety
                        * Arrays.stream(RoomSpread.of(job.spec(), job.estimate()))
                                .max()
                                .orElse(0),
                new TargetFinder.Bounds(least, most, TargetFinder.Bounds.WIDE.leastAction()),
                a4);
    }

    /**
     * How low it could go without leaving what is wanted of the action, as its school says.
     *
     * @param safety as above
     */
    public TargetFinder lowestWanted(JobState job, double safety) {
        TargetFinder lowest = lowest(job, safety);
        return lowest.notUnder(leastWanted(ActionTarget.of(job), lowest));
    }

    /** Which strings stand lower than is wanted of the action, string 1 first. */
    public List<Integer> underWanted(JobState job, TargetFinder found) {
        List<Double> least = leastWanted(ActionTarget.of(job), found);
        return spec.everyString().stream()
                .filter(s -> found.actions().get(s - 1) < least.get(s - 1) - JUST)
                .toList();
    }

    /** The low ends of the bands, told over the fret at which action is read, at the relief that was found. */
    private List<Double> leastWanted(ActionTarget wanted, TargetFinder found) {
        StringLine line = spec.line();
        double k = line.curvatureFor(SetupModel.standardRelief(spec.bodyJointFret()), found.relief());
        GapMethod here = new GapMethod.Action(spec.actionFret());
        return spec.everyString().stream()
                .map(s -> {
                    StringState on = new StringState(k, states.get(s - 1).slotHeight(), 0);
                    StringState lifted = new StringState(k, on.slotHeight(), 1);
                    double there = line.gap(wanted.method(), on);
                    // a rounding must not end below the band
                    double low = wanted.band(s).low() + JUST / 1000;
                    double saddle = (low - there) / (line.gap(wanted.method(), lifted) - there);
                    return line.gap(here, new StringState(k, on.slotHeight(), saddle));
                })
                .toList();
    }

    /** The same setup with all crowns in line. */
    public Trial levelled() {
        return new Trial(spec, gaps, states, Crowns.EVEN, touch, hand, a4);
    }

    /** How far a gap opens when its string is lifted, mm for each mm. */
    public record Opens(double nut, double action) {}

    /** Of a string lifted in its slot, and lifted at its saddle. */
    public Opens opens(int string) {
        StringLine line = spec.line();
        StringState state = states.get(string - 1);
        StringState slot = new StringState(state.curvature(), state.slotHeight() + 1, state.saddleHeight());
        StringState saddle = new StringState(state.curvature(), state.slotHeight(), state.saddleHeight() + 1);
        GapMethod nut = new GapMethod.NutPressed(SetupGaps.PRESSED_AT);
        GapMethod action = new GapMethod.Action(spec.actionFret());
        return new Opens(
                line.gap(nut, slot) - line.gap(nut, state), line.gap(action, saddle) - line.gap(action, state));
    }

    /** The gaps of the lowest setup, its slots as they are. */
    public SetupGaps gapsOf(TargetFinder lowest) {
        StringLine line = spec.line();
        GapMethod.Relief relief = SetupModel.standardRelief(spec.bodyJointFret());
        double k = line.curvatureFor(relief, lowest.relief());
        List<StringState> found = spec.everyString().stream()
                .map(s -> {
                    double slot = states.get(s - 1).slotHeight();
                    return new StringState(
                            k,
                            slot,
                            line.saddleHeightFor(
                                    spec.actionFret(), lowest.actions().get(s - 1), k, slot));
                })
                .toList();
        return within(SetupGaps.of(spec, found), spec);
    }

    /**
     * As what is wanted: the bands of the job, as wide as they are, around what is tried.
     *
     * @param unit in which it is said what may not be wanted
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is nothing that may be wanted: a string on its frets
     */
    public TargetsTaken wanted(JobState job, LengthUnit unit) {
        ReliefTarget relief = ReliefTarget.of(job);
        NutTarget nut = NutTarget.of(job);
        ActionTarget action = ActionTarget.of(job);
        return new TargetsTaken(
                new ReliefTarget(
                        null,
                        relief.method(),
                        around(relief.bass(), relief.method(), states.getLast(), unit),
                        around(relief.treble(), relief.method(), states.getFirst(), unit)),
                new NutTarget(
                        null,
                        nut.method(),
                        spec.everyString().stream()
                                .map(s -> around(nut.band(s), nut.method(), states.get(s - 1), unit))
                                .toList()),
                new ActionTarget(
                        null,
                        action.method(),
                        spec.everyString().stream()
                                .map(s -> around(action.band(s), action.method(), states.get(s - 1), unit))
                                .toList()));
    }

    private Band around(Band band, GapMethod method, StringState state, LengthUnit unit) {
        ReadingBounds wanted = ReadingBounds.wanted(method);
        double gap = spec.line().gap(method, state);
        wanted.check("target", gap, unit);
        return band.around(gap, wanted.least());
    }
}
