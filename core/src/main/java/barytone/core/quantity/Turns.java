package barytone.core.quantity;

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

    public Turns {
        if (Math.abs((long) sixteenths) > 16 * 100)
            throw new IllegalArgumentException(
                    sixteenths / 16.0 + " turns is more than any rod or screw has; at most 100");
    }

    /** The nearest sixteenth to a number of turns. */
    public static Turns nearest(double turns) {
        if (!Double.isFinite(turns)) throw new IllegalArgumentException("turns must be a finite number, not " + turns);
        return new Turns(Math.toIntExact(Math.round(Math.clamp(turns, -1000, 1000) * 16)));
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
