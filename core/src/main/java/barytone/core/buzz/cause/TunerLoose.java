package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A bushing, washer or screw of a tuner rattles. */
final class TunerLoose extends LoosePart {
    TunerLoose() {
        super("tuner-loose", "A loose tuner", Remedy.SNUG_TUNER, BuzzTest.TAP_HEAD);
        shows(BuzzTest.TAP_HEAD, Outcome.RATTLES, 0.85);
        from(Zone.BEHIND_NUT, 0.55);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }
}
