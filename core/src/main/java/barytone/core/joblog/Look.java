package barytone.core.joblog;

import barytone.core.estimate.SetupEstimate;

/**
 * The last believed reading of a string at a station.
 *
 * @param seq its place in the log
 * @param then the setup as estimated just after it
 * @param touched whether a move has changed this height on purpose since
 * @param repeats readings of this height since the last move of any kind
 */
public record Look(long seq, SetupEstimate then, boolean touched, int repeats) {}
