package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NutMaterial;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.joblog.Ear;
import barytone.core.joblog.HeightHabit;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.ReliefHabit;
import barytone.core.joblog.SlotFlaw;
import barytone.core.joblog.StringAge;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.plan.ActionTarget;
import barytone.core.plan.NutSchool;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.plan.Station;
import barytone.core.plan.WorkOrder;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is stored must be read back by every later version. */
class EventCodecTest {
    private static final GapMethod.Relief RELIEF = new GapMethod.Relief(1, 16, 8);
    private final EventCodec codec = new EventCodec();

    static Stream<JobEvent> everyKind() {
        Stream<JobEvent> readings = Stream.of(
                        RELIEF,
                        new GapMethod.NutOpen(),
                        new GapMethod.NutPressed(3),
                        new GapMethod.Action(12),
                        new GapMethod.ActionCapo(14))
                .map(method -> new JobEvent.ReadingTaken(
                        6, method, Tool.CARD, new Gap.Between(0.3, 0.35), Position.FLAT, "0.3..0.35"));
        Stream<JobEvent> gaps = Stream.of(new Gap.Of(0.3), new Gap.AtLeast(0.2), new Gap.AtMost(0.5))
                .map(gap -> new JobEvent.ReadingTaken(1, RELIEF, Tool.LEAF, gap, Position.PLAYING, "leaves"));
        Stream<JobEvent> moves = Stream.of(
                        new Move.RodTurned(0.125, true),
                        new Move.SaddleScrewed(3, -0.5),
                        new Move.SaddleMoved(3, 0.2, 0.1),
                        new Move.SlotMoved(2, -0.1, 0.2),
                        new Move.ScrewTurned(List.of(0.0, 1.0), -0.5),
                        new Move.SaddleLifted(List.of(0.0, 1.0), 0.2, 0.1),
                        new Move.SlotFiled(2, 4),
                        new Move.SlotsLifted(List.of(1.0, 1.0), -0.1, 0.2),
                        new Move.TensionChanged(40),
                        new Move.Retuned(),
                        new Move.Rested(Duration.ofMinutes(90)),
                        new Move.SlotsUnknown(List.of(2)),
                        new Move.SaddlesUnknown(List.of(1, 2)),
                        new Move.ReliefUnknown(List.of(1)),
                        new Move.HumidityChanged(-7))
                .map(JobEvent.Moved::new);
        Stream<JobEvent> others = Stream.of(
                new JobEvent.ReadingKept(4),
                new JobEvent.ReadingDropped(5),
                new JobEvent.ReadingMoved(5),
                new JobEvent.ReadingTaken(
                        6, RELIEF, Tool.LEAF, new Gap.Of(0.2032), Position.PLAYING, "8", LengthUnit.THOU),
                new JobEvent.MovedUncounted(Station.NUT, List.of(3, 4)),
                new JobEvent.StringsChanged("9 11 16 24w 32w 42w", "10 13 17 26w 36w 46w"),
                new JobEvent.PutOff(Station.NUT),
                new JobEvent.NutReworked(JobEvent.NutReworked.Way.RENEWED, List.of(1, 2), 0, NutMaterial.BRASS),
                new JobEvent.RodTurned(new Turns(-2), true, false),
                new JobEvent.RodRanFree(7),
                new JobEvent.RodTurnedOtherWay(7),
                new JobEvent.RodDirectionLearned(true),
                new JobEvent.RodStiff(),
                new JobEvent.Retuned(),
                new JobEvent.SettlingSkipped(),
                new JobEvent.NoteWritten("A dent near the joint: a keepsake, “do not touch”"),
                new JobEvent.TargetSet(new ReliefTarget("MIDDLE", RELIEF, new Band(0.1, 0.2), new Band(0.1, 0.15))),
                new JobEvent.TargetSet(new ReliefTarget(null, RELIEF, new Band(0.1, 0.2), new Band(0.1, 0.15))),
                new JobEvent.HabitSet(new ReliefHabit(RELIEF, Tool.RULER_64, Position.PLAYING, true)),
                new JobEvent.RodWaysSet(RodWays.USUAL),
                new JobEvent.BridgeScrewed(List.of(new Turns(4), new Turns(-6))),
                new JobEvent.SaddleReworked(JobEvent.SaddleReworked.Way.SANDED, -0.6, -0.2),
                new JobEvent.SlotsFiled(List.of(new JobEvent.Filing(6, 4, false), new JobEvent.Filing(1, 1, true))),
                new JobEvent.NutReworked(JobEvent.NutReworked.Way.FILLED, List.of(2), 0.12),
                new JobEvent.NeckShimmed(NeckShim.End.HEEL, 0.4, 390, 460),
                new JobEvent.SlotChecked(2, List.of(SlotFlaw.CHIPPED, SlotFlaw.TOO_TIGHT)),
                new JobEvent.GaugePatternRead(305, List.of(2, 4)),
                new JobEvent.TravelRead(1.5, 3),
                new JobEvent.SaddleProudRead(3.25),
                new JobEvent.NeckAngleRead(-0.5),
                new JobEvent.HeightHabitSet(
                        new HeightHabit(new GapMethod.ActionCapo(17), Tool.CALIPER, Position.PLAYING)),
                new JobEvent.NutTargetSet(NutSchool.USUAL.getFirst().target(InstrumentKind.ELECTRIC.usual())),
                new JobEvent.ActionTargetSet(new ActionTarget(
                        null, new GapMethod.Action(12), List.of(new Band(1.2, 1.5), new Band(1.4, 1.7)))),
                new JobEvent.PitchRead(6, Sounded.at(12), -1.25, Ear.MICROPHONE, 8e-5, true, false, ""),
                new JobEvent.PitchRead(1, Sounded.OPEN, 3, Ear.TUNER, null, false, true, "+3"),
                new JobEvent.IntonationSet(IntonationWays.usual(List.of(330.0, 82.0), 22)),
                new JobEvent.SaddlesMoved(List.of(new Turns(6), Turns.NONE), List.of(0.0, -0.4)),
                new JobEvent.LengthDirectionLearned(false),
                new JobEvent.LengthTravelRead(2, 1.5, 3),
                new JobEvent.SaddlePlacesRead(List.of(0.0, 0.5)),
                new JobEvent.StringsStated(StringAge.OLD),
                new JobEvent.Stretched(5, 12.5),
                new JobEvent.StringRenewed(5),
                new JobEvent.PickupRead(1, Pickup.Side.BASS, 2.4, "2.4"),
                new JobEvent.PickupTargetSet(PickupTarget.USUAL),
                new JobEvent.PickupTurned(0, new Turns(-4), Turns.NONE),
                new JobEvent.PickupChecked(0, List.of(PickupSign.WEAK_SPRING)),
                new JobEvent.PickupsLowered(true),
                new JobEvent.LevelHeard(0, 3, -18.5),
                new JobEvent.OrderSet(WorkOrder.BALLPARK_FIRST),
                new JobEvent.ScopeSet(List.of(Station.NUT, Station.ACTION)),
                new JobEvent.Answered("file-3", false),
                new JobEvent.Closed(),
                new JobEvent.Reopened(),
                new JobEvent.Undone(3),
                new JobEvent.Redone(3));
        return Stream.of(readings, gaps, moves, others).flatMap(s -> s);
    }

