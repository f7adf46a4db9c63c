package barytone.core.neck;

import barytone.core.quantity.Allowed;

/**
 * Where a gap is measured: which frets are held, at which fret the gauge goes. A reading without its method is not a
 * reading, for every number on a neck depends on it.
 */
public sealed interface GapMethod {

    /** The fret whose crown the gauge stands on. */
    int gaugeFret();

    /**
     * Relief: the dip of a crown below the line through two others, by the string held down on both or by a straightedge
     * that rests on both.
     *
     * @param heldLow the lower held fret; 0 for an edge that rests at the nut end of the board
     * @param heldHigh the higher held fret
     * @param gaugeFret a fret between them
     */
    record Relief(int heldLow, int heldHigh, int gaugeFret) implements GapMethod {
        public Relief {
            Allowed.whole("held[0]", heldLow, 0, FretScale.MOST_FRETS - 2);
            Allowed.whole("held[1]", heldHigh, heldLow + 2, FretScale.MOST_FRETS);
            Allowed.whole("gaugeFret", gaugeFret, heldLow + 1, heldHigh - 1);
        }
    }

    /** Nut, open: under the open string at fret 1. Includes the slope to the saddle. */
    record NutOpen() implements GapMethod {
        @Override
        public int gaugeFret() {
            return 1;
        }
    }

    /**
     * Nut, pressed: at fret 1 with the string held just behind a fret, so that the slot height alone remains.
     *
     * @param heldFret 2 to 5; 3 by most
     */
    record NutPressed(int heldFret) implements GapMethod {
        public NutPressed {
            Allowed.whole("heldFret", heldFret, 2, 5);
        }

        @Override
        public int gaugeFret() {
            return 1;
        }
    }

    /** Action: crown to string underside, string open. */
    record Action(int gaugeFret) implements GapMethod {
        public Action {
            Allowed.whole("fret", gaugeFret, 1, FretScale.MOST_FRETS);
        }
    }

    /** Action with a capo at 1, which takes the nut out. */
    record ActionCapo(int gaugeFret) implements GapMethod {
        public ActionCapo {
            Allowed.whole("fret", gaugeFret, 2, FretScale.MOST_FRETS);
        }
    }
}
