package barytone.core.quantity;

/** A unit that string tension is told in; inside the core it is newtons. */
public enum TensionUnit {
    /** Newtons. */
    N("N", 1),
    /** Pounds of force. */
    LB("lb", 4.4482216152605);

    private final String code;
    private final double newtons;

    TensionUnit(String code, double newtons) {
        this.code = code;
        this.newtons = newtons;
    }

    /** The name used in addresses and behind a number: {@code N}, {@code lb}. */
    public String code() {
        return code;
    }

    /**
     * The unit with this code.
     *
     * @throws NotAllowedException for any other text; the message lists what is allowed
     */
    public static TensionUnit ofCode(String code) {
        for (TensionUnit unit : values()) if (unit.code.equals(code)) return unit;
        throw new NotAllowedException("unit of tension “" + code + "” is not known; allowed are N, lb");
    }

    /** A tension in whole units with the unit behind it: {@code 72 N}. */
    public String show(double tension) {
        return Math.round(tension / newtons) + " " + code;
    }
}