    @ParameterizedTest
    @MethodSource("everyKind")
    void isReadBackAsItWasStored(JobEvent event) {
        assertThat(codec.event(codec.kind(event), codec.body(event))).isEqualTo(event);
    }

    @Test
    void everyKindOfEventHasAStoredName() {
        List<Class<?>> covered =
                everyKind().<Class<?>>map(JobEvent::getClass).distinct().toList();
        assertThat(covered).containsExactlyInAnyOrderElementsOf(kindsOf(JobEvent.class));
    }

    private static List<Class<?>> kindsOf(Class<?> sealed) {
        return Stream.of(sealed.getPermittedSubclasses())
                .flatMap(c -> c.isSealed() ? kindsOf(c).stream() : Stream.<Class<?>>of(c))
                .toList();
    }

    /** Bodies as the first version wrote them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "reading | {\"string\":6,\"method\":{\"is\":\"relief\",\"heldLow\":1,\"heldHigh\":16,\"gaugeFret\":8},\"tool\":\"LEAF\",\"gap\":{\"is\":\"of\",\"mm\":0.36},\"position\":\"PLAYING\",\"typed\":\"0.36\"}",
                "rod-turned | {\"net\":{\"sixteenths\":2},\"finishTightening\":false,\"free\":false}",
                "retuned | {}",
                "moved | {\"move\":{\"is\":\"saddle-moved\",\"string\":6,\"change\":-0.4,\"relativeSd\":0.1}}",
                "target | {\"target\":{\"school\":\"MIDDLE\",\"method\":{\"is\":\"relief\",\"heldLow\":1,\"heldHigh\":16,\"gaugeFret\":8},\"bass\":{\"low\":0.1,\"high\":0.2},\"treble\":{\"low\":0.1,\"high\":0.2}}}",
            })
    void whatTheFirstVersionStoredIsStillRead(String kind, String body) {
        JobEvent event = codec.event(kind, body);
        assertThat(codec.kind(event)).isEqualTo(kind);
        assertThat(codec.event(kind, codec.body(event))).isEqualTo(event);
    }

    @Test
    void aKindFromALaterVersionIsNamedInTheError() {
        assertThatThrownBy(() -> codec.event("levelled", "{}")).hasMessageContaining("levelled");
    }
}
