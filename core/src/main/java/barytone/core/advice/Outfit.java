package barytone.core.advice;

import barytone.core.reading.Toolkit;

/** What the shop has to work with: its tools and its time. */
public record Outfit(Toolkit tools, Effort effort) {
    /** A usual shop. */
    public static final Outfit USUAL = new Outfit(Toolkit.USUAL, Effort.USUAL);

    /** Other tools, and the usual time. */
    public static Outfit with(Toolkit tools) {
        return new Outfit(tools, Effort.USUAL);
    }
}
