package barytone.server.job;

import barytone.core.agreement.Agreement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was agreed with the player.
 *
 * @param sums what the total is made of, in words
 * @param total what is to be paid, with its currency
 * @param worth what the instrument is worth, as it is typed; empty when nobody said
 * @param question whether it is worth it; null when that need not be asked
 * @param promised the day as a date, 2031-02-06; empty when none was promised
 * @param promisedDay the same in words
 */
public record AgreementView(
        List<LineView> lines,
        List<String> sums,
        String total,
        String worth,
        @Nullable String question,
        String promised,
        String promisedDay,
        String acceptedBy,
        String acceptedHow) {
    /**
     * A line.
     *
     * @param price as it is typed, without the currency
     */
    public record LineView(Agreement.Kind kind, String text, String price, String why) {}
}
