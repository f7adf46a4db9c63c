package barytone.core.job;

import barytone.core.neck.GapMethod;
import java.util.List;

/** Where a technician works, in the order of work. */
public enum Station {
    RELIEF("Relief"),
    NUT("Nut"),
    ACTION("Action"),
    FRETS("Frets"),
    INTONATION("Intonation"),
    PICKUPS("Pickups");

    /** The stations at which gaps under the strings are read. */
    public static final List<Station> HEIGHTS = List.of(RELIEF, NUT, ACTION);

    private final String label;

    Station(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether gaps under the strings are read here. */
    public boolean height() {
        return HEIGHTS.contains(this);
    }

    /** The station that a reading belongs to. */
    public static Station of(GapMethod method) {
        return switch (method) {
            case GapMethod.Relief ignored -> RELIEF;
            case GapMethod.NutOpen ignored -> NUT;
            case GapMethod.NutPressed ignored -> NUT;
            case GapMethod.Action ignored -> ACTION;
            case GapMethod.ActionCapo ignored -> ACTION;
        };
    }
}
