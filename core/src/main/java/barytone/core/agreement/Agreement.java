package barytone.core.agreement;

import barytone.core.quantity.Allowed;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was agreed on a job. Sums are in the smallest coin.
 *
 * @param taxPermille tax on services and parts, in thousandths
 * @param taxIncluded whether prices are stated with it
 * @param worth what the instrument is worth; null when nobody said
 * @param askShare from what share of that on, in %, it is asked whether the work is worth it
 * @param promised the day it was promised for; null when none was
 * @param acceptedBy who agreed; empty while nobody has
 * @param acceptedHow at the counter, by telephone…; in the shop's words
 */
public record Agreement(
        Money money,
        int taxPermille,
        boolean taxIncluded,
        List<Line> lines,
        @Nullable Long worth,
        int askShare,
        @Nullable LocalDate promised,
        String acceptedBy,
        String acceptedHow) {
    private static final int MOST_LINES = 60;
    private static final int LONGEST = 200;

    /** What a line is. */
    public enum Kind {
        SERVICE,
        PART,
        /** Done for nothing, and said. */
        GOODWILL,
        /** Found and offered, and not taken. */
        OFFER
    }

    /**
     * A line.
     *
     * @param price in the smallest coin; 0 for what is done for nothing
     * @param why an offer was made, or not taken; may be empty
     */
    public record Line(Kind kind, String text, long price, String why) {
        public Line {
            if (text.isBlank()) throw Allowed.broken("text of a line", "nothing", "1 to " + LONGEST + " characters");
            if (text.length() > LONGEST || why.length() > LONGEST)
                throw Allowed.broken(
                        "text of a line", Math.max(text.length(), why.length()) + " characters", "at most " + LONGEST);
            if (kind == Kind.GOODWILL && price != 0)
                throw Allowed.broken("price of “" + text + "”", price, "nothing, for a favour is done for nothing");
        }
    }

    public Agreement {
        lines = List.copyOf(lines);
        Allowed.whole("tax", taxPermille, 0, 1000);
        Allowed.whole("share of the worth", askShare, 1, 1000);
        Allowed.whole("lines", lines.size(), 0, MOST_LINES);
    }

    /** What is charged as it is stated: services and parts. */
    public long charged() {
        return lines.stream()
                .filter(l -> l.kind() == Kind.SERVICE || l.kind() == Kind.PART)
                .mapToLong(Line::price)
                .sum();
    }

    /** The tax in it, or on it; half a coin is rounded up. */
    public long tax() {
        long base = taxIncluded ? 1000 + taxPermille : 1000;
        return Math.floorDiv(2 * charged() * taxPermille + base, 2 * base);
    }

    /** What is to be paid. */
    public long total() {
        return taxIncluded ? charged() : charged() + tax();
    }

    /** Whether it comes to so much of what the instrument is worth that it is to be asked about. */
    public boolean isMuch() {
        return worth != null && worth > 0 && total() * 100 > worth * askShare;
    }
}
