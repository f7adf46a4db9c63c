package barytone.server.station.intonation;

import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.station.intonation.StringAge;
import barytone.server.job.Stands;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The intonation station.
 *
 * @param next the note to sound next; null when every chosen note is read and stands
 * @param warnings what should be seen to before the numbers are trusted
 */
public record IntonationView(
        String method,
        List<ToneRow> rows,
        @Nullable NoteView next,
        List<String> warnings,
        List<String> remarks,
        ToneWaysView ways,
        StringsOnView strings,
        SaddlesView saddles) {
    /**
     * One string of the ledger, lowest first.
     *
     * @param found error at 12 as found
     * @param now what its saddle must take away, as cents at 12
     * @param verdict in, high (sharp), low (flat), stale or unread
     * @param move what the saddle wants, in words; null when nothing
     * @param spread of what is reckoned, cents (1 sd); null while it was read so
     * @param curve the error expected at frets 1 and up, in cents; empty while nothing is read
     * @param after the same after the move; empty when none is wanted
     * @param split what the frets say of nut and saddle; null while fewer than two are read
     * @param type what is typed next, when the open string is in tune
     * @param notes how it can be sounded
     */
    public record ToneRow(
            int string,
            String name,
            String side,
            @Nullable String found,
            @Nullable String now,
            boolean reckoned,
            @Nullable String spread,
            Stands verdict,
            String verdictText,
            String target,
            double tolerance,
            List<ToneCell> cells,
            @Nullable String move,
            List<Double> curve,
            List<Double> after,
            @Nullable String split,
            NoteView type,
            List<NoteView> wanted,
            List<NoteView> notes) {}

    /**
     * An error that was read.
     *
     * @param stale reckoned since; read it again
     */
    public record ToneCell(int fret, double cents, String text, boolean stale) {}

    /** A way of sounding a string. */
    public record NoteView(int string, String name, Sounded.How how, int fret, String label) {}

    /** How it is read and judged; lists by string run from string 1, pairs from bass to treble. */
    public record ToneWaysView(
            List<Integer> frets,
            List<Integer> choices,
            PlayedWhere where,
            List<WhereChoice> wheres,
            IntonationWays.Reference reference,
            List<String> tolerances,
            List<PairView> pairs,
            String a4,
            String offsets,
            boolean upToPitch) {}

    public record WhereChoice(PlayedWhere where, String label, String reason) {}

    /** Two strings on one saddle. */
    public record PairView(String name, String lower, String higher, BarrelSplit.Rule rule, String wanted) {}

    /** The strings that are on. */
    public record StringsOnView(StringAge age, List<AgeChoice> ages, List<StretchView> stretches) {}

    public record AgeChoice(StringAge age, String label) {}

    /** Stretch rounds of a string. */
    public record StretchView(
            int string, String name, int rounds, @Nullable String last, boolean settled) {}

    /**
     * The saddles along the strings.
     *
     * @param clockwiseBack whether a clockwise turn of its screw moves a saddle away from the nut
     * @param starts where each starts on a bare bridge
     * @param pattern what the measured pattern of saddles says; empty while it was not measured
     */
    public record SaddlesView(
            String mechanism,
            boolean screwed,
            String screw,
            boolean clockwiseBack,
            List<SaddleView> saddles,
            List<String> starts,
            List<String> pattern) {}

    public record SaddleView(
            int support,
            String name,
            String moved,
            @Nullable String room) {}
}
