package barytone.core.plan;

import barytone.core.neck.GapMethod;

/** Where a technician works, in the order of work. */
public enum Station {
    RELIEF("Relief"),
    NUT("Nut"),
    ACTION("Action");

    private final String label;

    Station(String label) {
        this.label = label;
    }

    public String label() {
        return label;
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
