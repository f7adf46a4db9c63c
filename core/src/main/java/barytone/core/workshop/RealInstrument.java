package barytone.core.workshop;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.NeckShim;
import barytone.core.bridge.Supports;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.Touch;
import barytone.core.job.Adjustment;
import barytone.core.job.JobDefaults;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Turns;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.nut.NutEvent;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;

/**
 * An instrument as it comes to a bench: what it is declared to be and what is wanted are drawn as for a {@link VirtualInstrument}, the rest is as adverse as its
 * {@link World} says.
 *
 * <p>Time: 5 to 35 % of a step creeps in over 5 to 120 minutes, the neck drifts by 0.03 mm in a root hour, and by 0.006 when it is tuned. Work: bite give or take 35 %
 * between slots and 40 % between passes, another material once in ten; turns give or take 0.025, the wrong way once in 80, left out once in 60; sanding give or take
 * 0.03 mm with a taper of 0.02; a stated thread is wrong once in eight; screws travel 3 to 5 mm in all and stand near one end; saddles stand 1.5 to 4 mm proud.
 */
final class RealInstrument implements Workpiece {
    private static final List<Double> THREADS = List.of(0.35, 0.45, 0.5, 0.635, 0.7, 0.794);

    /** A saddle is not sanded lower than this above its bridge, mm. */
    static final double LEAST_PROUD = 2;

    /** What a ruler and a careful hand leave of it, mm. */
    private static final double RULED = 0.4;

    /** Less at the saddle is not worth moving, mm. */
    private static final double JUST_VISIBLE = 0.15;

    private static final Set<Station> WITH_SOUND =
            Set.of(Station.RELIEF, Station.NUT, Station.ACTION, Station.INTONATION, Station.PICKUPS);

    private final World world;
    private final RandomGenerator random;
    private final InstrumentSpec spec;
    private final JobDefaults defaults;
    private final Touch touch;
    private final RealNeck neck;
    private final RealRod rod;
    private final Supports supports;
    private final double perCurvature;
    private final double threadPitch;
    private final double creep;
    private final double creepMinutes;
    private final @Nullable RealStrings strings;
    private final @Nullable RealPickups pickups;
    private final double[] bite;
    private final double[] slots;
    private final double[] saddles;
    private final double[] roomUp;
    private final double[] roomDown;
    private double proud;
    private double bass;
    private double treble;
    private double creepingBass;
    private double creepingTreble;

    RealInstrument(World world, RandomGenerator random) {
        this.world = world;
        this.random = random;
        VirtualInstrument drawn = new VirtualInstrument(random);
        this.threadPitch = drawn.threadPitch();
        boolean sounds = world.has(Adversity.SOUND);
        InstrumentSpec declared = threadStated(drawn.spec());
        // a drawn instrument has no pickups
        this.spec = sounds
                ? declared.with(declared.fittings()
                        .withPickups(declared.kind().usual().fittings().pickups()))
                : declared;
        this.defaults = sounds ? drawn.defaults().scope(WITH_SOUND) : drawn.defaults();
        this.touch = drawn.touch();
        this.supports = spec.supports();
        this.neck = new RealNeck(spec, world.has(Adversity.NECK), random);
        this.rod = new RealRod(spec.rod(), world.has(Adversity.ROD), random);
        this.perCurvature = spec.line()
                .form(new GapMethod.Relief(1, spec.bodyJointFret(), Math.max(2, spec.bodyJointFret() / 2)))
                .curvature();
        boolean time = world.has(Adversity.TIME);
        this.creep = time ? random.nextDouble(0.05, 0.35) : 0.10;
        this.creepMinutes = time ? Math.exp(random.nextDouble(Math.log(5), Math.log(120))) : 5;
        this.bite = new double[spec.strings()];
        this.slots = new double[spec.strings()];
        this.saddles = new double[spec.strings()];
        this.roomUp = new double[supports.places().size()];
        this.roomDown = new double[supports.places().size()];
        drawWork();
        found(drawn);
        this.strings = sounds ? new RealStrings(spec, standing(), random) : null;
        this.pickups = sounds ? new RealPickups(spec, defaults.the(PickupTarget.class), standing(), random) : null;
    }

    @Override
    public @Nullable RealPickups pickups() {
        return pickups;
    }

    private RealStrings.Standing standing() {
        return new RealStrings.Standing() {
            @Override
            public StringLine line(int string, double back) {
                return neck.at(string, curvature(string), back);
            }

            @Override
            public StringState state(int string) {
                return stands(string, curvature(string));
            }
        };
    }

    @Override
    public Workpiece.@Nullable Sounding sounding() {
        return strings;
    }

    /** How far a string's saddle stands behind where its crowns were drawn for, mm. */
    private double back(int string) {
        return strings == null ? 0 : strings.back(string);
    }

    private InstrumentSpec threadStated(InstrumentSpec declared) {
        boolean wrong = world.has(Adversity.WORK) && random.nextInt(8) == 0;
        if (!wrong || declared.fittings().threadPitch() == 0) return declared;
        double other = THREADS.get(random.nextInt(THREADS.size()));
        return declared.with(declared.fittings().withThreadPitch(other));
    }

