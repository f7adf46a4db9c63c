package barytone.core.reading;

import barytone.core.neck.GapMethod;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.OutOfRangeException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * What a reading can be, and what it usually is, in mm. A value outside the first range is refused; one outside the second
 * is asked about once.
 */
public record ReadingBounds(double least, double most, double usualLeast, double usualMost) {
    private static final double THOU = 0.0254;
    private static final double INCH = 25.4;

    /** No gauge shows a gap smaller than this, mm. */
    private static final double LEAST_SEEN = 0.012;

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

    /** The bounds of what may be wanted of it; a nut that touches the frets is nobody's wish. */
    public static ReadingBounds wanted(GapMethod method) {
        return switch (method) {
            case GapMethod.Relief ignored -> new ReadingBounds(-0.2, 2, 0, 1);
            case GapMethod.NutOpen ignored -> new ReadingBounds(0.01, 2, 0, 1);
            case GapMethod.NutPressed ignored -> new ReadingBounds(0.01, 2, 0, 1);
            case GapMethod.Action ignored -> new ReadingBounds(0.2, 10, 0.5, 6);
            case GapMethod.ActionCapo ignored -> new ReadingBounds(0.2, 10, 0.5, 6);
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
        if (usual(mm)) return Optional.empty();
        return Optional.of(unit.showWithUnit(mm) + " is possible but odd: usual is " + unit.show(usualLeast) + " to "
                + unit.showWithUnit(usualMost) + "."
                + guess(mm, unit).map(g -> " " + g + ".").orElse(""));
    }

    /**
     * What was probably meant when a bare number is odd in its unit: thou typed as mm, inches typed as thou or 64ths, mm typed as thou or 64ths.
     *
     * @param mm what the number comes to in its unit
     * @return the text to be typed instead; empty when the number is usual or nothing likelier is known
     */
    public Optional<String> meant(double mm, LengthUnit unit) {
        double bare = mm / unit.exactMm().doubleValue();
        boolean invisible = mm > 0 && mm < LEAST_SEEN;
        if (!(mm > 0) || (usual(mm) && !invisible)) return Optional.empty();
        if (invisible && seen(bare * INCH)) return Optional.of(number(bare * 1000) + "t");
        boolean parts = unit == LengthUnit.IN64 || unit == LengthUnit.IN32;
        if (parts && bare < 1 && seen(bare * INCH)) return Optional.of(number(bare) + "in");
        // nobody reads a part of a thou
        if (unit == LengthUnit.MM && bare >= 1 && seen(mm * THOU)) return Optional.of(number(bare) + "t");
        if (unit != LengthUnit.MM && seen(bare)) return Optional.of(number(bare) + "mm");
        return Optional.empty();
    }

    private boolean usual(double mm) {
        return mm >= usualLeast && mm <= usualMost;
    }

    private boolean seen(double mm) {
        return usual(mm) && mm >= LEAST_SEEN;
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    private Optional<String> guess(double mm, LengthUnit unit) {
        return meant(mm, unit).map(text -> "If another unit was meant, type " + text);
    }
}
