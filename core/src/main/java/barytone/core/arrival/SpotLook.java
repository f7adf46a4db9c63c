package barytone.core.arrival;

/**
 * How a spot was found when it was looked at.
 *
 * @param note in the technician's words; may be empty
 */
public record SpotLook(Spot spot, SpotState state, String note) {}
