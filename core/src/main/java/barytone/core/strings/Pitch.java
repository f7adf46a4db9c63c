package barytone.core.strings;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.NotAllowedException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A note of equal temperament.
 *
 * @param semitones semitones above C0 (16.35 Hz at a reference of 440 Hz); 0 to 107
 */
public record Pitch(int semitones) {
    private static final List<String> NAMES = List.of("C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B");
    private static final Pattern SHAPE = Pattern.compile("([A-Ga-g])([#♯b♭]?)(\\d)?");
    private static final int A4 = 57;

    public Pitch {
        Allowed.whole("pitch", semitones, 0, 107);
    }

    /**
     * Reads a note such as {@code E2}, {@code F#3} or {@code Bb}. Without an octave the one nearest to another note is meant.
     *
     * @param near decides the octave when none is typed
     * @throws IllegalArgumentException when the text is not a note
     */
    public static Pitch parse(String text, Pitch near) {
        Matcher m = SHAPE.matcher(text.strip());
        if (!m.matches())
            throw new NotAllowedException("“" + text.strip()
                    + "” is not a note. Notes are typed E, F#, Bb, with an octave where it matters: E2.");
        int step = "C D EF G A B".indexOf(m.group(1).toUpperCase(Locale.ROOT));
        int accidental = switch (m.group(2)) {
            case "#", "♯" -> 1;
            case "b", "♭" -> -1;
            default -> 0;
        };
        int inOctave = step + accidental;
        if (m.group(3) != null) return new Pitch(12 * Integer.parseInt(m.group(3)) + inOctave);
        int octave = Math.toIntExact(Math.round((near.semitones - inOctave) / 12.0));
        return new Pitch(12 * octave + inOctave);
    }

    /** The note with octave, for instance {@code E2}. */
    public static Pitch of(String text) {
        return parse(text, new Pitch(A4));
    }

    /** Frequency in Hz for a reference pitch of A4, {@code f = A4 * 2^((n - 57)/12)}. */
    public double frequency(double reference) {
        return reference * Math.pow(2, (semitones - A4) / 12.0);
    }

    /** The name without octave. */
    public String name() {
        return NAMES.get(semitones % 12);
    }

    /** The name with octave. */
    @Override
    public String toString() {
        return name() + semitones / 12;
    }
}
