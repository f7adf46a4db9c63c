package barytone.core.workshop;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.NeckShim;
import barytone.core.bridge.Supports;
import barytone.core.height.ActionTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.Adjustment;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobDefaults;
import barytone.core.job.WorkOrder;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.relief.ReliefSchool;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * A sound instrument with a hidden true state that answers to moves as wood and metal do: roughly as expected, never exactly. What a
 * technician knows of it is its {@link #spec} and what is wanted, {@link #defaults}.
 *
 * <p>Drawn from: relief 0.26 mm give or take 0.13 and the treble side a few hundredths less, within what the rod can make good; rods
 * of 0.3 to 0.75 mm per turn, one in twelve straightening anticlockwise, three in ten double-action rods starting in a dead zone
 * of up to 3/8 turn; a tenth of each step creeps in afterwards, and the sides answer alike within a fiftieth. Nut slots 0.26 mm give or take 0.07 above the frets with 0.03
 * between strings, one instrument in ten with a slot filed too low; bite 0.006 to 0.025 mm by material and file, each pass give or take a
 * quarter. Action off its target by 0.4 mm give or take 0.5, tilted by 0.15, and the strings off the mechanism's shape by 0.03
 * (individual saddles 0.2). Height screws of 0.35 to 0.8 mm per turn, the pitch stated on half of the instruments; screws
 * are off by a fiftieth, sanding by a twelfth. All "give or take" are one standard deviation of a normal.
 */
final class VirtualInstrument implements Workpiece {
    private static final double CREEP = 0.10;
    private static final double CREEP_MINUTES = 5;
    private static final double REWORK = 1.0 / 12;
    private static final List<Double> THREADS = List.of(0.35, 0.45, 0.5, 0.635, 0.7, 0.794);

    private final RandomGenerator random;
    private final InstrumentSpec spec;
    private final JobDefaults defaults;
    private final Touch touch;
    private final StringLine line;
    private final Supports supports;
    private final double perCurvature;
    private final boolean reversed;
    private final double rodReliefPerTurn;
    private final double bite;
    private final double threadPitch;

    private double bassCurvature;
    private double trebleCurvature;
    private double creeping;
    private double deadTurns;
    private final double[] slots;
    private final double[] saddles;

    VirtualInstrument(RandomGenerator random) {
        this.random = random;
        InstrumentKind[] kinds = InstrumentKind.values();
        InstrumentKind kind = kinds[random.nextInt(kinds.length)];
        InstrumentSpec usual = kind.usual();
        this.threadPitch = THREADS.get(random.nextInt(THREADS.size()));
        this.spec = usual.with(fittings(usual, random.nextBoolean() ? threadPitch : 0));
        this.line = spec.line();
        this.supports = spec.supports();
        this.touch = Touch.values()[random.nextInt(Touch.values().length)];
        this.defaults = wishes();
        this.perCurvature = line.form(
                        new GapMethod.Relief(1, spec.bodyJointFret(), Math.max(2, spec.bodyJointFret() / 2)))
                .curvature();
        boolean rod = spec.rod() != RodType.NONE;
        this.reversed = rod && random.nextInt(12) == 0;
        this.rodReliefPerTurn = rod ? random.nextDouble(0.3, 0.75) : 0;
        this.deadTurns = spec.rod() == RodType.DOUBLE && random.nextInt(10) < 3 ? random.nextDouble(0.1, 0.375) : 0;
        this.bite = spec.fittings().nut().usualBite() * Math.exp(random.nextGaussian() * 0.3);
        this.slots = new double[spec.strings()];
        this.saddles = new double[spec.strings()];
        found();
    }

    private Fittings fittings(InstrumentSpec usual, double statedPitch) {
        Fittings f = usual.fittings();
        BridgeKind bridge = f.bridge();
        if (usual.kind() == InstrumentKind.ELECTRIC) {
            BridgeKind[] electric = {
                BridgeKind.INDIVIDUAL,
                BridgeKind.TWO_POST,
                BridgeKind.BARRELS,
                BridgeKind.VIBRATO_SADDLES,
                BridgeKind.VIBRATO_POSTS
            };
            bridge = electric[random.nextInt(electric.length)];
        }
        return new Fittings(
                bridge,
                bridge.screwed() ? statedPitch : 0,
                f.joint(),
                f.endRadius(),
                f.bridgeSpread(),
                f.nut(),
                f.nutWidth(),
                f.strings());
    }

    private JobDefaults wishes() {
        JobDefaults usual = Stations.usual(spec, touch);
        ReliefSchool school = random.nextInt(3) == 0
                ? ReliefSchool.USUAL.get(random.nextInt(ReliefSchool.USUAL.size()))
                : ReliefSchool.usualFor(spec);
        NutSchool nut = NutSchool.USUAL.get(random.nextInt(NutSchool.USUAL.size()));
        // a fret-level nut goes with a neck that is nearly flat
        if (nut.code().equals("FRET_LEVEL"))
            school = random.nextBoolean() ? ReliefSchool.NEARLY_FLAT : ReliefSchool.LIGHT_BOW;
        ReliefTarget relief = school.target(spec, touch);
        List<ActionSchool> family = ActionSchool.USUAL.stream()
                .filter(s -> s.family() == ActionSchool.Family.of(spec.kind()))
                .toList();
        return usual.choosing(relief)
                .choosing(NutSchool.USUAL
                        .get(random.nextInt(NutSchool.USUAL.size()))
                        .target(spec))
                .choosing(family.get(random.nextInt(family.size())).target(spec, touch, ActionSchool.Style.ANY))
                .with(WorkOrder.values()[random.nextInt(WorkOrder.values().length)])
                .with(new HeightHabit(ActionSchool.at(spec), Tool.CARD, Position.PLAYING));
    }

    /** Draws the state as found. */
    private void found() {
        ReliefTarget relief = defaults.the(ReliefTarget.class);
        double wanted = (relief.bass().middle() + relief.treble().middle()) / 2;
        double reach = 0.45 * rodReliefPerTurn;
        double mean = 0.26 + 0.13 * random.nextGaussian();
        // without a rod relief can only be read: such a neck is drawn as it should be
        mean = spec.rod() == RodType.NONE
                ? wanted + 0.008 * random.nextGaussian()
                : Math.clamp(mean, wanted - reach, wanted + reach);
        // the sides differ about as much as the target wants them to: one rod cannot set them apart
        double half = (relief.bass().middle() - relief.treble().middle()) / 2 + 0.008 * random.nextGaussian();
        bassCurvature = (mean + half) / perCurvature;
        trebleCurvature = (mean - half) / perCurvature;
        double nut = Math.max(0.10, 0.26 + 0.07 * random.nextGaussian());
        int spoiled = random.nextInt(10) == 0 ? random.nextInt(slots.length) : -1;
        boolean alone = spec.fittings().bridge().mechanism().alone();
        double offset = 0.4 + 0.5 * random.nextGaussian();
        double tilt = 0.15 * random.nextGaussian();
        for (int s = 1; s <= slots.length; s++) {
            slots[s - 1] = s - 1 == spoiled ? 0.02 : Math.max(0.02, nut + 0.03 * random.nextGaussian());
            double across = (2.0 * (s - 1) / (slots.length - 1) - 1) * tilt;
            double shape = (alone ? 0.2 : 0.03) * random.nextGaussian();
            double action =
                    Math.max(0.5, defaults.the(ActionTarget.class).band(s).middle() + offset + across + shape);
            // heights that go with the target's relief and a usual slot, so that the mechanism's shape can be met
            saddles[s - 1] = line.saddleHeightFor(12, action, curvature(s), 0.15);
        }
    }

    @Override
    public InstrumentSpec spec() {
        return spec;
    }

    @Override
    public JobDefaults defaults() {
        return defaults;
    }

    /** How its player plays. */
    Touch touch() {
        return touch;
    }

    /** What its height screws really give, mm per turn. */
    double threadPitch() {
        return threadPitch;
    }

    private double curvature(int string) {
        double treble = (slots.length - string) / (slots.length - 1.0);
        return (1 - treble) * bassCurvature + treble * trebleCurvature;
    }

    @Override
    public double gap(int string, GapMethod method) {
        return line.gap(method, stands(string));
    }

    @Override
    public StringLine crowns(int string) {
        return line;
    }

    @Override
    public StringState stands(int string) {
        return new StringState(curvature(string), slots[string - 1], saddles[string - 1]);
    }

    @Override
    public double slotHeight(int string) {
        return slots[string - 1];
    }

    @Override
    public double turnRod(Turns clockwise) {
        double turns = reversed ? -clockwise.value() : clockwise.value();
        double free = Math.min(deadTurns, Math.abs(turns));
        deadTurns -= free;
        double biting = Math.signum(turns) * (Math.abs(turns) - free);
        double change = -biting * rodReliefPerTurn * (1 + 0.12 * random.nextGaussian());
        bend((1 - CREEP) * change);
        creeping += CREEP * change;
        return -change;
    }

    private void bend(double relief) {
        bassCurvature += relief * (1 + 0.02 * random.nextGaussian()) / perCurvature;
        trebleCurvature += relief * (1 + 0.02 * random.nextGaussian()) / perCurvature;
    }

    @Override
    public void rest(Duration time) {
        double share = 1 - Math.exp(-time.toSeconds() / (60 * CREEP_MINUTES));
        double now = creeping * share;
        creeping -= now;
        bassCurvature += now / perCurvature;
        trebleCurvature += now / perCurvature;
    }

    @Override
    public void retune() {
        double change = 0.002 * random.nextGaussian() / perCurvature;
        bassCurvature += change;
        trebleCurvature += change;
    }

    @Override
    public void adjust(Adjustment event) {
        switch (event) {
            case ActionEvent.BridgeScrewed e ->
                lift(supports.atStrings(e.screws().stream()
                        .map(t -> t.value() * threadPitch * give(0.02))
                        .toList()));
            case ActionEvent.SaddleReworked e ->
                lift(BridgeKind.FIXED
                        .mechanism()
                        .heights(spec.acrossBridge())
                        .atStrings(List.of(e.bass() * give(REWORK), e.treble() * give(REWORK))));
            case NutEvent.SlotsFiled e -> e.slots().forEach(this::file);
            // practice is about gaps so far: nobody listens to a simulated instrument
            case ToneEvent.SaddlesMoved ignored -> {}
            case NutEvent.NutReworked e -> {
                double done = e.change() * give(REWORK);
                for (int s : e.strings()) slots[s - 1] += done;
            }
            case ActionEvent.NeckShimmed e -> {
                double lower = new NeckShim(e.end(), e.thickness()).lift(e.bodyEdge(), e.heelEnd(), line.saddle());
                lift(Collections.nCopies(saddles.length, -lower * give(REWORK)));
            }
            default -> throw new IllegalStateException("nobody in the workshop can do " + event);
        }
    }

    /** What comes of an intended amount: about one. */
    private double give(double spread) {
        return 1 + spread * random.nextGaussian();
    }

    private void lift(List<Double> changes) {
        for (int i = 0; i < saddles.length; i++) saddles[i] += changes.get(i);
    }

    private void file(NutEvent.Filing filing) {
        slots[filing.string() - 1] -= filing.ordinaryStrokes() * bite * Math.max(0.2, give(0.25));
    }
}
