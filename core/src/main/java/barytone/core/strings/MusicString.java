package barytone.core.strings;

import barytone.core.neck.Allowed;

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
    private static final double THINNEST_SHARE_AT = 2.6;
    private static final double THICKEST_SHARE_AT = 0.5;

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

    /** A string whose core is not known: half of the diameter on thin wound strings, down to 0.35 of it on thick ones. */
    public static MusicString of(double diameter, StringWrap wrap) {
        Allowed.number("diameter", diameter, 0.1, 5, "mm");
        return new MusicString(diameter, wrap.wound() ? usualCoreShare(diameter) * diameter : diameter, wrap);
    }

    private static double usualCoreShare(double diameter) {
        double share = (diameter - THICKEST_SHARE_AT) / (THINNEST_SHARE_AT - THICKEST_SHARE_AT);
        return 0.5 - 0.15 * Math.clamp(share, 0, 1);
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
        return StringWrap.STEEL_DENSITY * Math.PI * c * c / 4 + wrap.density() * Math.PI * Math.PI * w * (c + w) / 4;
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
        double v = 2 * scaleLength / 1000 * frequency;
        return massPerLength() * v * v;
    }

    /** Longitudinal stiffness EA of what carries the tension, the core, in N. */
    public double stiffness() {
        double c = core / 1000;
        return modulus() * Math.PI * c * c / 4;
    }

    /** Bending stiffness EI of the core in N m^2; a winding adds little. */
    public double bendingStiffness() {
        double c = core / 1000;
        return modulus() * Math.PI * Math.pow(c, 4) / 64;
    }

    private double modulus() {
        return wrap == StringWrap.NYLON ? NYLON_MODULUS : STEEL_MODULUS;
    }
}
