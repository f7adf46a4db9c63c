package barytone.core.neck;

/**
 * The pressed gap: pressed down behind a fret near the nut, a string is a straight line from its slot to that crown, and what it leaves over the first crown is nearly the
 * slot's height alone: {@code g = y_nut + (y_n - y_nut) x_1 / x_n - y_1}. Neither action nor the player's tuning is in it; of the relief a few hundredths.
 */
final class PressedGap {
    private PressedGap() {}

    /**
     * Over fret 1, mm; negative where the slot lies below the line of the crowns.
     *
     * @param held the fret behind which it is pressed
     */
    static double of(StringLine line, StringState state, int held) {
        double k = state.curvature();
        double first = line.scale().crown(1);
        double atFirst = StringLine.through(
                0, line.nutHeight(state), line.scale().crown(held), line.crownHeight(k, held), first);
        return atFirst - line.crownHeight(k, 1);
    }
}
