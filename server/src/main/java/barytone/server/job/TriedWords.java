package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.job.Station;
import barytone.core.quantity.LengthUnit;
import barytone.core.trial.TargetsTaken;
import java.util.List;

/** What is said of a setup that was tried and is wanted. */
final class TriedWords {
    private TriedWords() {}

    /** An entry of the tape. */
    static String line(TargetsTaken taken, Words words) {
        return "Wanted as tried: relief "
                + span(List.of(taken.relief().bass(), taken.relief().treble()), words.unit(Station.RELIEF)) + ", nut "
                + span(taken.nut().bands().reversed(), words.unit(Station.NUT)) + ", action "
                + span(taken.action().bands().reversed(), words.unit(Station.ACTION));
    }

    /** From the lowest string to the highest. */
    private static String span(List<Band> bands, LengthUnit unit) {
        String first = unit.showWithUnit(bands.getFirst().middle());
        String last = unit.showWithUnit(bands.getLast().middle());
        return first.equals(last) ? first : first + " to " + last;
    }
}
