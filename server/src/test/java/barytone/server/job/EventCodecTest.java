package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import barytone.core.arrival.Complaint;
import barytone.core.arrival.Condition;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.Side;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Spot;
import barytone.core.arrival.SpotLook;
import barytone.core.arrival.SpotState;
import barytone.core.arrival.StringsPlan;
import barytone.core.arrival.Style;
import barytone.core.arrival.Where;
import barytone.core.bridge.NeckShim;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.height.ActionTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.hours.Promise;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NutMaterial;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.job.Tending;
import barytone.core.job.Topic;
import barytone.core.job.WorkOrder;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayPart;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.frets.FretEvent;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.nut.SlotFlaw;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.RodWays;
import barytone.core.wait.AirWanted;
import barytone.core.wait.WaitReason;
import barytone.server.station.StationDoors;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is stored must be read back by every later version. */
class EventCodecTest {
    private static final GapMethod.Relief RELIEF = new GapMethod.Relief(1, 16, 8);
    private final EventCodec codec = new EventCodec(new StationDoors().doors());

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
                new JobEvent.WaitBegun(WaitReason.GLUE, Instant.parse("2031-02-03T10:00:00Z"), null, "a brace"),
                new JobEvent.WaitBegun(WaitReason.OTHER, null, new AirWanted(40, 100), ""),
                new JobEvent.WaitEnded(4),
                new JobEvent.Promised(new Promise(LocalDate.of(2031, 2, 6), Promise.Part.NOON)),
                new JobEvent.Promised(null),
                new NutEvent.NutReworked(NutEvent.NutReworked.Way.RENEWED, List.of(1, 2), 0, NutMaterial.BRASS),
                new ReliefEvent.RodTurned(new Turns(-2), true, false),
                new ReliefEvent.RodRanFree(7),
                new ReliefEvent.RodTurnedOtherWay(7),
                new ReliefEvent.RodDirectionLearned(true),
                new ReliefEvent.RodStiff(),
                new JobEvent.Retuned(),
                new ReliefEvent.SettlingSkipped(),
                new JobEvent.NoteWritten("A dent near the joint: a keepsake, “do not touch”"),
                new ReliefEvent.TargetSet(new ReliefTarget("MIDDLE", RELIEF, new Band(0.1, 0.2), new Band(0.1, 0.15))),
                new ReliefEvent.TargetSet(new ReliefTarget(null, RELIEF, new Band(0.1, 0.2), new Band(0.1, 0.15))),
                new JobEvent.HabitSet(new ReliefHabit(RELIEF, Tool.RULER_64, Position.PLAYING, true)),
                new ReliefEvent.RodWaysSet(RodWays.USUAL),
                new ActionEvent.BridgeScrewed(List.of(new Turns(4), new Turns(-6))),
                new ActionEvent.SaddleReworked(ActionEvent.SaddleReworked.Way.SANDED, -0.6, -0.2),
                new NutEvent.SlotsFiled(List.of(new NutEvent.Filing(6, 4, false), new NutEvent.Filing(1, 1, true))),
                new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(2), 0.12),
                new ActionEvent.NeckShimmed(NeckShim.End.HEEL, 0.4, 390, 460),
                new NutEvent.SlotChecked(2, List.of(SlotFlaw.CHIPPED, SlotFlaw.TOO_TIGHT)),
                new ActionEvent.GaugePatternRead(305, List.of(2, 4)),
                new ActionEvent.TravelRead(1.5, 3),
                new ActionEvent.SaddleProudRead(3.25),
                new ActionEvent.NeckAngleRead(-0.5),
                new JobEvent.HeightHabitSet(
                        new HeightHabit(new GapMethod.ActionCapo(17), Tool.CALIPER, Position.PLAYING)),
                new NutEvent.NutTargetSet(NutSchool.USUAL.getFirst().target(InstrumentKind.ELECTRIC.usual())),
                new ActionEvent.ActionTargetSet(new ActionTarget(
                        null, new GapMethod.Action(12), List.of(new Band(1.2, 1.5), new Band(1.4, 1.7)))),
                new ToneEvent.PitchRead(6, Sounded.at(12), -1.25, Ear.MICROPHONE, 8e-5, true, false, ""),
                new ToneEvent.PitchRead(1, Sounded.OPEN, 3, Ear.TUNER, null, false, true, "+3"),
                new ToneEvent.IntonationSet(IntonationWays.usual(List.of(330.0, 82.0), 22)),
                new ToneEvent.SaddlesMoved(List.of(new Turns(6), Turns.NONE), List.of(0.0, -0.4)),
                new ToneEvent.LengthDirectionLearned(false),
                new ToneEvent.LengthTravelRead(2, 1.5, 3),
                new ToneEvent.SaddlePlacesRead(List.of(0.0, 0.5)),
                new ToneEvent.StringsStated(StringAge.OLD),
                new ToneEvent.Stretched(5, 12.5),
                new ToneEvent.StringRenewed(5),
                new PickupEvent.PickupRead(1, Pickup.Side.BASS, 2.4, "2.4"),
                new PickupEvent.PickupTargetSet(PickupTarget.USUAL),
                new PickupEvent.PickupTurned(0, new Turns(-4), Turns.NONE),
                new PickupEvent.PickupChecked(0, List.of(PickupSign.WEAK_SPRING)),
                new PickupEvent.PickupsLowered(true),
                new PickupEvent.LevelHeard(0, 3, -18.5),
                new JobEvent.NotesHeard(List.of(
                        new PlayedNote(4, 0, NoteMark.BUZZ, Pluck.NORMAL, false),
                        new PlayedNote(1, 12, NoteMark.BEND_CHOKE, Pluck.SOFT, true))),
                new FretEvent.ZonesHeard(Set.of(Zone.BEHIND_NUT, Zone.BODY)),
                new FretEvent.HintsNoted(Set.of(Hint.SINCE_STRINGS)),
                new FretEvent.BuzzTested(new TestResult(BuzzTest.ROCKER, Outcome.ROCKS, null, 9)),
                new FretEvent.CauseRemedied("high-fret", 0, 9),
                new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 41, null),
                new JobEvent.HandOverWritten("found", "advice", "then"),
                new JobEvent.AgreementSet(new Agreement(
                        new Money("shells", 2),
                        250,
                        false,
                        List.of(new Agreement.Line(Agreement.Kind.OFFER, "Fret ends", 3500, "later")),
                        9000L,
                        50,
                        LocalDate.of(2031, 2, 6),
                        "the boatswain",
                        "at the counter")),
                new JobEvent.PartTaken("Cover"),
                new JobEvent.PartBack(4),
                new JobEvent.Tended(Tending.OILED),
                new JobEvent.FollowUpSet(LocalDate.of(2031, 4, 1), "card under the nut"),
                new JobEvent.HurtSaid(new Complaint(
                        "Buzzes",
                        List.of(Sign.BUZZES),
                        List.of(Where.LOW),
                        List.of(6),
                        List.of(Style.SLIDE),
                        2,
                        "the other one")),
                new JobEvent.ConditionMarked(new ConditionMark(Condition.CRACK, Side.BACK, 0.7, 0.4, "40 mm"), 3L),
                new JobEvent.ConditionUnmarked(5),
                new JobEvent.SpotLooked(new SpotLook(Spot.STRAP, SpotState.FIXED, "longer screw")),
                new JobEvent.DamageAgreed(List.of(3L, 5L), "by telephone"),
                new JobEvent.StringsPlanned(new StringsPlan(
                        true, "10 13 17 26w 36w 46w", "D2 G2 C3 F3 A3 D4", "old", "the shop", List.of(2), true)),
                new JobEvent.OrderSet(WorkOrder.BALLPARK_FIRST),
                new JobEvent.ScopeSet(List.of(Station.NUT, Station.ACTION)),
                new JobEvent.NoteHeard(new PlayedNote(5, 7, NoteMark.BUZZ, Pluck.HARD, true)),
                new JobEvent.PlayedThrough(new PlayOff.Part(PlayPart.EVERY, false)),
                new JobEvent.HeardAccepted("the player", "not heard amplified"),
                new JobEvent.AgreedToo(Station.NUT, "by telephone"),
                new JobEvent.Answered(Topic.read("file-3"), false),
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
        // those of the whole job, and the sealed family of every room
        Stream<Class<?>> ofTheJob = Stream.of(JobEvent.class.getDeclaredClasses())
                .filter(kind -> kind.isRecord() && JobEvent.class.isAssignableFrom(kind));
        Stream<Class<?>> ofTheRooms =
                Stations.ALL.stream().flatMap(room -> Stream.of(room.events().getPermittedSubclasses()));
        assertThat(covered)
                .containsExactlyInAnyOrderElementsOf(
                        Stream.concat(ofTheJob, ofTheRooms).toList());
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
