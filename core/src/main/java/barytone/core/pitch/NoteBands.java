package barytone.core.pitch;

import java.util.Arrays;

/**
 * The upper partials of a note against its lower ones, from moment to moment, and how long it rings.
 *
 * @param ratio upper against lower, dB, frame by frame from the pluck on; what the room's hiss adds is taken off
 * @param hiss of the room in the upper band against the lower partials shortly after the pluck, dB
 * @param usual brightness of a free string of this pitch, dB
 * @param ring time to fall by 20 dB, s; 0 where it does not
 */
record NoteBands(double[] ratio, double hiss, double usual, double ring) {
    private static final double FRAME = 0.05;

    /** A note with a shorter ring is soon over, s, and so much of it is needed to tell its pitch. */
    private static final double SOON = 0.5;

    private static final double SHORTEST = 0.25;

    /** Frames after the pluck over which brightness is taken: the attack tells of the pick, and later all have faded. */
    private static final int FROM = 2;

    private static final int TO = 6;

    /** Partials up to here carry the note. */
    private static final double LOW = 6.5;

    /** Partials from here on fade soon in a free string. */
    private static final double HIGH = 15;

    /** The upper band begins between these, Hz. */
    private static final double LEAST_HIGH = 2000;

    private static final double MOST_HIGH = 6000;

    /** From here on a higher note is a duller one, Hz. */
    private static final double DULLER = LEAST_HIGH / HIGH;

    private static final double TOP = 9000;

    private static final double FAINT = 1e-12;

    static NoteBands of(Sound sound, double f) {
        double rate = sound.rate();
        double top = Math.min(TOP, 0.45 * rate);
        double from = Math.min(Math.clamp(HIGH * f, LEAST_HIGH, MOST_HIGH), 0.7 * top);
        double[] x = PitchEstimator.level(sound.samples());
        double[] all = power(x, rate);
        double[] low = power(Biquad.below(Math.min(LOW * f, 0.6 * from), rate).twice(x), rate);
        double[] high =
                power(Biquad.below(top, rate).twice(Biquad.above(from, rate).twice(x)), rate);
        int pluck = loudest(all);
        double noise = softest(high);
        double[] ratio = new double[Math.max(0, high.length - pluck)];
        for (int k = 0; k < ratio.length; k++) ratio[k] = db(Math.max(FAINT, high[pluck + k] - noise) / low[pluck + k]);
        int mid = Math.min(low.length - 1, pluck + FROM);
        return new NoteBands(ratio, db(noise / low[mid]), usual(f), ring(all, pluck));
    }

    /** A sound without the silence after a note that is soon over: what is left of it there is only the room's. */
    static Sound note(Sound sound) {
        double[] all = power(PitchEstimator.level(sound.samples()), sound.rate());
        int pluck = loudest(all);
        double ring = ring(all, pluck);
        if (ring == 0 || ring > SOON) return sound;
        return sound.part(pluck * FRAME, pluck * FRAME + Math.max(SHORTEST, ring));
    }

    /** How bright a free string of some pitch usually is, dB: less and less while its upper band begins higher and higher, then more again. */
    static double usual(double f) {
        double turn = MOST_HIGH / HIGH;
        return -21 - 6 * octaves(Math.clamp(f, DULLER, turn) / DULLER) + 5 * octaves(Math.max(f, turn) / turn);
    }

    private static double octaves(double ratio) {
        return Math.log(ratio) / Math.log(2);
    }

    /** Upper against lower partials shortly after the pluck, dB. */
    double brightness() {
        if (ratio.length < TO) return -99;
        return Math.max(-99, Arrays.stream(ratio, FROM, TO).average().orElse(-99));
    }

    /** How much brighter it is shortly after the pluck than at the pluck, dB; a free string only gets duller. */
    double growth() {
        return ratio.length < TO ? -99 : brightness() - ratio[0];
    }

    /** Whether a buzz would be heard: it lasts long enough, and the room does not hiss more than a buzz would. */
    boolean tells() {
        return ratio.length >= TO && hiss < usual + 6;
    }

    /** Time from the pluck until it is 20 dB softer; carried on in a straight line where the recording ends before. */
    private static double ring(double[] power, int pluck) {
        double floor = softest(power);
        for (int k = pluck; k < power.length; k++) if (power[k] < power[pluck] / 100) return (k - pluck) * FRAME;
        int last = power.length - 1;
        while (last > pluck && power[last] < 4 * floor && power[last - 1] <= power[last]) last--;
        double fell = db(power[pluck] / power[last]);
        return fell < 1 ? 0 : 20 / fell * (last - pluck) * FRAME;
    }

    private static double[] power(double[] x, double rate) {
        int frame = Math.max(1, (int) Math.round(FRAME * rate));
        double[] power = new double[Math.max(1, x.length / frame)];
        for (int k = 0; k < power.length; k++) {
            power[k] = FAINT;
            for (int i = k * frame; i < Math.min(x.length, (k + 1) * frame); i++) power[k] += x[i] * x[i] / frame;
        }
        return power;
    }

    private static int loudest(double[] power) {
        int most = 0;
        for (int k = 1; k < power.length; k++) if (power[k] > power[most]) most = k;
        return most;
    }

    /** The level of what is there when nothing rings: that of the softest tenth. */
    private static double softest(double[] power) {
        double[] sorted = power.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 10];
    }

    private static double db(double ratio) {
        return 10 * Math.log10(Math.max(FAINT, ratio));
    }
}
