package barytone.core.agreement;

import barytone.core.quantity.Allowed;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How sums are typed and shown. Sums themselves are whole numbers of the smallest coin.
 *
 * @param name of the currency, as it is written after a sum; may be empty
 * @param decimals how many the smallest coin needs, 0 to 3
 */
public record Money(String name, int decimals) {
    private static final long MOST = 1_000_000_000L;

    public Money {
        name = name.strip();
        if (name.length() > 8) throw Allowed.broken("currency", name.length() + " characters", "at most 8");
        Allowed.whole("decimals", decimals, 0, 3);
    }

    /**
     * Reads a sum: 35, 35.00 or 35,5.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is none, is less than nothing or has smaller coins than there are
     */
    public long parse(String field, String typed) {
        String clean = typed.strip().replace(',', '.');
        if (!name.isEmpty() && clean.endsWith(name))
            clean = clean.substring(0, clean.length() - name.length()).strip();
        String allowed = "a sum of 0 or more with at most " + decimals + " decimals, as in " + show(3500);
        if (!clean.matches("\\d{1,9}(\\.\\d+)?")) throw Allowed.broken(field, "“" + typed.strip() + "”", allowed);
        BigDecimal coins = new BigDecimal(clean).movePointRight(decimals).stripTrailingZeros();
        if (coins.scale() > 0 || coins.compareTo(BigDecimal.valueOf(MOST)) > 0)
            throw Allowed.broken(field, "“" + typed.strip() + "”", allowed);
        return coins.longValueExact();
    }

    /** A sum without its currency, to be typed over. */
    public String bare(long coins) {
        return BigDecimal.valueOf(coins)
                .movePointLeft(decimals)
                .setScale(decimals, RoundingMode.UNNECESSARY)
                .toPlainString();
    }

    /** A sum with its currency. */
    public String show(long coins) {
        return bare(coins) + (name.isEmpty() ? "" : "\u00a0" + name);
    }
}
