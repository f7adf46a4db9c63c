package barytone.core.reading;

/**
 * What a ruler cannot tell: it is read to the nearest mark, so that the true length lies anywhere within one mark with equal chance. The spread of that is the mark over the
 * square root of twelve; source: the variance of a uniform distribution. By eye half a mark is told from none.
 */
final class RulerUncertainty {
    private RulerUncertainty() {}

    /**
     * Spread of one reading, mm (1 sd).
     *
     * @param mark the finest one, mm
     */
    static double scatter(double mark) {
        return mark / (2 * Math.sqrt(3));
    }

    /** The least difference that can be told, mm: half of the half mark that it is read in. */
    static double sees(double mark) {
        return mark / 4;
    }
}
