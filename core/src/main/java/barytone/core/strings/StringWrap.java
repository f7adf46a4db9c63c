package barytone.core.strings;

/** What a string is made of on the outside; densities in kg/m^3 are modelling choices from material tables. */
public enum StringWrap {
    /** A plain steel wire. */
    PLAIN("plain", false, 7850),
    /** A plain nylon or similar polymer line. */
    NYLON("nylon", false, 1140),
    /** Nickel-plated steel wound on steel. */
    NICKEL("nickel", true, 7950),
    /** Steel wound on steel. */
    STEEL("steel", true, 7850),
    /** Bronze wound on steel. */
    BRONZE("bronze", true, 8800),
    /** Silver-plated copper wound on nylon floss: the basses of a nylon-string. */
    FLOSS("floss", true, 8900);

    /** Density of steel cores, kg/m^3. */
    static final double STEEL_DENSITY = 7850;

    private final String code;
    private final boolean wound;
    private final double density;

    StringWrap(String code, boolean wound, double density) {
        this.code = code;
        this.wound = wound;
        this.density = density;
    }

    /** The name used in addresses and in lists of gauges. */
    public String code() {
        return code;
    }

    /** Whether there is a core inside. */
    public boolean wound() {
        return wound;
    }

    /** Whether its core is a bundle of nylon. */
    boolean onFloss() {
        return this == FLOSS;
    }

    double density() {
        return density;
    }

    /**
     * The wrap with this name.
     *
     * @throws IllegalArgumentException for any other; the message lists what is allowed
     */
    public static StringWrap ofCode(String code) {
        for (StringWrap wrap : values()) if (wrap.code.equals(code)) return wrap;
        throw barytone.core.quantity.Allowed.broken(
                "wrap", "“" + code + "”", "plain, nickel, steel, bronze, nylon or floss");
    }
}
