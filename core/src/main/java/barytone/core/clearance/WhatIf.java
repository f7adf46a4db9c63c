package barytone.core.clearance;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.ToneForecast;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a setup would make of every note: room over the crowns and how sharp it is.
 *
 * @param strings string 1 first
 */
public record WhatIf(List<Told> strings) {
    /** Plucked at this share of the scale from the saddle. */
    public static final double PLUCK = 0.2;

    private static final int PRESSED_AT = 3;

    /**
     * A string.
     *
     * @param action over the fret at which action is read, mm
     * @param nutPressed pressed at 3, over 1, mm
     * @param notes room by note, from the open string to the last fret but one
     * @param cents how sharp each fret is expected to be; index 0 is the open string
     */
    public record Told(
            int string, double action, double nutPressed, List<ClearanceMap.Note> notes, List<Double> cents) {}

    /** The note with the least room, and the string it is on. */
    public record Tightest(int string, ClearanceMap.Note note) {}

    /**
     * Of a setup.
     *
     * @param a4 reference pitch, Hz
     */
    public static WhatIf of(InstrumentSpec spec, List<StringState> setup, Crowns crowns, Touch touch, double a4) {
        return of(spec, setup, crowns, touch, 1, a4);
    }

    /**
     * Of a setup, for a hand that plucks harder or softer than that touch usually is.
     *
     * @param hand its force as a share of the usual one
     */
    public static WhatIf of(
            InstrumentSpec spec, List<StringState> setup, Crowns crowns, Touch touch, double hand, double a4) {
        List<Told> told = new ArrayList<>();
        for (int s = 1; s <= spec.strings(); s++) {
            StringState state = setup.get(s - 1);
            List<Double> cents = new ArrayList<>();
            double[] sharp = ToneForecast.cents(spec, a4, s, 0, state);
            for (int n = 0; n <= spec.frets(); n++) cents.add(sharp[n]);
            told.add(new Told(
                    s,
                    spec.line().gap(new GapMethod.Action(spec.actionFret()), state),
                    spec.line().gap(new GapMethod.NutPressed(PRESSED_AT), state),
                    notes(spec, s, state, crowns, touch, hand, a4),
                    List.copyOf(cents)));
        }
        return new WhatIf(List.copyOf(told));
    }

    /** Room of the notes of a string, from the open string to the last fret but one. */
    public static List<ClearanceMap.Note> notes(
            InstrumentSpec spec, int string, StringState state, Crowns crowns, Touch touch, double a4) {
        return notes(spec, string, state, crowns, touch, 1, a4);
    }

    /**
     * The same for a hand that plucks harder or softer than that touch usually is.
     *
     * @param hand its force as a share of the usual one
     */
    public static List<ClearanceMap.Note> notes(
            InstrumentSpec spec, int string, StringState state, Crowns crowns, Touch touch, double hand, double a4) {
        return ClearanceMap.of(
                        spec.line(),
                        state,
                        crowns,
                        ToneForecast.tension(spec, a4, string),
                        hand * PluckForce.of(spec.kind(), string, spec.strings(), touch),
                        PLUCK)
                .stream()
                .filter(note -> note.fret() < spec.frets())
                .toList();
    }

    /** The first note that touches when it is played so; empty when all ring free. */
    public Optional<Tightest> firstToHit() {
        return strings.stream()
                .flatMap(s -> s.notes().stream().map(note -> new Tightest(s.string(), note)))
                .filter(t -> t.note().margin() < 0)
                .min(Comparator.comparingDouble(t -> t.note().margin()));
    }
}
