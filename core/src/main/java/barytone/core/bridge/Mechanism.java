package barytone.core.bridge;

import java.util.List;

/**
 * How a bridge carries its strings, and what of it can be moved: all that the work, the words and the simulation need to know of it. A new bridge is one class, and one
 * constant of {@link BridgeKind}.
 */
public interface Mechanism {
    /** How saddles are moved along their strings. */
    enum Along {
        /** By screws, and so counted in turns. */
        SCREWS,
        /** The crown is filed to another place on a saddle that stays. */
        FILED,
        /** The whole bridge is moved on its feet. */
        FEET
    }

    /**
     * What carries the strings.
     *
     * @param z the strings' places across the bridge in mm, treble positive, string 1 first
     */
    Supports heights(List<Double> z);

    /** What is moved to lengthen or shorten them. */
    Supports lengths(List<Double> z);

    /** Whether heights are set with screws, and so counted in turns. */
    default boolean screwed() {
        return true;
    }

    /** Whether every string has a support of its own, so that one in its band is left alone. */
    default boolean alone() {
        return false;
    }

    /** Whether the saddle is one rigid piece, so that two readings tell where it stands. */
    default boolean rigid() {
        return false;
    }

    /** Whether one saddle stands under two strings. */
    default boolean paired() {
        return false;
    }

    /** How its saddles are moved along the strings. */
    default Along along() {
        return Along.SCREWS;
    }

    /** What is turned or reworked for the height, many of them. */
    String heightNoun();

    /** What is moved for the length, many of them. */
    default String lengthNoun() {
        return "saddles";
    }
}
