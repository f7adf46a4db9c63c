package barytone.server.demo;

import barytone.core.agreement.Agreement;
import barytone.server.shop.Prices;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What the workshop of Saltholm asks for its work: the usual list with invented prices in the island's own money. */
final class SaltholmPrices {
    private static final Map<String, Long> ASKED = Map.ofEntries(
            Map.entry("Setup: relief, nut, action, intonation", 6500L),
            Map.entry("Setup with pickups", 7500L),
            Map.entry("Neck relief alone", 1500L),
            Map.entry("Nut slots filed", 2500L),
            Map.entry("New nut", 5500L),
            Map.entry("Saddle lowered or new", 3000L),
            Map.entry("Intonation alone", 2000L),
            Map.entry("Strings put on", 1000L),
            Map.entry("Frets levelled and crowned", 14000L),
            Map.entry("Fret ends dressed", 3500L),
            Map.entry("Set of strings", 1200L));

    static final Prices LIST = new Prices(
            SaltholmYears.SHELLS,
            0,
            true,
            50,
            Stream.concat(
                            Prices.USUAL.services().stream()
                                    .map(s -> new Prices.Priced(s.kind(), s.text(), ASKED.getOrDefault(s.text(), 0L))),
                            List.of(new Prices.Priced(Agreement.Kind.PART, "Bone nut blank", 450L)).stream())
                    .toList());

    private SaltholmPrices() {}
}
