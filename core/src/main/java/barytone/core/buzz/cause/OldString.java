package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.NoteMark;
import org.jspecify.annotations.Nullable;

/** A string that is dull and wavers along its whole length. */
final class OldString extends OneString {
    OldString() {
        super(
                "old-string",
                "A string that is worn out",
                Remedy.REPLACE_STRING,
                BuzzTest.OPEN_AGAINST_HARMONIC,
                0.6,
                0.03);
        shows(BuzzTest.OPEN_AGAINST_HARMONIC, Outcome.DISAGREE, 0.75);
        shows(BuzzTest.SWAP_STRING, Outcome.STOPS, 0.9);
    }

    @Override
    protected double odds(Board board) {
        return 0.03;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.DEAD ? 1.3 : mark == NoteMark.BUZZ ? 0.6 : 0.8;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return age(findings.stringAgeDays())
                * findings.hint(Hint.OUT_UP_THE_NECK, 2)
                * findings.hint(Hint.SINCE_STRINGS, 0.3);
    }

    private static double age(@Nullable Integer days) {
        if (days == null) return 1;
        return days > 120 ? 3 : days > 40 ? 1.2 : 0.15;
    }
}
