package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A string tree rattles. */
final class TreeLoose extends LoosePart {
    TreeLoose() {
        super("tree-loose", "A loose string tree", Remedy.SNUG_TREE, BuzzTest.TAP_HEAD);
        shows(BuzzTest.TAP_HEAD, Outcome.RATTLES, 0.75);
        shows(BuzzTest.DAMP_BEHIND_NUT, Outcome.STOPS, 0.5);
        from(Zone.BEHIND_NUT, 0.6);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0 : 0.01;
    }
}
