package barytone.core.reading;

import barytone.core.neck.GapMethod;
import barytone.core.neck.OutOfRangeException;
import barytone.core.quantity.LengthUnit;
import java.util.Optional;

/**
 * What a reading can be, and what it usually is, in mm. A value outside the first range is refused; one outside the second
 * is asked about once.
 */
public record ReadingBounds(double least, double most, double usualLeast, double usualMost) {
    private static final double THOU = 0.0254;

    /** The bounds of what a method reads. */
    public static ReadingBounds of(GapMethod method) {
        return switch (method) {
            case GapMethod.Relief ignored -> new ReadingBounds(-1, 3, -0.15, 1);
            case GapMethod.NutOpen ignored -> new ReadingBounds(0, 4, 0.15, 1.5);
            case GapMethod.NutPressed ignored -> new ReadingBounds(0, 2, 0, 0.5);
            case GapMethod.Action ignored -> new ReadingBounds(0, 12, 0.8, 5);
            case GapMethod.ActionCapo ignored -> new ReadingBounds(0, 12, 0.6, 5);
        };
    }

    /**
     * Refuses what cannot be.
     *
     * @throws OutOfRangeException naming the value and the range in the given unit, with a guess when the unit was mistaken
     */
    public void check(String field, double mm, LengthUnit unit) {
        if (mm >= least && mm <= most) return;
        throw new OutOfRangeException(
                field,
                unit.showWithUnit(mm),
                unit.show(least) + " to " + unit.showWithUnit(most)
                        + guess(mm, unit).map(g -> ". " + g).orElse(""));
    }

    /** What to ask when a value is possible but odd; empty when it is usual. */
    public Optional<String> oddity(double mm, LengthUnit unit) {
        if (mm >= usualLeast && mm <= usualMost) return Optional.empty();
        return Optional.of(unit.showWithUnit(mm) + " is possible but odd: usual is " + unit.show(usualLeast) + " to "
                + unit.showWithUnit(usualMost) + "."
                + guess(mm, unit).map(g -> " " + g + ".").orElse(""));
    }

    private Optional<String> guess(double mm, LengthUnit unit) {
        double asThou = mm * THOU;
        if (unit == LengthUnit.MM && asThou >= Math.max(0.02, usualLeast) && asThou <= usualMost)
            return Optional.of(
                    "If thou was meant, type " + Math.round(mm) + "t (" + LengthUnit.MM.showWithUnit(asThou) + ")");
        double asMm = mm / unit.exactMm().doubleValue();
        if (unit == LengthUnit.THOU && asMm > 0 && asMm <= usualMost)
            return Optional.of("If mm was meant, type " + LengthUnit.MM.show(asMm) + "mm");
        return Optional.empty();
    }
}
