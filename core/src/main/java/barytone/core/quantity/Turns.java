package barytone.core.quantity;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount of turning of a wrench or screw, clockwise as seen from its access end, held in sixteenths: the finest step a
 * hand can tell.
 *
 * @param sixteenths sixteenths of a turn; positive is clockwise
 */
public record Turns(int sixteenths) implements Comparable<Turns> {
    public static final Turns NONE = new Turns(0);
    public static final Turns EIGHTH = new Turns(2);
    public static final Turns QUARTER = new Turns(4);

    /** Neither rod nor screw is turned farther at once, full turns; more is done in parts. */
    public static final int MOST_AT_ONCE = 12;

    public Turns {
        if (Math.abs((long) sixteenths) > 16 * 100)
            throw new NotAllowedException(sixteenths / 16.0 + " turns is more than any rod or screw has; at most 100");
    }

    /** The nearest sixteenth to a number of turns. */
    public static Turns nearest(double turns) {
        if (!Double.isFinite(turns)) throw new NotAllowedException("turns must be a finite number, not " + turns);
        return new Turns(Math.toIntExact(Math.round(Math.clamp(turns, -1000, 1000) * 16)));
    }

    private static final Pattern TEXT = Pattern.compile(
            "(?<sign>[+-])?\\s*(?:(?<whole>\\d{1,3})(?=\\s|$|[.,]))?(?<dec>[.,]\\d{1,4})?\\s*(?:(?<num>\\d{1,2})\\s*/\\s*(?<den>2|4|8|16))?");

    /**
     * Reads an amount as it is spoken: {@code 1/8}, {@code 1 3/16}, {@code 0.25}, {@code -2 1/2}.
     *
     * @param field its name for messages
     * @param most turns allowed either way
     * @throws NotAllowedException when it is no amount in sixteenths, or more than allowed
     */
    public static Turns parse(String field, String text, int most) {
        String clean = text.strip().replace('−', '-');
        Matcher m = TEXT.matcher(clean);
        String allowed = "an amount in sixteenths up to " + most + " turns, like 1/8, 3/16, 1 1/4 or 0.5";
        if (clean.isEmpty()
                || !m.matches()
                || (m.group("whole") == null && m.group("dec") == null && m.group("num") == null))
            throw Allowed.broken(field, clean.isEmpty() ? "nothing" : "“" + clean + "”", allowed);
        double turns = (m.group("whole") == null ? 0 : Integer.parseInt(m.group("whole")))
                + (m.group("dec") == null
                        ? 0
                        : Double.parseDouble("0" + m.group("dec").replace(',', '.')))
                + (m.group("num") == null
                        ? 0
                        : Integer.parseInt(m.group("num")) / (double) Integer.parseInt(m.group("den")));
        double sixteenths = turns * 16;
        if (Math.abs(sixteenths - Math.rint(sixteenths)) > 1e-6 || turns > most)
            throw Allowed.broken(field, "“" + clean + "”", allowed);
        int whole = (int) Math.rint(sixteenths);
        return new Turns("-".equals(m.group("sign")) ? -whole : whole);
    }

    /** The amount as a number of turns. */
    public double value() {
        return sixteenths / 16.0;
    }

    public Turns plus(Turns other) {
        return new Turns(sixteenths + other.sixteenths);
    }

    public Turns negated() {
        return new Turns(-sixteenths);
    }

    public Turns abs() {
        return new Turns(Math.abs(sixteenths));
    }

    public boolean isZero() {
        return sixteenths == 0;
    }

    /** The amount without its sign, as a reduced fraction: {@code 1/8}, {@code 3/16}, {@code 1 1/4}, {@code 2}. */
    public String amount() {
        int n = Math.abs(sixteenths);
        int whole = n / 16;
        int rest = n % 16;
        if (rest == 0) return String.valueOf(whole);
        int below = 16;
        while (rest % 2 == 0) {
            rest /= 2;
            below /= 2;
        }
        return (whole > 0 ? whole + " " : "") + rest + "/" + below;
    }

    @Override
    public int compareTo(Turns other) {
        return Integer.compare(sixteenths, other.sixteenths);
    }

    @Override
    public String toString() {
        return amount() + " turn" + (Math.abs(sixteenths) > 16 ? "s" : "")
                + (sixteenths == 0 ? "" : sixteenths > 0 ? " clockwise" : " anticlockwise");
    }
}
