package barytone.core.job;

import barytone.core.reading.Gap;
import barytone.core.reading.Tool;

/**
 * How well the hand of a job repeats itself: learned from the same gap read again with the same tool, with nothing moved between. The usual spread counts as so many
 * repeats; what the tool scatters by is no fault of the hand.
 */
final class Hand {
    /** A difference of more than so many spreads is a slip, and says nothing of the hand. */
    private static final double SLIP = 4;

    private HandRepeats learned = HandRepeats.NONE;

    /** Two numbers of one gap; a bracket between two leaves tells nothing of the hand. */
    void repeated(TakenReading one, TakenReading other) {
        if (!(one.reading().gap() instanceof Gap.Of a) || !(other.reading().gap() instanceof Gap.Of b)) return;
        double scatter = one.reading().tool().scatter();
        double square = (a.mm() - b.mm()) * (a.mm() - b.mm()) / 2;
        if (square > SLIP * SLIP * (scatter * scatter + repeatability() * repeatability())) return;
        // a coarse tool tells little of the hand behind it
        double weight = square(Tool.REPEATABILITY) / (square(Tool.REPEATABILITY) + scatter * scatter);
        learned = learned.plus(new HandRepeats(weight, weight * Math.max(0, square - scatter * scatter)));
    }

    /** Spread of the same hand at the same gap, mm (1 sd). */
    double repeatability() {
        return learned.spread();
    }

    /** What it was learned from. */
    HandRepeats learned() {
        return learned;
    }

    private static double square(double x) {
        return x * x;
    }
}
