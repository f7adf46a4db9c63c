package barytone.core.workshop;

import barytone.core.instrument.RodType;
import java.util.random.RandomGenerator;

/**
 * A rod as it is: 0.3 to 1.0 mm of relief per turn, an answer that grows or falls to between 0.3 and 2.5 times that a turn away, up to 0.08 turn of play when it is
 * turned back, sides that answer up to a fifth apart, free play in one of eight, an end either way; one in twelve straightens anticlockwise. Or, without
 * {@link Adversity#ROD}, even and free of play.
 */
final class RealRod {
    private final boolean present;
    private final boolean reversed;
    private final double perTurn;
    /** A turn that met nothing for this share of it feels free. */
    private static final double MOSTLY = 0.8;

    private final double growth;
    private final double play;
    private final double tilt;
    private final double tightest;
    private final double loosest;
    private double free;
    private double position;
    private double lastWay;
    private boolean stiff;
    private boolean ranFree;

    /** What a turn gives, mm of relief on the two sides. */
    record Answer(double bass, double treble) {
        double mean() {
            return (bass + treble) / 2;
        }
    }

    RealRod(RodType rod, boolean drawn, RandomGenerator random) {
        this.present = rod != RodType.NONE;
        this.reversed = present && random.nextInt(12) == 0;
        this.perTurn = drawn ? random.nextDouble(0.3, 1.0) : random.nextDouble(0.3, 0.75);
        this.growth = drawn ? random.nextDouble(Math.log(0.3), Math.log(2.5)) : 0;
        this.play = drawn ? random.nextDouble(0, 0.08) : 0;
        this.tilt = drawn ? random.nextDouble(-0.2, 0.2) : 0;
        this.free = drawn && random.nextInt(8) == 0 ? random.nextDouble(0.1, 0.375) : 0;
        this.tightest = drawn ? random.nextDouble(0.7, 1.4) : 9;
        this.loosest = drawn ? -random.nextDouble(0.3, 1.5) : -9;
    }

    /** Turns it, positive clockwise. */
    Answer turn(double clockwise, RandomGenerator random) {
        stiff = false;
        ranFree = false;
        if (!present || clockwise == 0) return new Answer(0, 0);
        double tighter = reversed ? -clockwise : clockwise;
        double way = Math.signum(tighter);
        double lost = lastWay != 0 && way != lastWay ? Math.min(play, Math.abs(tighter)) : 0;
        lastWay = way;
        double unfree = Math.min(free, Math.abs(tighter) - lost);
        free -= unfree;
        ranFree = unfree > MOSTLY * Math.abs(tighter);
        double to = position + way * (Math.abs(tighter) - lost - unfree);
        if (to > tightest) {
            stiff = true;
            to = tightest;
        }
        double from = position;
        position = to;
        // beyond its loose end the nut only comes off
        double biting = Math.max(to, loosest) - Math.max(from, loosest);
        double middle = (Math.max(to, loosest) + Math.max(from, loosest)) / 2;
        double factor = Math.clamp(Math.exp(growth * middle), 0.3, 2.5);
        double relief = -biting * perTurn * factor * (1 + 0.12 * random.nextGaussian());
        return new Answer(relief * (1 - tilt), relief * (1 + tilt));
    }

    /** Whether the last turn met the tight end. */
    boolean stiff() {
        return stiff;
    }

    /** Whether the last turn met no resistance: a hand on the wrench tells. */
    boolean ranFree() {
        return ranFree;
    }

    /** How far it stands tighter than found, turns. */
    double tighter() {
        return position;
    }

    /** Whether it could still be turned a little further and give: tighter lowers the relief. */
    boolean reaches(boolean lower) {
        return present && (lower ? position < Math.min(tightest, 0.75) - 0.15 : position > loosest + 0.06);
    }
}
