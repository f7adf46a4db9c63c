package barytone.core.workshop;

import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;

/** Eyes, hand and tools of a simulated technician. */
interface Reader {
    /** Half of a ruler's half millimetre: what an eye tells on it. */
    double RULED = 0.25;

    /** A height by the ruler, mm. */
    default double ruled(double mm) {
        return Math.max(0, Math.rint(mm / RULED) * RULED);
    }

    /** What the shop owns. */
    Toolkit owned();

    /**
     * Reads a gap and says it as it is written down.
     *
     * @param closely two leaves may be laid together
     */
    Gap read(Workpiece instrument, int string, GapMethod method, Tool tool, boolean closely);

    /** A gap at a pickup as it is read by a ruler or card, mm. */
    default double atPickup(double mm) {
        return Math.max(0, Math.rint(10 * mm) / 10);
    }

    /** A pitch as a tuner shows it, cents. */
    default double shown(double cents) {
        return cents;
    }

    /** How the instrument lies, as the technician says. */
    default Position says() {
        return Position.PLAYING;
    }
}
