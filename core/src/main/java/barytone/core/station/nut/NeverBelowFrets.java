package barytone.core.station.nut;

import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightVerdict;

/**
 * Never file below the frets: a slot whose floor comes to the level of the frets buzzes when its string is played open, and what was filed off does not come back. Every
 * pass ends above them by four spreads of all that is known: of slot, file and hand.
 */
public final class NeverBelowFrets {
    /** A pass ends above the frets by this many sd. */
    private static final double CARE = 4;

    /** A slot floor surely lower than this above the frets is near them, mm. */
    private static final double NEAR = 0.085;

    private NeverBelowFrets() {}

    /** Whether so many strokes still leave a slot above the frets. */
    static boolean allows(SetupEstimate estimate, int string, double strokes) {
        Normal height = estimate.after(new Move.SlotFiled(string, strokes)).slotHeight(string);
        return height.mean() - CARE * height.sd() > 0;
    }

    /** Whether a slot stands clearly near them already. */
    static boolean near(SetupEstimate estimate, HeightVerdict slot) {
        if (slot.noGap()) return true;
        Normal height = estimate.slotHeight(slot.string());
        return height.mean() + height.sd() < NEAR;
    }

    /** Strokes until the slot floor is level with the frets, as far as the bite is known. */
    public static double strokesLeft(SetupEstimate estimate, int string) {
        return Math.max(0, estimate.slotHeight(string).mean())
                / Math.max(1e-4, estimate.filingBite().mean());
    }
}
