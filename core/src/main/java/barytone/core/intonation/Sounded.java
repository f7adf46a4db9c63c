package barytone.core.intonation;

import barytone.core.quantity.Allowed;

/**
 * How a string is made to sound.
 *
 * @param fret 0 for the open string; the fret pressed; 12 for its harmonic
 */
public record Sounded(How how, int fret) {
    /** Ways of sounding it. */
    public enum How {
        OPEN,
        FRETTED,
        HARMONIC
    }

    /** The open string. */
    public static final Sounded OPEN = new Sounded(How.OPEN, 0);

    /** The harmonic over fret 12. */
    public static final Sounded HARMONIC = new Sounded(How.HARMONIC, 12);

    public Sounded {
        if (how == How.OPEN) Allowed.whole("fret of the open string", fret, 0, 0);
        if (how == How.FRETTED) Allowed.whole("fret", fret, 1, 24);
        if (how == How.HARMONIC) Allowed.whole("fret of the harmonic", fret, 12, 12);
    }

    /** Pressed at a fret. */
    public static Sounded at(int fret) {
        return new Sounded(How.FRETTED, fret);
    }

    /** Its pitch above the open string in equal temperament, in cents. */
    public double cents() {
        return 100.0 * fret;
    }

    /** As it is spoken. */
    public String label() {
        return switch (how) {
            case OPEN -> "open";
            case FRETTED -> "at " + fret;
            case HARMONIC -> "harmonic at 12";
        };
    }
}
