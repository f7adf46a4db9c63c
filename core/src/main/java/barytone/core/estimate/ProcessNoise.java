package barytone.core.estimate;

/**
 * How far the result of a move may be from the prediction. Modelling choices, named; editable by the shop.
 *
 * @param rodRelative sd of a rod step, as a share of the step
 * @param rodFloor sd of any rod step in turns: a hand turns about so far, a nut has play
 * @param rodLever what a rod step does to the height of the saddles over the crowns beyond what the geometry says, as a share of the step: bodies begin to bend where
 *     they like
 * @param rodCreep share of a rod step that comes only in time, and its sd
 * @param creepMinutes how soon most of that has come
 * @param rodSideways share of the step's sd by which the two sides may respond differently
 * @param rodDrift sd by which the response itself changes per turn, as a share of it
 * @param screwRelative sd of a screwed height, as a share of the change
 * @param screwFloor sd of any turn of a height screw, turns
 * @param filingRelative sd of filing, as a share of the depth
 * @param heightFloor sd of any change of a slot by work, in mm, beside its share
 * @param sandingFloor the same at a saddle that is sanded or shimmed
 * @param retuneRelief sd that a retune adds, in mm of relief
 * @param reliefPerRootHour drift of relief in mm per square root of an hour, of one sitting of up to {@code sittingHours}
 * @param sittingHours after so long a neck has gone as far as it goes while the air stays
 * @param reliefPerRootDay drift over days, mm per square root of a day
 * @param reliefPerHumidity sd of relief in mm per point of relative humidity
 */
public record ProcessNoise(
        double rodRelative,
        double rodFloor,
        double rodLever,
        Normal rodCreep,
        double creepMinutes,
        double rodSideways,
        double rodDrift,
        double screwRelative,
        double screwFloor,
        double filingRelative,
        double heightFloor,
        double sandingFloor,
        double retuneRelief,
        double reliefPerRootHour,
        double sittingHours,
        double reliefPerRootDay,
        double reliefPerHumidity) {
    public static final ProcessNoise USUAL = new ProcessNoise(
            0.25,
            0.04,
            0.6,
            new Normal(0.18, 0.10),
            25,
            0.3,
            0.10,
            0.05,
            0.03,
            0.53,
            0.005,
            0.03,
            0.006,
            0.03,
            4,
            0.02,
            0.004);
}
