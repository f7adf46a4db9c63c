package barytone.server.demo;

import barytone.core.agreement.Agreement;
import barytone.server.shop.Prices;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What the workshop of Saltholm asks for its work: the usual list with invented prices in the island's own money. */
final class SaltholmPrices {
    private static final Map<String, Long> ASKED = Map.of(
            "Setup: relief, nut, action, intonation", 6500L,
            "Setup with pickups", 7500L,
            "Neck relief alone", 1500L,
            "Nut slots filed", 2500L,
            "New nut", 5500L,
            "Saddle lowered or new", 3000L,
            "Intonation alone", 2000L,
            "Strings put on", 1000L,
            "Fret ends dressed", 3500L,
            "Set of strings", 1200L);

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
