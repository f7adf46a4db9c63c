package barytone.server.station.frets;

import barytone.core.clearance.BoardSense;
import barytone.core.quantity.LengthUnit;
import barytone.server.buzz.BuzzWords;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is told of the crowns and of the hand that plays. */
final class CrownWords {
    private final BuzzWords words;
    private final LengthUnit unit;

    CrownWords(BuzzWords words, LengthUnit unit) {
        this.words = words;
        this.unit = unit;
    }

    /** The crowns that stand off. */
    List<FretsView.CrownView> stand(BoardSense sense) {
        return sense.crowns().stream().map(this::crown).toList();
    }

    private FretsView.CrownView crown(BoardSense.CrownTold crown) {
        boolean high = crown.height() > 0;
        return new FretsView.CrownView(
                crown.fret(),
                high,
                Math.rint(crown.height() * 1000) / 1000,
                crown.height() > BoardSense.CrownTold.BOUNDED
                        ? unit.showWithUnit(BoardSense.CrownTold.BOUNDED) + " high or more"
                        : "about " + unit.showWithUnit(Math.abs(crown.height())) + (high ? " high" : " low")
                                + ", give or take " + unit.showWithUnit(crown.sd()),
                crown.spoils().isEmpty()
                        ? "by rocker or straightedge"
                        : words.notes(crown.spoils()) + (crown.spoils().size() == 1 ? " touches it" : " touch it"));
    }

    /** How hard it is played; null while that is not told. */
    @Nullable
    String hand(BoardSense sense) {
        return sense.handTold()
                ? String.format(
                        Locale.ROOT, "Played with about %.1f times a usual force, by what touches.", sense.hand())
                : null;
    }
}
