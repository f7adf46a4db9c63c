package barytone.core.buzz.cause;

import barytone.core.buzz.Cause;
import java.util.List;
import java.util.Optional;

/** The causes: the one list. Whoever adds one adds a class and a line here. */
public final class Causes {
    /** All of them, from the neck to the room. */
    public static final List<Cause> ALL = List.of(
            new BackBow(),
            new TooMuchRelief(),
            new Twist(),
            new Ramp(),
            new NeckAngle(),
            new LooseRod(),
            new NutSlotLow(),
            new NutFront(),
            new NutSlotWide(),
            new NutSlotTight(),
            new BreakAngleNut(),
            new RingBehindNut(),
            new SaddleSlotWide(),
            new SaddleSlotNarrow(),
            new SaddleFlat(),
            new BreakAngleSaddle(),
            new SaddleLoose(),
            new BridgeLoose(),
            new SaddleRadius(),
            new ActionLow(),
            new Dry(),
            new HighFret(),
            new LiftedFret(),
            new WornFret(),
            new RoughCrown(),
            new UnevenFrets(),
            new BendChoke(),
            new OldString(),
            new StringSeat(),
            new SlackString(),
            new BrightCoating(),
            new TunerLoose(),
            new TreeLoose(),
            new StrapButton(),
            new PlateLoose(),
            new PickupNear(),
            new PickupLoose(),
            new CableInside(),
            new LooseBrace(),
            new VibratoSprings(),
            new FrettingBehind(),
            new HeavyTouch(),
            new RoomRings());

    private Causes() {}

    /** By its code. */
    public static Optional<Cause> byCode(String code) {
        return ALL.stream().filter(cause -> cause.code().equals(code)).findFirst();
    }
}
