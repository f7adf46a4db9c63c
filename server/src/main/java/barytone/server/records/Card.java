package barytone.server.records;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The one page that goes home with an instrument, in words and as it was on the day: it never changes again.
 *
 * @param layout how it is laid out; a later layout leaves earlier cards as they are
 * @param came the day on which it came
 * @param left the day on which it was closed
 * @param make maker and model, in the shop's words; empty when not written down
 * @param air the humidity when it came and left; empty when it was not read
 * @param complaint what the player said
 * @param condition what was seen on it when it came; null on cards from before that was kept
 * @param found what was found about it; empty when nothing was written
 * @param tables as found and as left, a table for each quantity
 * @param methods how they were read, said once
 * @param work what was done
 * @param residuals what is not as it was wanted
 * @param cautions what will not last
 * @param bill what was agreed; null when nothing was written down
 * @param advice what the player can do; empty when nothing was written
 * @param picture the lowest string over the frets before and after, as SVG; null when it was not read
 * @param address of the instrument's page; empty when it is not known
 * @param ready a short text for a message
 */
record Card(
        int layout,
        long ticket,
        String came,
        String left,
        String player,
        String instrument,
        String kind,
        String make,
        String strings,
        String tuning,
        String air,
        String complaint,
        @Nullable List<String> condition,
        String found,
        List<Table> tables,
        List<String> methods,
        List<String> work,
        List<String> residuals,
        List<String> cautions,
        @Nullable Bill bill,
        String advice,
        String lookAgain,
        @Nullable String picture,
        String address,
        String ready) {

    /**
     * What was agreed and what it comes to.
     *
     * @param offers what was offered and not taken, with why
     */
    record Bill(List<Item> items, List<String> sums, String total, List<Item> offers) {}

    /** A line of it; the price of what was done for nothing says so. */
    record Item(String text, String price) {}

    /** As found and as left of a quantity, a column for each string or side. */
    record Table(String quantity, String unit, List<Column> columns) {}

    /**
     * A column.
     *
     * @param reckoned whether as left is reckoned, not read
     */
    record Column(String name, String found, String left, boolean reckoned) {}

    /** The same card without its player's name. */
    Card withPlayer(String otherPlayer) {
        return new Card(
                layout,
                ticket,
                came,
                left,
                otherPlayer,
                instrument,
                kind,
                make,
                strings,
                tuning,
                air,
                complaint,
                condition,
                found,
                tables,
                methods,
                work,
                residuals,
                cautions,
                bill,
                advice,
                lookAgain,
                picture,
                address,
                ready);
    }
}
