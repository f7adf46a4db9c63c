package barytone.server.height;

import barytone.server.job.Stands;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One string of the ledger.
 *
 * @param found the first reading before anything was moved, as it was read; null when there is none
 * @param foundBy how it was read, where that is not the way in use
 * @param now what was read while it stands; what is reckoned after a move or from another way of reading; null while nothing is known
 * @param reckoned whether now is reckoned, not read
 * @param note what stands beside now, smaller: the reading before the move, what is reckoned besides it; null when there is nothing to say
 * @param verdictText what the verdict means in words
 * @param spread one standard deviation of a reckoned now
 * @param doubt the reading that waits in this row for a second opinion
 * @param leaves at hand around what is expected; none where leaves do not reach
 */
public record LedgerRow(
        int string,
        String name,
        String side,
        @Nullable String found,
        @Nullable String foundBy,
        @Nullable String now,
        boolean reckoned,
        @Nullable String note,
        @Nullable String spread,
        Stands verdict,
        String verdictText,
        String target,
        List<LeafView> leaves,
        @Nullable DoubtView doubt) {
    /**
     * A reading in doubt.
     *
     * @param seq its place on the tape
     * @param text what was read, with its unit
     * @param why what speaks against it
     * @param unturned the turn on the tape that seems not to have been made; null when there is none
     */
    public record DoubtView(
            long seq, String text, String why, @Nullable Long unturned) {}

    /**
     * A leaf at hand.
     *
     * @param text its thickness as it is engraved
     * @param engraved the unit of that
     */
    public record LeafView(double mm, String text, String engraved) {}
}
