package barytone.core.arrival;

import barytone.core.quantity.Allowed;

/**
 * What is seen at one place of an instrument.
 *
 * @param x along the drawing of that side from the head, 0 to 1
 * @param y across it from the bass side of the front, 0 to 1
 * @param note in the technician's words; may be empty
 */
public record ConditionMark(Condition kind, Side side, double x, double y, String note) {
    public ConditionMark {
        Allowed.number("x", x, 0, 1, "of the drawing's length");
        Allowed.number("y", y, 0, 1, "of the drawing's height");
    }
}
