package barytone.server.job;

import barytone.core.quantity.Units;

/**
 * A job was closed just now, in the transaction that goes on.
 *
 * @param units in which it was looked at
 */
public record JobClosed(long job, Units units) {}
