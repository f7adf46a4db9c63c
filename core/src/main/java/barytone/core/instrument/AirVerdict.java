package barytone.core.instrument;

/** Whether an instrument can be judged in the air that it stands in, or is to be conditioned first. */
public enum AirVerdict {
    DRY,
    FINE,
    WET;

    /** Thin tops want the middle of the range: % relative humidity. */
    private static final double TOP_LOW = 40;

    private static final double TOP_HIGH = 55;

    /** Solid bodies stand more. */
    private static final double SOLID_LOW = 30;

    private static final double SOLID_HIGH = 65;

    /**
     * The verdict for a kind of instrument.
     *
     * @param humidity relative, %
     */
    public static AirVerdict of(InstrumentKind kind, double humidity) {
        if (humidity < (kind.thinTop() ? TOP_LOW : SOLID_LOW)) return DRY;
        return humidity > (kind.thinTop() ? TOP_HIGH : SOLID_HIGH) ? WET : FINE;
    }
}
