package barytone.core.intonation;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;

/** {@link IntonationForecast} for a string of an instrument: how sharp each fretted note is expected to be. */
public final class ToneForecast {
    private ToneForecast() {}

    /**
     * Errors in cents at frets 1 to the last; index 0 stands for the open string and is 0.
     *
     * @param a4 reference pitch in Hz
     * @param shift how far back the saddle was moved since as found, in mm
     * @param setup under the string
     */
    public static double[] cents(InstrumentSpec spec, double a4, int string, double shift, StringState setup) {
        return IntonationForecast.cents(spec.lineMoved(shift), setup, spec.string(string), tension(spec, a4, string));
    }

    /** Tension of the open string at pitch, in N. */
    public static double tension(InstrumentSpec spec, double a4, int string) {
        double frequency = spec.tuning().get(string - 1).frequency(a4);
        return Math.max(1, spec.string(string).tension(spec.scaleLength(), frequency));
    }

    /**
     * Inharmonicity B of the open string, {@code B = pi^2 E I / (T L^2)}; it grows with {@code (L / l)^2} on a shorter length.
     * Source: Fletcher 1964.
     */
    public static double inharmonicity(InstrumentSpec spec, double a4, int string) {
        MusicString wire = spec.string(string);
        double length = spec.scaleLength() / 1000;
        return Math.PI * Math.PI * wire.bendingStiffness() / (tension(spec, a4, string) * length * length);
    }
}
