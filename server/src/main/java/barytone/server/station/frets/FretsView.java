package barytone.server.station.frets;

import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Zone;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.Pluck;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The hunt for a buzz on the page of a job.
 *
 * @param names of the strings, the lowest first
 * @param frets of the board
 * @param joint the fret at which the neck meets the body
 * @param again notes that are to be played again, for something moved since they sounded wrong
 * @param room forecast by the readings; empty while relief or action were not read
 * @param crowns that stand off, as the marks and the rocker tell
 * @param hand how hard it is played against what is usual; left out while that is not told
 * @param bends where they choke, in words
 * @param suspects by falling probability; empty while nothing is heard
 * @param next left out when no test tells anything that matters
 * @param proposed the test of the next move, which confirms before anything is done; left out when that is no test
 * @param tests all there are, to note one that was made unasked
 * @param made what was tested, in words, the last one first
 * @param done what was done about causes, and what is accepted
 */
record FretsView(
        List<NamedString> names,
        int frets,
        int joint,
        List<BoardMark> marks,
        List<BoardMark> again,
        List<ZoneChoice> zones,
        List<HintChoice> hints,
        List<StringRoom> room,
        List<CrownView> crowns,
        @Nullable String hand,
        List<String> bends,
        List<SuspectView> suspects,
        @Nullable NextBuzzTest next,
        @Nullable NextBuzzTest proposed,
        List<BuzzTestView> tests,
        List<String> made,
        List<String> done,
        List<String> remarks) {
    /** A string as it is spoken. */
    record NamedString(int string, String label) {}

    /** A note as it sounds. */
    record BoardMark(int string, int fret, NoteMark mark, Pluck pluck, boolean plugged, boolean accepted) {}

    /** A zone from which a noise may come. */
    record ZoneChoice(Zone code, String label, boolean on) {}

    /**
     * What else may be known.
     *
     * @param on whether it was noted here
     * @param known whether it follows from what was read or said elsewhere
     */
    record HintChoice(Hint code, String label, boolean on, boolean known) {}

    /**
     * How much room a string has for a usual touch.
     *
     * @param fits by note, from the open one on
     * @param tightest the note with the least room, in words
     */
    record StringRoom(int string, List<Fits> fits, String tightest) {}

    /**
     * A crown that is likely to stand off.
     *
     * @param high or else worn
     * @param height above where it should be as it is drawn, mm
     * @param text how far
     * @param because of what it is told
     */
    record CrownView(int fret, boolean high, double height, String text, String because) {}

    /** Whether a note has room. */
    enum Fits {
        FREE,
        /** So little room that what is known of the heights does not tell. */
        NEAR,
        TOUCHES
    }

    /**
     * A cause that may be at work.
     *
     * @param percent how likely, %
     * @param string where it sits; 0 where it is no one string
     * @param fret where it sits; 0 where it is no one fret
     * @param confirmed whether a test or a reading speaks for it, and not only what is heard
     */
    record SuspectView(
            String cause,
            String title,
            int percent,
            List<String> because,
            String remedy,
            String who,
            @Nullable String caution,
            int string,
            int fret,
            boolean confirmed) {}

    /** What a test can show, in words. */
    record OutcomeChoice(Outcome code, String label) {}

    /** The test that tells most for its time. */
    record NextBuzzTest(
            BuzzTest test,
            String title,
            @Nullable Integer string,
            @Nullable Integer fret,
            String takes,
            List<OutcomeChoice> outcomes) {}

    /** A test of the hunt. */
    record BuzzTestView(BuzzTest test, String title, BuzzTest.Where where, List<OutcomeChoice> outcomes) {}
}
