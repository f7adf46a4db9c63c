package barytone.core.pitch;

import java.util.SplittableRandom;

/**
 * The sound of a string that may strike a crown, for tests and for the stand-in: the modes of a stiff string in two planes, each swinging and dying away by itself, and a
 * crown that no part of the string goes through. What strikes it is thrown back in one blow, which sets all modes going. Between the planes the swing wanders, so that a
 * string goes on striking for as long as it still swings widely enough. Same seed, same sound.
 *
 * <p>Source: modes of stiff strings, Fletcher 1964; the plucked string's parallelogram, whose lower edge is the mirrored triangle.
 *
 * @param frequency Hz
 * @param inharmonicity B
 * @param gap room over the crown as a share of what the swing needs there: 1 strikes nothing, 0 lies on the crown, below 0 is pressed on it
 * @param ahead how many frets in front of the one that is pressed the crown stands
 * @param bounce with what share of its speed the string leaves the crown, 0 to 1
 * @param noise of the room against the string, dB; infinite for none
 */
public record StrikingString(
        double frequency, double inharmonicity, double gap, int ahead, double bounce, double noise) {
    private static final double PEAK = 0.5;
    private static final int MOST_MODES = 70;
    private static final double HIGHEST = 9000;

    /** Where it is plucked, from the saddle, as a share of the length. */
    private static final double PLUCKED = 0.2;

    /** Where it is heard, from the fretted end. */
    private static final double HEARD_AT = 0.87;

    /** Time in which the first mode falls to a third, s, and the frequency at which one falls twice as fast, Hz. */
    private static final double RING = 1.2;

    private static final double KNEE = 900;

    /** The pick leaves aslant of the board, and the planes in which the string swings freely lie aslant too, radians. */
    private static final double SLANT = 0.5;

    private static final double PLANE = 0.6;

    /** The planes differ by so much in pitch, Hz. */
    private static final double APART = 0.3;

    /** A string that strikes the next crown as a hard fret throws it back. */
    public static StrikingString of(double frequency, double inharmonicity, double gap) {
        return new StrikingString(frequency, inharmonicity, gap, 1, 0.9, Double.POSITIVE_INFINITY);
    }

    /** The same in a room. */
    public StrikingString noise(double db) {
        return new StrikingString(frequency, inharmonicity, gap, ahead, bounce, db);
    }

    /** The same over another crown, which throws back otherwise. */
    public StrikingString over(int crown, double thrownBack) {
        return new StrikingString(frequency, inharmonicity, gap, crown, thrownBack, noise);
    }

    /** A mode in one of the planes. */
    private static final class Mode {
        private final double speed;
        private final double cos;
        private final double sin;
        private final double atCrown;
        private final double atEar;
        private double place;
        private double motion;

        Mode(StrikingString string, int number, boolean second, double rate) {
            double f = new StiffString(string.frequency, string.inharmonicity).partial(number)
                    + (second ? APART : -APART) / 2;
            speed = 2 * Math.PI * f / rate;
            double keep = Math.exp(-(1 + f / KNEE) / (RING * rate));
            cos = keep * Math.cos(speed);
            sin = keep * Math.sin(speed);
            double towardsBoard = second ? Math.sin(PLANE) : Math.cos(PLANE);
            atCrown = towardsBoard * Math.sin(number * Math.PI * string.crown());
            atEar = towardsBoard * Math.sin(number * Math.PI * HEARD_AT);
            double peak = 1 - PLUCKED;
            double share = (second ? Math.sin(SLANT + PLANE) : Math.cos(SLANT + PLANE)) / Math.cos(SLANT);
            place = share
                    * 2
                    * Math.sin(number * Math.PI * peak)
                    / (Math.PI * Math.PI * number * number * peak * (1 - peak));
        }

        void swing() {
            double moved = place * cos + motion * sin;
            motion = motion * cos - place * sin;
            place = moved;
        }
    }

    /** Makes it. */
    public Sound sound(double seconds, double rate, long seed) {
        Mode[] modes = modes(rate);
        double[] out = new double[(int) Math.round(seconds * rate)];
        double give = 0;
        for (Mode mode : modes) give += 2 * mode.atCrown * mode.atCrown;
        double room = gap * swing();
        for (int n = 0; n < out.length; n++) {
            double height = 0;
            double fall = 0;
            double heard = 0;
            for (Mode mode : modes) {
                mode.swing();
                height += mode.atCrown * mode.place;
                fall += mode.atCrown * mode.motion * mode.speed;
                heard += mode.atEar * mode.motion * mode.speed;
            }
            out[n] = heard;
            if (gap >= 1 || height >= -room || fall >= 0) continue;
            double blow = -(1 + bounce) * fall / give;
            for (Mode mode : modes) mode.motion += 2 * mode.atCrown * blow / mode.speed;
        }
        return inRoom(out, rate, seed);
    }

    private Mode[] modes(double rate) {
        int number = 0;
        StiffString string = new StiffString(frequency, inharmonicity);
        while (number < MOST_MODES && string.partial(number + 1) < Math.min(HIGHEST, 0.4 * rate)) number++;
        Mode[] modes = new Mode[2 * number];
        for (int j = 1; j <= number; j++) {
            modes[j - 1] = new Mode(this, j, false, rate);
            modes[number + j - 1] = new Mode(this, j, true, rate);
        }
        return modes;
    }

    /** The crown's distance from the fretted end as a share of the length. */
    private double crown() {
        return 1 - Math.pow(2, -ahead / 12.0);
    }

    /** How far the swing comes down over the crown, as a share of its peak, which lies as far from the fretted end as the pluck from the saddle. */
    private double swing() {
        double at = crown();
        return at < PLUCKED ? at / PLUCKED : (1 - at) / (1 - PLUCKED);
    }

    private Sound inRoom(double[] out, double rate, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double sd = Double.isFinite(noise) ? PluckedSound.rms(out) / Math.pow(10, noise / 20) : 0;
        double most = 1e-12;
        for (int n = 0; n < out.length; n++) {
            if (sd > 0) out[n] += sd * random.nextGaussian();
            most = Math.max(most, Math.abs(out[n]));
        }
        for (int n = 0; n < out.length; n++) out[n] *= PEAK / most;
        return new Sound(out, rate);
    }
}
