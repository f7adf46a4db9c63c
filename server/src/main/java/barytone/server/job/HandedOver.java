package barytone.server.job;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a job hands over: as found and as left of everything, what was done, and what is to be thought of. Numbers are texts in one unit.
 *
 * @param came when it was taken in
 * @param left when it was closed; when anything was last done while it is open
 * @param methods how everything was read, a sentence each
 * @param work what was done, in order
 * @param onRecord what will not last, what is not as it should be
 * @param air the humidity when it came and when it left; null when it was not read
 * @param found the lowest string over the neck as found; null when it was not read, or nothing was moved since
 * @param now the same as left
 * @param agreement what was agreed; null when nothing was written down
 * @param written what was written for the player
 * @param condition what was seen on it when it came
 * @param needsNothing whether all that was read stood as it should and was left
 * @param followUp on which day to look again, and why; null when no day was set
 */
public record HandedOver(
        JobLog.Job job,
        Instant came,
        Instant left,
        boolean closed,
        List<Line> lines,
        List<String> methods,
        List<String> work,
        List<String> onRecord,
        @Nullable String air,
        @Nullable Profile found,
        @Nullable Profile now,
        @Nullable AgreementView agreement,
        HandOverView written,
        @Nullable String followUp,
        List<String> condition,
        boolean needsNothing) {

    /**
     * One value, as found and as left.
     *
     * @param quantity what it is, with its place where it is read: Action at 12
     * @param suffix its unit
     * @param column the string or side
     * @param found null when it was not read
     * @param left null when it was not read
     * @param reckoned whether as left is reckoned
     */
    public record Line(
            String quantity,
            String suffix,
            String column,
            @Nullable String found,
            @Nullable String left,
            boolean reckoned,
            Stands verdict,
            String verdictText) {}

    /** The lowest string over the crowns, mm: x from the nut, y up from the line through fret 1 and the body joint. */
    public record Profile(List<Double> x, List<Double> crowns, double nut, double saddle, double saddleX) {
        /** The lists are nobody's to change. */
        public Profile {
            x = List.copyOf(x);
            crowns = List.copyOf(crowns);
        }
    }

    /**
     * What the player is told in words.
     *
     * @param found what was found about the complaint
     * @param advice what they can do
     * @param lookAgain when to look again, and why
     * @param usual what is usually said of when to look again, for this kind
     */
    public record HandOverView(String found, String advice, String lookAgain, String usual) {}
}
