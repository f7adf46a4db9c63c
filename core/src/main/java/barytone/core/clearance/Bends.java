package barytone.core.clearance;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.ToneForecast;
import barytone.core.neck.StringState;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** Where bends are cut short on a board, by string and by how far is bent. */
public final class Bends {
    /** Lower down nobody bends so far. */
    private static final int FROM = 5;

    private Bends() {}

    /**
     * The first fret from the fifth on at which a bend chokes.
     *
     * @param semitones of the bend
     * @param on the crown that it touches
     */
    public record Choke(int string, int semitones, int fret, int on) {}

    /**
     * Every string bent by one and by two semitones; those that ring through are left out.
     *
     * @param setup how each string stands, string 1 first
     */
    public static List<Choke> of(InstrumentSpec spec, List<StringState> setup, double a4) {
        List<Choke> chokes = new ArrayList<>();
        List<Double> across = spec.acrossBridge();
        for (int s = 1; s <= spec.strings(); s++)
            for (int semitones = 1; semitones <= 2; semitones++)
                for (int fret = FROM; fret < spec.frets(); fret++) {
                    OptionalInt on = Bend.of(
                                    spec.line(),
                                    setup.get(s - 1),
                                    spec.board(),
                                    across.get(s - 1),
                                    spec.string(s),
                                    ToneForecast.tension(spec, a4, s),
                                    fret,
                                    semitones)
                            .chokesOn();
                    if (on.isEmpty()) continue;
                    chokes.add(new Choke(s, semitones, fret, on.getAsInt()));
                    break;
                }
        return List.copyOf(chokes);
    }
}
