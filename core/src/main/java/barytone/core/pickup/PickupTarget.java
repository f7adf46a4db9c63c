package barytone.core.pickup;

import barytone.core.estimate.Band;

/** The wanted gaps between string and pickup, string pressed at the last fret, by how strongly a pickup pulls; mm. */
public record PickupTarget(Band usualBass, Band usualTreble, Band strongBass, Band strongTreble) {
    /** What to start with. */
    public static final PickupTarget USUAL =
            new PickupTarget(new Band(2.2, 2.8), new Band(1.7, 2.3), new Band(3.4, 4.0), new Band(3.0, 3.6));

    /** The wanted gap on one side of a pickup. */
    public Band band(Pickup.Kind kind, Pickup.Side side) {
        return switch (kind) {
            case USUAL -> side == Pickup.Side.BASS ? usualBass : usualTreble;
            case STRONG -> side == Pickup.Side.BASS ? strongBass : strongTreble;
        };
    }
}