    private void drawWork() {
        boolean work = world.has(Adversity.WORK);
        NutMaterial[] materials = NutMaterial.values();
        NutMaterial material = work && random.nextInt(10) == 0
                ? materials[random.nextInt(materials.length)]
                : spec.fittings().nut();
        double nut = material.usualBite() * Math.exp(random.nextGaussian() * 0.3);
        for (int i = 0; i < bite.length; i++) bite[i] = nut * (work ? Math.max(0.3, give(0.35)) : 1);
        proud = work ? random.nextDouble(1.5, 4) : 9;
        double travel = work ? random.nextDouble(3, 5) : 90;
        double near = work ? random.nextDouble(0.2, 1.0) : 45;
        boolean nearTop = random.nextBoolean();
        for (int i = 0; i < roomUp.length; i++) {
            roomUp[i] = nearTop ? near : travel - near;
            roomDown[i] = nearTop ? travel - near : near;
        }
    }

    /** Draws the state as found: slots and action as for any simulated instrument, the neck as it comes. */
    private void found(VirtualInstrument drawn) {
        GapMethod.Relief habit = defaults.the(ReliefTarget.class).method();
        double mean = (drawn.gap(1, habit) + drawn.gap(spec.bassString(), habit)) / 2;
        double half = (drawn.gap(spec.bassString(), habit) - drawn.gap(1, habit)) / 2;
        if (world.has(Adversity.NECK)) {
            mean = 0.22 + 0.20 * random.nextGaussian();
            half = (defaults.the(ReliefTarget.class).bass().middle()
                                    - defaults.the(ReliefTarget.class).treble().middle())
                            / 2
                    + 0.04 * random.nextGaussian();
        }
        double perHabit = spec.line().form(habit).curvature();
        bass = (mean + half) / perHabit;
        treble = (mean - half) / perHabit;
        for (int s = 1; s <= slots.length; s++) {
            slots[s - 1] = drawn.slotHeight(s);
            double action = drawn.gap(s, new GapMethod.Action(12));
            saddles[s - 1] = crowns(s).saddleHeightFor(12, action, curvature(s), 0.15 + neck.nutRise(curvature(s)));
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

    @Override
    public double tighter() {
        return rod.tighter();
    }

    private double curvature(int string) {
        double share = (slots.length - string) / (slots.length - 1.0);
        return (1 - share) * bass + share * treble;
    }

    @Override
    public StringLine crowns(int string) {
        return neck.at(string, curvature(string), back(string));
    }

    @Override
    public StringState stands(int string) {
        return stands(string, curvature(string));
    }

    /** The nut stands on the neck, however that is bent. */
    private StringState stands(int string, double curvature) {
        return new StringState(curvature, slots[string - 1] + neck.nutRise(curvature), saddles[string - 1]);
    }

    @Override
    public double gap(int string, GapMethod method) {
        return crowns(string).gap(method, stands(string));
    }

    @Override
    public double gapBent(int string, GapMethod method, double relief) {
        double k = curvature(string) + relief / perCurvature;
        return neck.at(string, k, back(string)).gap(method, stands(string, k));
    }

    @Override
    public double slotHeight(int string) {
        return slots[string - 1];
    }

    @Override
    public double turnRod(Turns clockwise) {
        RealRod.Answer answer = rod.turn(turned(clockwise.value()), random);
        bass += (1 - creep) * answer.bass() / perCurvature;
        treble += (1 - creep) * answer.treble() / perCurvature;
        creepingBass += creep * answer.bass() / perCurvature;
        creepingTreble += creep * answer.treble() / perCurvature;
        return -answer.mean();
    }

    /** What comes of meant turns: not quite so many, now and then the other way or none. */
    private double turned(double meant) {
        if (meant == 0 || !world.has(Adversity.WORK)) return meant;
        if (random.nextInt(60) == 0) return 0;
        double way = random.nextInt(80) == 0 ? -1 : 1;
        return way * meant + 0.025 * random.nextGaussian();
    }

    @Override
    public boolean stiff() {
        return rod.stiff();
    }

    @Override
    public boolean ranFree() {
        return rod.ranFree();
    }

    @Override
    public boolean rodReaches(boolean lower) {
        return rod.reaches(lower);
    }

    @Override
    public boolean bridgeReaches(boolean lower) {
        if (!spec.fittings().bridge().screwed()) return !lower || proud >= LEAST_PROUD + RULED;
        double[] room = lower ? roomDown : roomUp;
        for (double left : room) if (left < JUST_VISIBLE) return false;
        return true;
    }

    @Override
    public void rest(Duration time) {
        double minutes = time.toSeconds() / 60.0;
        double share = 1 - Math.exp(-minutes / creepMinutes);
        bass += creepingBass * share;
        treble += creepingTreble * share;
        creepingBass *= 1 - share;
        creepingTreble *= 1 - share;
        if (world.has(Adversity.TIME)) bothSides(0.03 * Math.sqrt(minutes / 60));
    }

    @Override
    public void retune() {
        bothSides(world.has(Adversity.TIME) ? 0.006 : 0.002);
        if (strings != null) for (int s : spec.everyString()) strings.tune(s);
    }

    private void bothSides(double reliefSd) {
        double change = reliefSd * random.nextGaussian() / perCurvature;
        bass += change;
        treble += change;
    }

    @Override
    public Adjustment possible(Adjustment event) {
        if (event instanceof ToneEvent.SaddlesMoved e && strings != null) return strings.possible(e);
        if (!(event instanceof ActionEvent.BridgeScrewed screws) || !world.has(Adversity.WORK)) return event;
        List<Turns> room = new ArrayList<>();
        for (int i = 0; i < screws.screws().size(); i++) {
            int most = (int) Math.floor(16 * (roomUp[i] / threadPitch));
            int least = -(int) Math.floor(16 * (roomDown[i] / threadPitch));
            room.add(new Turns(Math.clamp(screws.screws().get(i).sixteenths(), least, most)));
        }
        return new ActionEvent.BridgeScrewed(room);
    }

    @Override
    public ActionEvent.TravelRead travel() {
        double down = Double.POSITIVE_INFINITY;
        double up = Double.POSITIVE_INFINITY;
        for (int i = 0; i < roomUp.length; i++) {
            down = Math.min(down, roomDown[i]);
            up = Math.min(up, roomUp[i]);
        }
        return new ActionEvent.TravelRead(Math.max(0, down), Math.max(0, up));
    }

    @Override
    public double proud() {
        return spec.fittings().bridge().screwed() ? Double.POSITIVE_INFINITY : proud;
    }

    @Override
    public void adjust(Adjustment event) {
        switch (event) {
            case ActionEvent.BridgeScrewed e -> lift(screwed(e));
            case ActionEvent.SaddleReworked e -> {
                double off = 0.03 * random.nextGaussian();
                double taper = 0.02 * random.nextGaussian();
                double low = reworked(e.bass(), off + taper / 2);
                double high = reworked(e.treble(), off - taper / 2);
                proud += Math.min(low, high);
                lift(BridgeKind.FIXED.mechanism().heights(spec.acrossBridge()).atStrings(List.of(low, high)));
            }
            case NutEvent.SlotsFiled e -> e.slots().forEach(this::file);
            case ToneEvent.SaddlesMoved e -> moveAlong(e);
            case NutEvent.NutReworked e -> {
                double done = e.change() * give(1.0 / 12);
                for (int s : e.strings()) slots[s - 1] += done;
            }
            case ActionEvent.NeckShimmed e -> {
                double lower = new NeckShim(e.end(), e.thickness())
                        .lift(e.bodyEdge(), e.heelEnd(), spec.line().saddle());
                lift(Collections.nCopies(saddles.length, -lower * give(1.0 / 12)));
            }
            default -> throw new IllegalStateException("nobody in the workshop can do " + event);
        }
    }

    private List<Double> screwed(ActionEvent.BridgeScrewed event) {
        List<Double> heights = new ArrayList<>();
        boolean leftOut = world.has(Adversity.WORK) && random.nextInt(60) == 0;
        for (int i = 0; i < event.screws().size(); i++) {
            double meant = event.screws().get(i).value();
            double turns = world.has(Adversity.WORK)
                    ? meant == 0 || leftOut ? 0 : way() * meant + 0.025 * random.nextGaussian()
                    : meant * give(0.02);
            double height = Math.clamp(turns * threadPitch, -roomDown[i], roomUp[i]);
            roomUp[i] -= height;
            roomDown[i] += height;
            heights.add(height);
        }
        return supports.atStrings(heights);
    }

    /** A saddle that goes back follows its plate; the string that it carries stays as high above it. */
    private void moveAlong(ToneEvent.SaddlesMoved event) {
        if (strings == null) return;
        List<Double> back = strings.move(event);
        for (int i = 0; i < saddles.length; i++)
            saddles[i] += back.get(i) * spec.fittings().length().plateRise();
    }

    private int way() {
        return random.nextInt(80) == 0 ? -1 : 1;
    }

    private double reworked(double meant, double off) {
        if (meant == 0) return 0;
        return world.has(Adversity.WORK) ? meant + off : meant * give(1.0 / 12);
    }

    /** What comes of an intended amount: about one. */
    private double give(double spread) {
        return 1 + spread * random.nextGaussian();
    }

    private void lift(List<Double> changes) {
        for (int i = 0; i < saddles.length; i++) saddles[i] += changes.get(i);
    }

    private void file(NutEvent.Filing filing) {
        boolean work = world.has(Adversity.WORK);
        if (work && random.nextInt(60) == 0) return;
        slots[filing.string() - 1] -=
                filing.ordinaryStrokes() * bite[filing.string() - 1] * Math.max(0.2, give(work ? 0.40 : 0.25));
    }
}
