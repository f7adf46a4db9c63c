package barytone.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The text form of a length as it is typed at the bench.
 *
 * <p>Accepted: {@code 0.3} (current unit), {@code 0.3mm}, {@code .012in}, {@code 12t} or {@code 12thou}, {@code 5/64}
 * (inch), {@code 5/64+} and {@code 5/64-} (a quarter of a 64th over and under), {@code 5½/64}, {@code 3/32"}, {@code 1 1/64},
 * and a bracket {@code 8..10t}: the first goes, the second does not. A comma serves as decimal point. In 64ths or 32nds a
 * bare number may carry + or − as well ({@code 5+}).
 */
public sealed interface LengthText {
    /** One length. */
    record Exact(Length length) implements LengthText {}

    /**
     * The gap lies between two sizes.
     *
     * @param goes the size that goes
     * @param stops the next size, which does not; larger than {@code goes}
     */
    record Bracket(Length goes, Length stops) implements LengthText {}

    /** What may be typed, for messages and for help. */
    String ALLOWED = "0.3, 0.3mm, .012in, 12t, 5/64, 5/64+, 3/32\", 1 1/64, or a bracket 8..10t";

    /**
     * Reads a length or a bracket.
     *
     * @param text what was typed
     * @param bareUnit the unit of a number typed without one
     * @throws LengthTextException when the text is neither; the message says what was understood and what is allowed
     */
    static LengthText parse(String text, LengthUnit bareUnit) {
        String typed = text.strip();
        if (typed.isEmpty()) throw new LengthTextException("Nothing typed. Allowed: " + ALLOWED + ".");
        if (typed.length() > 40)
            throw new LengthTextException(
                    "“" + typed.substring(0, 20) + "…” is too long for a length. Allowed: " + ALLOWED + ".");
        int dots = typed.indexOf("..");
        if (dots < 0) return new Exact(Part.parse(typed, typed).in(bareUnit));
        Part second = Part.parse(typed.substring(dots + 2), typed);
        Part first = Part.parse(typed.substring(0, dots), typed);
        LengthUnit shared = second.unit != null ? second.unit : bareUnit;
        Length goes = first.in(first.unit != null ? first.unit : shared);
        Length stops = second.in(shared);
        if (goes.compareTo(stops) >= 0)
            throw new LengthTextException("“" + typed
                    + "”: the first size goes and the second does not, so the second must be the larger; understood "
                    + goes + " and " + stops + ".");
        return new Bracket(goes, stops);
    }

    /** A number with an optional unit, before the current unit is known. */
    record Part(
            BigDecimal number,
            int quarters,
            boolean fraction,
            @Nullable LengthUnit unit) {
        private static final BigDecimal INCH_MM = new BigDecimal("25.4");
        private static final BigDecimal QUARTER_64TH_MM = new BigDecimal("0.09921875");
        private static final Pattern SHAPE = Pattern.compile(
                "(?<sign>[+-])?\\s*(?:(?:(?<whole>\\d+)\\s+)?(?<num>\\d+(?:\\.\\d+)?)?(?<half>[½¼])?\\s*/\\s*(?<den>\\d+)|(?<dec>\\d+\\.?\\d*|\\.\\d+))"
                        + "\\s*(?<over>[+-])?\\s*(?<unit>[^\\d\\s.].*)?");

        static Part parse(String part, String typed) {
            String clean = part.strip()
                    .toLowerCase(Locale.ROOT)
                    .replace('−', '-')
                    .replace(',', '.')
                    .replace('″', '"')
                    .replace('”', '"');
            Matcher m = SHAPE.matcher(clean);
            if (!m.matches())
                throw new LengthTextException("“" + typed + "” is not a length. Allowed: " + ALLOWED + ".");
            boolean fraction = m.group("den") != null;
            BigDecimal number = fraction ? fraction(m, typed) : new BigDecimal(m.group("dec"));
            @Nullable LengthUnit unit = unit(m.group("unit"), number, typed);
            if (fraction && unit == LengthUnit.THOU)
                throw new LengthTextException("“" + typed
                        + "”: a fraction is of an inch or of a mm, not of a thou. Allowed: " + ALLOWED + ".");
            boolean inches = m.group("unit") != null && isInch(m.group("unit"));
            if (inches && !fraction) {
                // decimal inches: a thousand thou
                number = number.multiply(BigDecimal.valueOf(1000));
                unit = LengthUnit.THOU;
            }
            String over = m.group("over");
            int quarters = over == null ? 0 : over.equals("+") ? 1 : -1;
            if (quarters != 0 && (unit != null || (inches && !fraction)))
                throw new LengthTextException(
                        "“" + typed
                                + "”: + and - mean a quarter of a 64th over or under and go with a fraction of an inch, like 5/64+.");
            boolean negative = "-".equals(m.group("sign"));
            return new Part(negative ? number.negate() : number, negative ? -quarters : quarters, fraction, unit);
        }

        private static BigDecimal fraction(Matcher m, String typed) {
            BigDecimal below = new BigDecimal(m.group("den"));
            if (below.signum() == 0)
                throw new LengthTextException(
                        "“" + typed + "”: a fraction needs a whole number above 0 below the line, like 5/64.");
            if (m.group("num") == null && m.group("half") == null)
                throw new LengthTextException(
                        "“" + typed + "”: a number is missing above the line. Allowed: " + ALLOWED + ".");
            BigDecimal above = m.group("num") == null ? BigDecimal.ZERO : new BigDecimal(m.group("num"));
            if (m.group("half") != null)
                above = above.add(new BigDecimal(m.group("half").equals("½") ? "0.5" : "0.25"));
            BigDecimal value = above.divide(below, MathContext.DECIMAL128);
            return m.group("whole") == null ? value : value.add(new BigDecimal(m.group("whole")));
        }

        private static boolean isInch(String unit) {
            return switch (unit.strip()) {
                case "in", "in.", "inch", "inches", "\"", "''" -> true;
                default -> false;
            };
        }

        private static @Nullable LengthUnit unit(@Nullable String unit, BigDecimal number, String typed) {
            if (unit == null || isInch(unit)) return null;
            return switch (unit.strip()) {
                case "mm" -> LengthUnit.MM;
                case "t", "th", "thou", "mil" -> LengthUnit.THOU;
                default ->
                    throw new LengthTextException("“" + typed + "”: understood "
                            + number.stripTrailingZeros().toPlainString() + ", but not the unit “" + unit.strip()
                            + "”. Units are mm, in, t (thou); 64ths are typed 5/64.");
            };
        }

        /** The length, a bare number being in the given unit. A fraction without mm is of an inch whatever the current unit. */
        Length in(LengthUnit bare) {
            BigDecimal mm;
            if (fraction && unit == null) {
                mm = number.multiply(INCH_MM);
            } else {
                LengthUnit used = unit != null ? unit : bare;
                if (quarters != 0 && used != LengthUnit.IN64 && used != LengthUnit.IN32)
                    throw new LengthTextException(
                            "“" + number.stripTrailingZeros().toPlainString() + (quarters > 0 ? "+" : "-")
                                    + "”: + and - mean a quarter of a 64th over or under and go with a fraction of an inch, like 5/64+.");
                mm = number.multiply(used.exactMm());
            }
            return new Length(mm.add(QUARTER_64TH_MM.multiply(BigDecimal.valueOf(quarters)))
                    .doubleValue());
        }
    }
}
