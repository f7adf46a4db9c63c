package barytone.core.plan;

import barytone.core.reading.Toolkit;

/** What the shop has to work with: its tools and its time. */
public record Means(Toolkit tools, Effort effort) {
    /** A usual shop. */
    public static final Means USUAL = new Means(Toolkit.USUAL, Effort.USUAL);

    /** Other tools, and the usual time. */
    public static Means with(Toolkit tools) {
        return new Means(tools, Effort.USUAL);
    }
}
