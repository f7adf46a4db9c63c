package barytone.core.intonation;

import barytone.core.estimate.Priors;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;

/** {@link IntonationForecast} for a string of an instrument: how sharp each fretted note is expected to be. */
public final class ToneForecast {
    /** Relief of the setup for which a bridge is taken to be made, mm in the standard habit. */
    private static final double USUAL_RELIEF = 0.20;

    private static final int OCTAVE = 12;

    /** What bridges are made for, Hz. */
    private static final double REFERENCE = 440;

    /** Newton's steps; the error is nearly a straight line in the saddle's place, so the second is below a hundredth of a cent. */
    private static final int STEPS = 3;

    private ToneForecast() {}

    /**
     * The line of frets under a string whose bridge compensates it as bridges do: its error at the octave is nothing with the usual heights, so that a forecast tells
     * what these heights and this saddle make of it. Where the saddle really stands is not known before the string is heard.
     *
     * @param back how far back the saddle was moved since as found, mm
     */
    public static StringLine line(InstrumentSpec spec, int string, double back) {
        StringLine line = spec.line();
        return StringLine.of(line.scale(), line.bodyJointFret(), compensation(spec, string) + back);
    }

    /** The compensation with which a string is clean at the octave over the usual heights at 440 Hz, mm. */
    private static double compensation(InstrumentSpec spec, int string) {
        StringLine line = spec.line();
        Priors usual = Priors.usual(Priors.NO_ROD, spec.kind().actionAt12());
        GapMethod.Relief relief = SetupModel.standardRelief(spec.bodyJointFret());
        double k = line.curvatureFor(relief, USUAL_RELIEF);
        double tension = tension(spec, REFERENCE, string);
        for (int i = 0; i < STEPS; i++) {
            double height = line.saddleHeightFor(OCTAVE, usual.actionAt12(), k, usual.slotHeight());
            double sharp = IntonationForecast.cents(
                    line, new StringState(k, usual.slotHeight(), height), spec.string(string), tension)[OCTAVE];
            double back = -sharp / SaddleFit.centsPerMm(line.scale(), line.compensation(), OCTAVE);
            double least = -0.01 * spec.scaleLength();
            double most = 0.03 * spec.scaleLength();
            line = StringLine.of(
                    line.scale(), line.bodyJointFret(), Math.clamp(line.compensation() + back, least, most));
        }
        return line.compensation();
    }

    /**
     * Errors in cents at frets 1 to the last; index 0 stands for the open string and is 0.
     *
     * @param a4 reference pitch in Hz
     * @param shift how far back the saddle was moved since as found, in mm
     * @param setup under the string
     */
    public static double[] cents(InstrumentSpec spec, double a4, int string, double shift, StringState setup) {
        return IntonationForecast.cents(
                line(spec, string, shift), setup, spec.string(string), tension(spec, a4, string));
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
