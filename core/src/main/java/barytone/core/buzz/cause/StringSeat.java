package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** A kink, or a ball end that is not home: one string, since it was put on. */
final class StringSeat extends OneString {
    StringSeat() {
        super("string-seat", "A string that is not seated", Remedy.SEAT_STRING, BuzzTest.RESEAT_STRING, 0.6, 0.01);
        shows(BuzzTest.RESEAT_STRING, Outcome.STOPS, 0.9);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.35);
        shows(BuzzTest.SWAP_STRING, Outcome.STOPS, 0.7);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SINCE_STRINGS, 5)
                * (findings.stringAgeDays() != null && findings.stringAgeDays() > 60 ? 0.3 : 1);
    }
}
