package barytone.server.shop;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import java.util.List;

/**
 * The shop's own price list.
 *
 * @param taxPermille tax in thousandths
 * @param taxIncluded whether prices are stated with it
 * @param askShare from what share of an instrument's worth on, in %, it is asked whether the work is worth it
 */
public record Prices(Money money, int taxPermille, boolean taxIncluded, int askShare, List<Priced> services) {
    /** What a shop starts with: usual work, without anybody's prices. */
    public static final Prices USUAL = new Prices(
            new Money("", 2),
            0,
            true,
            50,
            List.of(
                    service("Setup: relief, nut, action, intonation"),
                    service("Setup with pickups"),
                    service("Neck relief alone"),
                    service("Nut slots filed"),
                    service("New nut"),
                    service("Saddle lowered or new"),
                    service("Intonation alone"),
                    service("Strings put on"),
                    service("Fret ends dressed"),
                    service("Frets levelled and crowned"),
                    service("Electrics cleaned and checked"),
                    new Priced(Agreement.Kind.PART, "Set of strings", 0),
                    new Priced(Agreement.Kind.GOODWILL, "Loose screws tightened", 0),
                    new Priced(Agreement.Kind.GOODWILL, "Tuners tightened", 0),
                    new Priced(Agreement.Kind.GOODWILL, "Board cleaned and oiled", 0)));

    public Prices {
        services = List.copyOf(services);
    }

    private static Priced service(String text) {
        return new Priced(Agreement.Kind.SERVICE, text, 0);
    }

    /** A line of the list, its price in the smallest coin; 0 while none is set. */
    public record Priced(Agreement.Kind kind, String text, long price) {}
}
