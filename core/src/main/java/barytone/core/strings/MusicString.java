package barytone.core.strings;

import barytone.core.quantity.Allowed;

/**
 * One string as a body: gauge, core, material.
 *
 * <p>Sources: mass of a round wire and of a close winding by geometry (a winding of round wire fills {@code pi/4} of its
 * layer); tension from the wave equation of an ideal string, {@code T = mu (2 L f)^2}.
 *
 * @param diameter outer diameter D in mm, 0.1 to 5
 * @param core diameter c of the core in mm, above 0 and below D for wound strings; equal to D for plain ones
 */
public record MusicString(double diameter, double core, StringWrap wrap) {
    /** Cores as they are made, mm: the outer diameter of a wound string and its core; thick strings have relatively thin ones. */
    private static final double[][] CORES = {
        {0.50, 0.25},
        {0.66, 0.33},
        {0.91, 0.40},
        {1.17, 0.44},
        {1.35, 0.48},
        {1.65, 0.53},
        {2.16, 0.58},
        {2.67, 0.61},
        {3.30, 0.66}
    };

    /** The same of nylon basses, whose core is a bundle of floss. */
    private static final double[][] FLOSS_CORES = {{0.65, 0.44}, {0.74, 0.50}, {0.89, 0.52}, {1.10, 0.52}, {1.60, 0.60}
    };

    /** Threads laid side by side leave room between them, and bend each for itself. */
    private static final double FLOSS_FILLS = 0.8;

    private static final double FLOSS_BENDS = 0.02;

    private static final double NYLON_DENSITY = 1140;

    /** Young's modulus of steel, Pa. */
    private static final double STEEL_MODULUS = 200e9;

    /** Young's modulus of nylon line, Pa; varies with make and humidity. */
    private static final double NYLON_MODULUS = 4.5e9;

    public MusicString {
        Allowed.number("diameter", diameter, 0.1, 5, "mm");
        if (wrap.wound()) Allowed.number("core", core, 0.05, 0.95 * diameter, "mm");
        else if (core != diameter)
            throw Allowed.broken(
                    "core",
                    Allowed.plain(core),
                    "nothing for a " + wrap.code() + " string; only wound strings have a core");
    }

    /** A string whose core is not known: as they are usually made. */
    public static MusicString of(double diameter, StringWrap wrap) {
        Allowed.number("diameter", diameter, 0.1, 5, "mm");
        return new MusicString(
                diameter, wrap.wound() ? usualCore(diameter, wrap.onFloss() ? FLOSS_CORES : CORES) : diameter, wrap);
    }

    /** Between two makes in proportion; beyond the thinnest and the thickest by their share of the diameter. */
    private static double usualCore(double diameter, double[][] made) {
        double[] thinnest = made[0];
        double[] thickest = made[made.length - 1];
        if (diameter <= thinnest[0]) return diameter * thinnest[1] / thinnest[0];
        if (diameter >= thickest[0]) return diameter * thickest[1] / thickest[0];
        int i = 1;
        while (made[i][0] < diameter) i++;
        double share = (diameter - made[i - 1][0]) / (made[i][0] - made[i - 1][0]);
        return made[i - 1][1] + share * (made[i][1] - made[i - 1][1]);
    }

    /**
     * Mass per length in kg/m: plain {@code rho pi d^2 / 4}; wound on a core c with wrap wire w = (D - c)/2:
     * {@code rho_core pi c^2 / 4 + rho_wrap pi^2 w (c + w) / 4}.
     */
    public double massPerLength() {
        double d = diameter / 1000;
        if (!wrap.wound()) return wrap.density() * Math.PI * d * d / 4;
        double c = core / 1000;
        double w = (d - c) / 2;
        double inside = wrap.onFloss() ? FLOSS_FILLS * NYLON_DENSITY : StringWrap.STEEL_DENSITY;
        return inside * Math.PI * c * c / 4 + wrap.density() * Math.PI * Math.PI * w * (c + w) / 4;
    }

    /**
     * Tension in N at a pitch.
     *
     * @param scaleLength speaking length in mm
     * @param frequency Hz
     */
    public double tension(double scaleLength, double frequency) {
        Allowed.number("scaleLength", scaleLength, 100, 2000, "mm");
        Allowed.number("frequency", frequency, 10, 5000, "Hz");
        return StringTension.newtons(massPerLength(), scaleLength / 1000, frequency);
    }

    /** Longitudinal stiffness EA of what carries the tension, the core, in N. */
    public double stiffness() {
        double c = core / 1000;
        return (wrap.onFloss() ? FLOSS_FILLS : 1) * modulus() * Math.PI * c * c / 4;
    }

    /** Bending stiffness EI of the core in N m^2; a winding adds little. */
    public double bendingStiffness() {
        double c = core / 1000;
        return (wrap.onFloss() ? FLOSS_BENDS : 1) * modulus() * Math.PI * Math.pow(c, 4) / 64;
    }

    private double modulus() {
        return wrap == StringWrap.NYLON || wrap.onFloss() ? NYLON_MODULUS : STEEL_MODULUS;
    }
}
