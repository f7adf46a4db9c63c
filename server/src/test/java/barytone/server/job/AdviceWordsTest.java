package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.RodWays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a technician is told, word for word, at the moments that matter. */
class AdviceWordsTest extends ToldJob<AdviceWordsTest> {
    private Tool tool = Tool.LEAF;

    AdviceWordsTest() {
        spec = instrument(RodType.SINGLE, RodAccess.HEADSTOCK, false);
    }

    @Override
    AdviceWordsTest self() {
        return this;
    }

    /** Only the neck was agreed on, and it is read with one tool. */
    @Override
    JobDefaults defaults() {
        ReliefTarget target = ReliefSchool.MIDDLE.target(spec, Touch.MEDIUM);
        return Stations.usual(spec, Touch.MEDIUM)
                .choosing(target)
                .with(new ReliefHabit(target.method(), tool, Position.PLAYING, false))
                .scope(Set.of(Station.RELIEF));
    }

    private static InstrumentSpec instrument(RodType rod, RodAccess access, boolean leftHanded) {
        InstrumentSpec e = InstrumentKind.ELECTRIC.usual();
        return new InstrumentSpec(
                e.kind(),
                e.tuning(),
                e.scaleLength(),
                e.frets(),
                e.bodyJointFret(),
                e.boardRadius(),
                rod,
                access,
                leftHanded);
    }

    private AdviceWordsTest read(double bass, double treble) {
        ReliefTarget target = ReliefSchool.MIDDLE.target(spec, Touch.MEDIUM);
        add(new JobEvent.ReadingTaken(6, target.method(), tool, new Gap.Of(bass), Position.PLAYING, ""));
        return add(new JobEvent.ReadingTaken(1, target.method(), tool, new Gap.Of(treble), Position.PLAYING, ""));
    }

    private AdviceWordsTest turned(int sixteenths) {
        return add(new ReliefEvent.RodTurned(new Turns(sixteenths), false, false))
                .add(new JobEvent.Retuned());
    }

    private JobView.AdviceView in(LengthUnit chosen) {
        unit = chosen;
        return told();
    }

    /** From the headstock the top of a clockwise wrench goes to the bass side of a right-handed neck. */
    @ParameterizedTest
    @CsvSource({
        "HEADSTOCK, false, seen from the headstock end: the top of the wrench goes towards the bass side",
        "HEADSTOCK, true, seen from the headstock end: the top of the wrench goes towards the treble side",
        "HEEL, false, seen from the heel end: the top of the wrench goes towards the treble side",
        "SOUND_HOLE, false, seen from the sound hole: the top of the wrench goes towards the treble side",
        "SOUND_HOLE, true, seen from the sound hole: the top of the wrench goes towards the bass side",
    })
    void theWrenchMovesAsSeenFromItsAccessEnd(RodAccess access, boolean leftHanded, String says) {
        spec = instrument(RodType.SINGLE, access, leftHanded);
        JobView.AdviceView told = read(0.4, 0.36).told();
        assertThat(told.headline()).isEqualTo("Tighten the rod 1/8 turn, then retune");
        assertThat(String.join(" ", told.why())).contains("Clockwise, " + says);
    }

    @Test
    void theFirstTurnIsATrialAndLaterOnesSayWhatTheRodGives() {
        assertThat(all(read(0.5, 0.46).told()))
                .contains("First turn on this rod")
                .contains("those turns do not count")
                .contains("Stop at 3/4 tighter than found");
        assertThat(all(turned(2).read(0.42, 0.38).told()))
                .contains("This rod has been giving 0.0")
                .contains("Now 1/8 turn tighter than found")
                .doesNotContain("First turn");
    }

    @Test
    void addingReliefGoesPastAndComesBackUnlessTheShopDoesNot() {
        JobView.AdviceView told = read(0.04, 0.02).told();
        assertThat(told.headline()).isEqualTo("Loosen the rod 1/4 turn, tighten back 1/8, then retune");
        JobView.TurnView turn = Objects.requireNonNull(told.turn());
        assertThat(turn.sixteenths()).isEqualTo(-2);
        assertThat(turn.finishTightening()).isTrue();
        add(new ReliefEvent.RodWaysSet(new RodWays(Turns.EIGHTH, false, 10, new Turns(12))));
        assertThat(told().headline()).isEqualTo("Loosen the rod 1/8 turn, then retune");
    }

