package barytone.core.workshop;

/**
 * What a job took and how it ended.
 *
 * @param inBand every true quantity that was agreed on ended in its band
 * @param measurable the same within what can be measured: 0.02 mm of relief, 0.03 of nut, 0.10 of action
 * @param unsafe steps that could have hurt the instrument or somebody: a rod step over the limit, a slot filed below the frets, a
 *     string raised at pitch
 * @param overshoots moves that carried a quantity from one side of its band past the other
 * @param readings of gaps
 * @param notes sounded and read on a tuner
 * @param slackenings rounds with the strings slack or off
 */
record Tally(
        boolean inBand,
        boolean measurable,
        int unsafe,
        int readings,
        int moves,
        int retunes,
        int overshoots,
        int notes,
        int slackenings) {}
