package barytone.core.practice;

/**
 * What a job took and how it ended.
 *
 * @param inBand every true quantity that was agreed on ended in its band
 * @param unsafe steps that could have hurt the instrument or somebody: a rod step over the limit, a slot filed below the frets, a
 *     string raised at pitch
 * @param overshoots moves that carried a quantity from one side of its band past the other
 */
record Tally(boolean inBand, int unsafe, int readings, int moves, int retunes, int overshoots) {}
