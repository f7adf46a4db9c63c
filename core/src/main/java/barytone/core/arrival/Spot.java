package barytone.core.arrival;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentSpec;
import java.util.Arrays;
import java.util.List;

/** What is looked at from the head to the tail before anything is touched. */
public enum Spot {
    TUNERS("Tuners"),
    TREES("String trees"),
    NUT("Nut"),
    FRETS("Frets and their ends"),
    JOINT("Neck joint"),
    BRIDGE("Bridge"),
    SADDLES("Saddles and their screws"),
    SCREWS("Other screws"),
    STRAP("Strap buttons"),
    SWITCHES("Plugged in, every switch"),
    EARTH("Earth wire");

    private final String label;

    Spot(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }

    /** Those that an instrument has, from the head on. */
    public static List<Spot> on(InstrumentSpec spec) {
        boolean electric = !spec.fittings().pickups().isEmpty();
        boolean wood =
                spec.fittings().bridge() == BridgeKind.FIXED || spec.fittings().bridge() == BridgeKind.FLOATING;
        return Arrays.stream(values())
                .filter(spot -> switch (spot) {
                    case TREES -> electric && !wood;
                    case SWITCHES, EARTH -> electric;
                    default -> true;
                })
                .toList();
    }
}
