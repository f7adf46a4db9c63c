package barytone.core.workshop;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;

/** Eyes, hand and tools as a {@link World} has them: each tool is off by the same amount the whole job, a habit may not be the one that is declared. */
final class RealReader implements Reader {
    private static final double FILM = 0.004;
    private static final double BENT = 0.025;
    private static final int SLIP = 60;

    /** A reading with a tool whose offset is known apart from it scatters by so much, mm. */
    private static final double CARD_SCATTER = 0.03;

    private static final double CALIPER_SCATTER = 0.012;

    /** How well a gap at a pickup is read, mm. */
    private static final double AT_PICKUP = 0.08;

    /** How well a tuner repeats itself, cents: one way or the other it shows a cent more or less. */
    private static final double TUNER = 0.6;

    private final World world;
    private final RandomGenerator random;
    private final VirtualTools tools;
    private final double hand;
    private final double card;
    private final double caliper;
    private final double flat;
    private final boolean saysFlat;
    private final Habit habit;
    private final Map<Double, Double> leaves = new HashMap<>();

    /** How relief is really read. */
    private enum Habit {
        AS_DECLARED,
        HELD_AT_LAST,
        HELD_AT_12,
        GAUGED_BESIDE
    }

    RealReader(World world, RandomGenerator random) {
        this.world = world;
        this.random = random;
        this.tools = new VirtualTools(random);
        boolean off = world.has(Adversity.TOOLS);
        this.hand = world.has(Adversity.HAND)
                ? Math.clamp(0.015 * Math.exp(0.3 * random.nextGaussian()), 0.010, 0.025)
                : 0.008;
        this.card = off ? 0.05 * random.nextGaussian() : 0;
        this.caliper = off ? 0.02 * random.nextGaussian() : 0;
        List<Double> sizes = tools.owned().leaves().sizes();
        int bent = off && random.nextInt(3) == 0 ? random.nextInt(sizes.size()) : -1;
        for (int i = 0; i < sizes.size(); i++)
            leaves.put(sizes.get(i), off ? random.nextDouble(-0.004, 0.004) + (i == bent ? BENT : 0) : 0);
        boolean method = world.has(Adversity.METHOD);
        this.flat = method && random.nextInt(4) == 0 ? -random.nextDouble(0.02, 0.09) : 0;
        this.saysFlat = flat != 0 && random.nextBoolean();
        this.habit = method && random.nextInt(10) == 0 ? Habit.values()[1 + random.nextInt(3)] : Habit.AS_DECLARED;
    }

    @Override
    public Toolkit owned() {
        return tools.owned();
    }

    @Override
    public Position says() {
        return saysFlat ? Position.FLAT : Position.PLAYING;
    }

    @Override
    public Gap read(Workpiece instrument, int string, GapMethod method, Tool tool, boolean closely) {
        InstrumentSpec spec = instrument.spec();
        boolean slip = world.has(Adversity.SLIPS) && random.nextInt(SLIP) == 0;
        int drawn = slip ? random.nextInt(3) : -1;
        // there is no open for pressed but at the nut
        int kind = drawn == 1 && !(method instanceof GapMethod.NutPressed) ? 0 : drawn;
        int at = kind == 0 ? (string == 1 ? 2 : string - 1) : string;
        GapMethod done = kind == 1 ? new GapMethod.NutOpen() : really(method, spec);
        double truth =
                instrument instanceof RealInstrument real ? real.gapBent(at, done, flat) : instrument.gap(at, done);
        Gap seen = seen(truth, method, tool, closely);
        return kind == 2 ? mistyped(seen) : seen;
    }

    @Override
    public double atPickup(double mm) {
        return Math.max(0, Math.rint(10 * (mm + AT_PICKUP * random.nextGaussian())) / 10);
    }

    /** A tuner tells a cent, to a tenth. */
    @Override
    public double shown(double cents) {
        return Math.rint(10 * (cents + TUNER * random.nextGaussian())) / 10;
    }

    private GapMethod really(GapMethod method, InstrumentSpec spec) {
        if (!(method instanceof GapMethod.Relief r)) return method;
        return switch (habit) {
            case AS_DECLARED -> r;
            case HELD_AT_LAST -> new GapMethod.Relief(r.heldLow(), spec.frets(), r.gaugeFret());
            case HELD_AT_12 -> new GapMethod.Relief(r.heldLow(), Math.max(r.gaugeFret() + 1, 12), r.gaugeFret());
            case GAUGED_BESIDE ->
                new GapMethod.Relief(
                        r.heldLow(),
                        r.heldHigh(),
                        r.gaugeFret() + 1 < r.heldHigh() ? r.gaugeFret() + 1 : r.gaugeFret() - 1);
        };
    }

    private Gap seen(double truth, GapMethod method, Tool tool, boolean closely) {
        double felt = truth + hand * random.nextGaussian();
        if (method instanceof GapMethod.Relief || tool == Tool.LEAF) felt = Math.max(0, felt);
        boolean off = world.has(Adversity.TOOLS);
        return switch (tool) {
            case LEAF ->
                byLeaf(
                        felt,
                        closely ? owned().leaves().stacked() : owned().leaves().sizes());
            case RULER_HALF -> marked(felt, 0.25);
            case RULER_64 -> marked(felt, 0.396875 / 2);
            case RULER_32 -> marked(felt, 0.79375 / 2);
            case RULER_MM -> marked(felt, 0.5);
            case CARD -> off ? scattered(felt + card, CARD_SCATTER) : scattered(felt, tool.sd());
            case CALIPER -> off ? scattered(felt + caliper, CALIPER_SCATTER) : scattered(felt, tool.sd());
            case EYE -> scattered(felt, tool.sd());
        };
    }

    private Gap scattered(double felt, double sd) {
        return new Gap.Of(Math.max(0, felt + sd * random.nextGaussian()));
    }

    private static Gap marked(double felt, double step) {
        return new Gap.Of(Math.max(0, Math.rint(felt / step) * step));
    }

    private Gap byLeaf(double felt, List<Double> sizes) {
        double goes = 0;
        for (double size : sizes) {
            if (thickness(size) > felt) return goes == 0 ? new Gap.AtMost(size) : new Gap.Between(goes, size);
            goes = size;
        }
        return new Gap.AtLeast(goes);
    }

    /** How thick a leaf, or two laid together, really is, mm. */
    private double thickness(double size) {
        Double own = leaves.get(size);
        if (own != null) return size + own;
        double film = world.has(Adversity.HAND) ? FILM : 0;
        for (double one : leaves.keySet())
            for (double other : leaves.keySet())
                if (one < other && Math.abs(one + other - size) < 1e-9)
                    return size + leaves.getOrDefault(one, 0.0) + leaves.getOrDefault(other, 0.0) + film;
        return size + film;
    }

    /** One digit wrong: a tenth of a millimetre more or less. */
    private Gap mistyped(Gap gap) {
        double by = random.nextBoolean() || gap.shown() < 0.12 ? 0.1 : -0.1;
        return switch (gap) {
            case Gap.Of g -> new Gap.Of(g.mm() + by);
            case Gap.Between g -> new Gap.Between(g.goes() + by, g.stops() + by);
            case Gap.AtLeast g -> new Gap.AtLeast(g.mm() + by);
            case Gap.AtMost g -> new Gap.AtMost(g.mm() + Math.abs(by));
        };
    }
}
