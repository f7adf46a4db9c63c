package barytone.core.estimate;

/**
 * What is expected of a kind of instrument before it is read. All are modelling choices with defaults; a shop may edit them.
 *
 * @param rodReliefPerTurn mm of relief (standard habit) per full turn clockwise; negative for a rod that straightens clockwise
 * @param screwPitch mm per turn of the height screws
 * @param filingBite mm per stroke of a nut file
 * @param reliefPerNewton mm of relief per newton of added string tension
 * @param slotHeight usual slot height in mm
 * @param slotHeightSd its spread in mm
 * @param actionAt12 usual action at 12 in mm
 * @param saddleHeightSd spread of saddle heights in mm
 */
public record Priors(
        Normal rodReliefPerTurn,
        Normal screwPitch,
        Normal filingBite,
        Normal reliefPerNewton,
        double slotHeight,
        double slotHeightSd,
        double actionAt12,
        double saddleHeightSd) {

    /** A rod of unknown response that straightens clockwise: about 0.07 mm per eighth, give or take a lot. */
    public static final Normal USUAL_ROD = new Normal(-0.56, 0.36);

    /** No rod: turning changes nothing. */
    public static final Normal NO_ROD = new Normal(0, 0);

    /** The defaults for an instrument with this rod and usual action. */
    public static Priors usual(Normal rod, double actionAt12) {
        return new Priors(
                rod,
                new Normal(0.5, 0.12),
                new Normal(0.012, 0.008),
                new Normal(0.0010, 0.0006),
                0.14,
                0.12,
                actionAt12,
                2.4);
    }

    /** The same with a thread pitch that is stated, mm per turn. */
    public Priors withScrewPitch(Normal pitch) {
        return new Priors(
                rodReliefPerTurn,
                pitch,
                filingBite,
                reliefPerNewton,
                slotHeight,
                slotHeightSd,
                actionAt12,
                saddleHeightSd);
    }

    /** The same with another bite of the file, mm per stroke. */
    public Priors withFilingBite(Normal bite) {
        return new Priors(
                rodReliefPerTurn,
                screwPitch,
                bite,
                reliefPerNewton,
                slotHeight,
                slotHeightSd,
                actionAt12,
                saddleHeightSd);
    }
}
