package barytone.core.reading;

import barytone.core.quantity.NotAllowedException;

/** What was found between crown and string, before the tool's uncertainty is added. Lengths in mm. */
public sealed interface Gap {
    /** A number read off, or a leaf that just touches. */
    record Of(double mm) implements Gap {}

    /** The first size goes, the second does not. */
    record Between(double goes, double stops) implements Gap {
        public Between {
            if (!(goes < stops))
                throw new NotAllowedException(
                        "the size that goes (" + goes + ") must be smaller than the one that does not (" + stops + ")");
        }
    }

    /** This size went freely; no larger one was tried. */
    record AtLeast(double mm) implements Gap {}

    /** This size already lifts the string; no smaller one was tried. Also: no gap at all. */
    record AtMost(double mm) implements Gap {}

    /** How far to either side of the number shown the gap may lie by this finding alone, mm. */
    default double halfWidth() {
        return this instanceof Between between ? (between.stops() - between.goes()) / 2 : 0;
    }

    /** The number to show for it, in mm: itself, the middle of a bracket, or the limit. */
    default double shown() {
        return switch (this) {
            case Of of -> of.mm();
            case Between between -> (between.goes() + between.stops()) / 2;
            case AtLeast least -> least.mm();
            case AtMost most -> most.mm();
        };
    }
}
