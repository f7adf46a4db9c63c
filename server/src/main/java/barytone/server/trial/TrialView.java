package barytone.server.trial;

import barytone.core.instrument.Touch;
import barytone.server.job.JobView;
import barytone.server.job.Stands;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A setup that is tried.
 *
 * @param gaps as they are drawn, brought within what a setup can be
 * @param section under one string; as it stands now lies behind it
 * @param columns what the gaps are called and how they are read: nut, action
 * @param strings lowest first
 * @param crowns that stand off, to be drawn so
 * @param opens how far gaps open when the string of the section is lifted
 * @param bends where they choke, in words
 * @param clean whether every note rings free
 * @param headline what happens to the tightest note
 * @param detail by what it is reckoned
 * @param heard how hard is played by what was heard; left out while that is not told
 * @param unread what was not read and is taken as it usually is
 * @param plays strings, tuning, radius and touch that are tried, as they are typed
 */
record TrialView(
        TriedGaps gaps,
        JobView.SectionView section,
        List<String> columns,
        List<TriedString> strings,
        List<TriedCrown> crowns,
        OpensBy opens,
        String bends,
        boolean clean,
        String headline,
        String detail,
        @Nullable String heard,
        List<String> unread,
        TriedWith plays) {
    /**
     * Relief held at 1 and the body joint at 8, nut pressed at 3 over 1, action at its fret; string 1 first, mm.
     *
     * @param reliefBass under the lowest string
     * @param reliefTreble under string 1
     */
    record TriedGaps(double reliefBass, double reliefTreble, List<Double> nut, List<Double> action) {}

    /** A crown that stands off, mm. */
    record TriedCrown(int fret, boolean high, double height) {}

    /** mm of the gap for each mm that the string is lifted: in its slot, and at its saddle. */
    record OpensBy(double nut, double action) {}

    /**
     * What is played on it.
     *
     * @param strings gauges, string 1 first
     * @param gaugeUnit what they are in
     * @param boardRadius mm, or {@code flat}
     */
    record TriedWith(String strings, String gaugeUnit, String tuning, String boardRadius, Touch touch) {}

    /**
     * A string of it.
     *
     * @param now the gaps as they are estimated, to compare with
     * @param fits by note from the open one on, those below a capo left out; near is less room than its spread
     * @param room of its tightest note, in words
     * @param touches whether that touches
     * @param cents how sharp the fretted notes are forecast, the least and the most, in words
     */
    record TriedString(
            int string,
            String label,
            String nut,
            String nutNow,
            Stands nutStands,
            String action,
            String actionNow,
            Stands actionStands,
            List<Fits> fits,
            String room,
            boolean touches,
            String cents) {}

    /** Whether a note has room. */
    enum Fits {
        FREE,
        NEAR,
        TOUCHES
    }

    /**
     * How low it could go.
     *
     * @param gaps to try
     * @param headline relief and action
     * @param stops what stops it from going lower, in words
     * @param held which strings stand lower than is wanted of the action, or are held up by it; absent where neither
     * @param levelled the same with the frets levelled, and what that buys
     */
    record LowestView(
            TriedGaps gaps,
            String headline,
            List<String> stops,
            @Nullable String held,
            String levelled) {}
}
