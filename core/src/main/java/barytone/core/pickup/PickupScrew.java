package barytone.core.pickup;

import barytone.core.quantity.Turns;

/**
 * Which way a pickup's screw turns: one that hangs on springs is drawn up to its ring by turning clockwise, one that is screwed down into the wood over foam is let up by turning
 * anticlockwise. Who turns the wrong way brings the magnets to the strings.
 */
public final class PickupScrew {
    private PickupScrew() {}

    /** How far a turn raises, in turns; negative lowers. */
    public static double raised(Pickup.Mounting mounting, Turns clockwise) {
        return clockwise.value() * sign(mounting);
    }

    /** 1 where clockwise raises, -1 where it lowers. */
    public static int sign(Pickup.Mounting mounting) {
        return mounting.clockwiseRaises() ? 1 : -1;
    }
}
