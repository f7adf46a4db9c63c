package barytone.core.wait;

import barytone.core.quantity.Allowed;

/**
 * Air in which a wait is over.
 *
 * @param least relative humidity, %
 * @param most relative humidity, %
 */
public record AirWanted(double least, double most) {
    public AirWanted {
        Allowed.number("least humidity", least, 0, 100, "% relative humidity");
        Allowed.number("most humidity", most, least, 100, "% relative humidity");
    }

    /** Whether air that was read will do. */
    public boolean holds(double humidity) {
        return humidity >= least && humidity <= most;
    }
}
