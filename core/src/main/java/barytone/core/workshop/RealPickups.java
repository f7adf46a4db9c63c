package barytone.core.workshop;

import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupScrew;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Turns;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * The pickups of a simulated instrument under its strings. They stand off what is wanted by 0.7 mm, a turn moves them by 0.4 to 0.9, and one side in twenty has a spring
 * too tired to follow its screw up.
 */
final class RealPickups {
    /** Nearer than this nobody found them, mm. */
    private static final double NEAREST = 0.8;

    /** What is left of a raise where the spring is tired. */
    private static final double TIRED = 0.15;

    private final InstrumentSpec spec;
    private final List<Pickup> pickups;
    private final RealStrings.Standing as;
    private final double perTurn;
    private final double[][] heights;
    private final boolean[][] tired;

    RealPickups(InstrumentSpec spec, PickupTarget wanted, RealStrings.Standing as, RandomGenerator random) {
        this.spec = spec;
        this.pickups = spec.fittings().pickups();
        this.as = as;
        this.perTurn = random.nextDouble(0.4, 0.9);
        this.heights = new double[pickups.size()][2];
        this.tired = new boolean[pickups.size()][2];
        for (int p = 0; p < pickups.size(); p++) {
            for (Pickup.Side side : Pickup.Side.values()) {
                Band band = wanted.band(pickups.get(p).kind(), side);
                double found = Math.max(NEAREST, band.middle() + 0.7 * random.nextGaussian());
                heights[p][side.ordinal()] = string(p, side) - found;
                tired[p][side.ordinal()] = random.nextInt(20) == 0;
            }
        }
    }

    private int over(Pickup.Side side) {
        return side == Pickup.Side.BASS ? spec.bassString() : 1;
    }

    /** How high its string stands over a pickup, pressed at the last fret, mm above the level of the frets. */
    private double string(int pickup, Pickup.Side side) {
        StringLine line = as.line(over(side), 0);
        StringState state = as.state(over(side));
        int last = line.scale().frets();
        double from = line.scale().crown(last);
        double crown = line.crownHeight(state.curvature(), last);
        double x = pickups.get(pickup).place().along() * spec.scaleLength();
        double share = Math.max(0, (x - from) / (line.saddle() - from));
        return crown + share * (state.saddleHeight() - crown);
    }

    int count() {
        return pickups.size();
    }

    /** The true gap, string pressed at the last fret, mm. */
    double gap(int pickup, Pickup.Side side) {
        return Math.max(0, string(pickup, side) - heights[pickup][side.ordinal()]);
    }

    /** Whether its screw can still bring a side nearer, or away. */
    boolean follows(int pickup, Pickup.Side side, boolean nearer) {
        return !nearer || !tired[pickup][side.ordinal()];
    }

    /** Turns a screw, clockwise as the screwdriver sees it. */
    void turn(int pickup, Pickup.Side side, Turns clockwise) {
        double up = perTurn * PickupScrew.raised(pickups.get(pickup).mounting(), clockwise);
        boolean lags = up > 0 && tired[pickup][side.ordinal()];
        heights[pickup][side.ordinal()] += lags ? TIRED * up : up;
    }
}
