package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;
import barytone.core.playoff.NoteMark;

/** The string sits on the edges of its saddle slot and is dull everywhere. */
final class SaddleSlotNarrow extends OneString {
    SaddleSlotNarrow() {
        super(
                "saddle-slot-narrow",
                "A saddle slot that is too narrow",
                Remedy.RECUT_SADDLE,
                BuzzTest.PRESS_AT_SADDLE,
                0.75,
                0.01);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.6);
        from(Zone.AT_BRIDGE, 0.2);
    }

    @Override
    protected double odds(Board board) {
        return 0.01;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 0.6 : 1.15;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SINCE_STRINGS, 3);
    }
}
