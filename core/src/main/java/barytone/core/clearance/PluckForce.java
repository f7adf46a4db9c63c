package barytone.core.clearance;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.Touch;

/**
 * How hard a string is plucked towards the board, N: electric 0.3, 0.4 and 0.55 for a light, medium and heavy touch, acoustic 0.6, 0.8 and 1.0, bass 1.2, 1.6 and 2.2
 * under the lowest string, half of that under string 1. Trade judgement, give or take a third.
 */
public final class PluckForce {
    private PluckForce() {}

    /** The force on a string; string 1 is the highest. */
    public static double of(InstrumentKind kind, int string, int strings, Touch touch) {
        double lowest = lowest(kind, touch);
        double share = strings <= 1 ? 1 : (string - 1.0) / (strings - 1);
        return lowest * (0.5 + 0.5 * share);
    }

    private static double lowest(InstrumentKind kind, Touch touch) {
        return switch (kind) {
            case ELECTRIC, SEMI_HOLLOW, BARITONE, ARCHTOP -> pick(touch, 0.3, 0.4, 0.55);
            case FLAT_TOP, TWELVE_STRING, NYLON, MANDOLIN -> pick(touch, 0.6, 0.8, 1.0);
            case BASS_4, BASS_5, BASS_6 -> pick(touch, 1.2, 1.6, 2.2);
        };
    }

    private static double pick(Touch touch, double light, double medium, double heavy) {
        return switch (touch) {
            case LIGHT -> light;
            case MEDIUM -> medium;
            case HEAVY -> heavy;
        };
    }
}