    @Test
    void aRodThatWorksTheOtherWayIsTurnedAnticlockwiseToTighten() {
        add(new ReliefEvent.RodDirectionLearned(true)).read(0.4, 0.36);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("Tighten the rod 1/8 turn, then retune");
        JobView.TurnView turn = Objects.requireNonNull(told.turn());
        assertThat(turn.clockwise()).isFalse();
        assertThat(turn.sixteenths()).isEqualTo(2);
        assertThat(all(told)).contains("Anticlockwise").contains("This rod straightens anticlockwise");
    }

    @Test
    void theRippleNamesEveryQuantityWithItsChange() {
        List<JobView.Ripple> ripple = read(0.4, 0.36).told().ripple();
        assertThat(ripple)
                .extracting(JobView.Ripple::label)
                .containsExactly(
                        "Relief at 8, 6 E, mm",
                        "Relief at 8, 1 e, mm",
                        "Nut, pressed at 3, 6 E, mm",
                        "Nut, pressed at 3, 1 e, mm",
                        "Action at 12, 6 E, mm",
                        "Action at 12, 1 e, mm");
        assertThat(ripple.get(0).expected()).matches("0\\.3\\d ± 0\\.\\d\\d");
        assertThat(ripple)
                .filteredOn(r -> !r.label().startsWith("Nut"))
                .allSatisfy(r -> assertThat(r.change()).startsWith("−"));
        // the same in another unit, and nothing left in mm
        assertThat(in(LengthUnit.THOU).ripple().get(0).now()).isEqualTo("15.5");
    }

    @Test
    void stoppingSaysWhyAndWhatElse() {
        assertThat(all(read(0.5, 0.46).add(new ReliefEvent.RodStiff()).told()))
                .contains("Ease the rod 1/8 looser, tighten 1/4, then retune");
        assertThat(all(add(new ReliefEvent.RodStiff()).told()))
                .contains("Stop: the rod is stiff")
                .contains("refer");
        log.clear();
        spec = instrument(RodType.NONE, RodAccess.HEEL, false);
        assertThat(all(read(0.5, 0.46).told()))
                .contains("No rod to turn: refer or accept")
                .contains("0.50 mm");
        log.clear();
        spec = instrument(RodType.SINGLE, RodAccess.HEEL, false);
        read(0.5, 0.46).turned(2).read(0.5, 0.46).turned(2).read(0.5, 0.46);
        assertThat(all(told())).contains("turns without effect").contains("Refer it");
    }

    @Test
    void aNeckThatNeedsNothingIsLeft() {
        assertThat(read(0.22, 0.19).told().headline()).isEqualTo("Leave it: nothing needs doing");
    }

    @Test
    void aDoubtedReadingSaysWhatWasReadAndWhatWasExpected() {
        read(0.22, 0.19).read(0.55, 0.19);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("Measure the relief of string 6 E again");
        assertThat(all(told)).contains("0.55 mm was read, 0.22 ± 0.02 mm was expected");
        assertThat(told.event()).isEqualTo(3);
    }

    @Test
    void aToolThatCannotDecideIsNamedWithOneThatCan() {
        tool = Tool.RULER_HALF;
        JobView.AdviceView told = read(0.2, 0.2).told();
        assertThat(told.headline()).isEqualTo("Cannot tell with this tool: use a leaf on strings 6 E and 1 e");
        assertThat(all(told)).contains("ruler, half millimetres");
    }

    @Test
    void theRodThatDidNothingMayBeInItsFreePlay() {
        spec = instrument(RodType.DOUBLE, RodAccess.HEADSTOCK, false);
        read(0.5, 0.46).turned(2).read(0.5, 0.46);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("No response: free play in the middle of the rod");
        assertThat(told.event()).isEqualTo(3);
        assertThat(all(told)).contains("It is no fault");
    }
}
