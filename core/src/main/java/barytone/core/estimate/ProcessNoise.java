package barytone.core.estimate;

/**
 * How far the result of a move may be from the prediction. Modelling choices, named; editable by the shop.
 *
 * @param rodRelative sd of a rod step, as a share of the step
 * @param rodFloor least sd of a rod step in mm of relief (standard habit)
 * @param rodSideways share of the step's sd by which the two sides may respond differently
 * @param rodDrift sd by which the response itself changes per turn, as a share of it
 * @param screwRelative sd of a screwed height, as a share of the change
 * @param filingRelative sd of filing, as a share of the depth
 * @param heightFloor least sd of any change of a height, in mm
 * @param retuneRelief sd that a retune adds, in mm of relief
 * @param reliefPerRootDay drift of relief in mm per square root of a day
 * @param reliefPerHumidity sd of relief in mm per point of relative humidity
 */
public record ProcessNoise(
        double rodRelative,
        double rodFloor,
        double rodSideways,
        double rodDrift,
        double screwRelative,
        double filingRelative,
        double heightFloor,
        double retuneRelief,
        double reliefPerRootDay,
        double reliefPerHumidity) {
    public static final ProcessNoise USUAL =
            new ProcessNoise(0.25, 0.010, 0.3, 0.10, 0.05, 0.40, 0.005, 0.003, 0.02, 0.004);
}
