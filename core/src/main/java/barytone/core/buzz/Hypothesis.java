package barytone.core.buzz;

import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import java.util.Arrays;
import java.util.List;

/** A cause at a place, with what it makes of all that is heard, known and tested; worked out once, for it goes into many sets. */
final class Hypothesis {
    /** No cause spoils a note for certain. */
    private static final double MOST = 0.97;

    final Cause cause;
    final Place place;

    /** Odds that it is present, by how often it is met, what is known and the notes that ring clean. */
    final double odds;

    /** What it leaves clean of each thing that is heard. */
    final double[] leaves;

    /** By test that was made: what it leaves of each sign that the test can show. */
    final double[][] hides;

    private final double fits;
    private final Witnesses heard;

    Hypothesis(Cause cause, Place place, double share, Findings findings, Witnesses heard) {
        this.cause = cause;
        this.place = place;
        this.heard = heard;
        double clean = 0;
        for (int c = 0; c < heard.clean.size(); c++)
            clean += heard.cleanSays[c] * Math.log(1 - spoils(heard.clean.get(c), heard.cleanNotes.get(c)));
        fits = cause.fits(findings, place, heard.board);
        odds = share * fits * Math.exp(clean);
        leaves = new double[heard.says.length];
        int i = 0;
        for (int b = 0; b < heard.bad.size(); b++) leaves[i++] = 1 - spoils(heard.bad.get(b), heard.badNotes.get(b));
        for (Zone zone : heard.zones) leaves[i++] = 1 - cause.chanceFrom(zone);
        for (BuzzMap.Region region : heard.said) leaves[i++] = 1 - overall(region);
        hides = new double[heard.tests.size()][];
        for (int t = 0; t < hides.length; t++) {
            TestResult result = heard.tests.get(t);
            List<Outcome> outcomes = result.test().outcomes();
            hides[t] = new double[outcomes.size() - 1];
            for (int o = 1; o < outcomes.size(); o++)
                hides[t][o - 1] = cause.met(place, result) ? 1 - cause.chanceOf(result.test(), outcomes.get(o)) : 1;
        }
    }

    /** The chance that it makes a note sound as it does, or spoils one that rings clean. */
    double spoils(PlayedNote played) {
        return spoils(played, heard.note(played.string(), played.fret()));
    }

    private double spoils(PlayedNote played, Note note) {
        if (played.mark() == NoteMark.BEND_CHOKE) return Math.clamp(cause.chokes(place, note), 0, MOST);
        double chance = cause.spoils(place, note) * cause.touch(played.pluck());
        return Math.clamp(played.mark() == NoteMark.CLEAN ? chance : chance * cause.sounds(played.mark()), 0, MOST);
    }

    /** The chance that a part of the board sounds wrong somewhere. */
    double overall(BuzzMap.Region region) {
        double sum = 0;
        int notes = 0;
        for (int string : region.strings())
            for (int fret = region.fromFret(); fret <= region.toFret(); fret++) {
                Note note = heard.note(string, fret);
                sum += Math.clamp(Math.max(cause.spoils(place, note), cause.chokes(place, note)), 0, MOST);
                notes++;
            }
        return notes == 0 ? 0 : sum / notes;
    }

    /** Whether anything that is heard, known or tested speaks for it. */
    boolean explainsSomething() {
        return fits > 1.3 || explainsWhatIsHeard();
    }

    /** Whether something would have to be done about it: it explains what is heard or tested, not only what is known. */
    boolean worthARemedy() {
        return leaves.length == 0 && heard.tests.isEmpty() ? explainsSomething() : explainsWhatIsHeard();
    }

    private boolean explainsWhatIsHeard() {
        return Arrays.stream(leaves).anyMatch(left -> left < 0.85)
                || heard.tests.stream()
                        .anyMatch(t -> t.sign()
                                && cause.met(place, t)
                                && cause.chanceOf(t.test(), t.outcome())
                                        > t.test().mistaken(t.outcome()));
    }
}
