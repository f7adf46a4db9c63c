package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.arrival.StringsPlan;
import barytone.core.bridge.BridgeKind;
import barytone.core.estimate.Band;
import barytone.core.estimate.Verdict;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.Touch;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.job.WorkOrder;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.nut.SlotFlaw;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What was read stays what was read, what is good is left, and nothing irreversible rests on a guess. */
class TrustedAdviceTest extends PaperJob {

    private HeightVerdict judged(Station station, int string) {
        return HeightVerdict.of(state(), station, string);
    }

    private long last() {
        return log.getLast().seq();
    }

    // --- advice

    @Test
    void whatIsInItsBandIsLeft() {
        // every string near the upper end of its band, none outside
        double[] nut = new double[6];
        double[] action = new double[6];
        for (int i = 0; i < 6; i++) {
            nut[i] = defaults.the(NutTarget.class).band(6 - i).high() - 0.002;
            action[i] = defaults.the(ActionTarget.class).band(6 - i).high() - 0.005;
        }
        relief(
                        defaults.the(ReliefTarget.class).bass().high() - 0.003,
                        defaults.the(ReliefTarget.class).treble().high() - 0.003)
                .nut(nut)
                .action(action);
        // the edge lies between two leaves: whether anything is done depends on it, so two laid together tell; once
        for (Station station : List.of(Station.RELIEF, Station.NUT)) {
            Advice.Measure closer = (Advice.Measure) advice();
            assertThat(closer.reason()).isEqualTo(Advice.Measure.Reason.ONCE_MORE);
            for (int s : closer.strings()) {
                double mm = judged(station, s).value().mean();
                reading(s, station, Tool.LEAF, new Gap.Between(mm - 0.004, mm + 0.004));
            }
        }
        Advice.Finished finished = (Advice.Finished) advice();
        assertThat(finished.results()).extracting(Advice.Done::reason).containsOnly(Advice.Done.Reason.LEAVE_IT);
    }

    @Test
    void leaveMeansAcceptedAndLaterIsAskedAtTheEnd() {
        relief(0.40, 0.36).nut(raised(new double[] {0.09}, GOOD_NUT)).action(raised(new double[] {0.5}, GOOD_ACTION));
        add(new JobEvent.Answered(advice().topic(), false));
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
        add(new JobEvent.PutOff(Station.NUT));
        ActionAdvice.TurnScrews turn = (ActionAdvice.TurnScrews) advice();
        add(turn.event(spec)).add(new JobEvent.Retuned());
        action(GOOD_ACTION);
        // what was put off comes back when the rest is done; the relief that was left does not
        assertThat(advice().station()).isEqualTo(Station.NUT);
        add(new JobEvent.PutOff(Station.NUT));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        assertThat(NextMove.recheck(state(), Effort.USUAL, Station.RELIEF)).isEmpty();
    }

    @Test
    void leavingTheFirstNotesDoesNotDropTheStation() {
        agreed(Station.RELIEF, Station.INTONATION);
        relief(0.23, 0.20);
        assertThat(advice().station()).isEqualTo(Station.INTONATION);
        add(new JobEvent.Answered(advice().topic(), false));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        assertThat(((Advice.Measure) advice()).reason()).isEqualTo(Advice.Measure.Reason.NOT_READ);
    }

    @Test
    void nothingIsSandedOnAReadingFromBeforeTheRodWasTurned() {
        on(BridgeKind.FIXED, NeckJoint.SET).relief(0.36, 0.33).nut(GOOD_NUT);
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(3.2)).reading(1, Station.ACTION, Tool.CARD, new Gap.Of(2.6));
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) advice();
        add(new ReliefEvent.RodTurned(turn.net(), false, false)).add(new JobEvent.Retuned());
        now = now.plusSeconds(1200);
        relief(0.25, 0.22);
        Advice.Measure before = (Advice.Measure) advice();
        assertThat(before.station()).isEqualTo(Station.ACTION);
        assertThat(before.strings()).containsExactly(6, 1);
        assertThat(before.reason()).isIn(Advice.Measure.Reason.BEFORE_WORK, Advice.Measure.Reason.STALE);
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(2.9)).reading(1, Station.ACTION, Tool.CARD, new Gap.Of(2.3));
        assertThat(advice()).isInstanceOf(ActionAdvice.LookAtSaddle.class);
        add(new ActionEvent.SaddleProudRead(5));
        assertThat(advice()).isInstanceOf(ActionAdvice.ReworkSaddle.class);
    }

    @Test
    void aSlotReadWithARulerIsReadWithALeafBeforeAStroke() {
        relief(0.23, 0.20);
        for (int s = 6; s >= 1; s--) reading(s, Station.NUT, Tool.RULER_HALF, new Gap.Of(0.5));
        action(GOOD_ACTION);
        Advice.Measure first = (Advice.Measure) advice();
        assertThat(first.station()).isEqualTo(Station.NUT);
        assertThat(first.reason()).isEqualTo(Advice.Measure.Reason.BEFORE_WORK);
        reading(6, Station.NUT, Tool.LEAF, around(0.45));
        assertThat(((Advice.Measure) advice()).strings()).doesNotContain(6);
    }

    @Test
    void aGapThatAppearsWhereThereWasNoneIsReadOnceMoreBeforeAStroke() {
        good().reading(3, Station.NUT, Tool.LEAF, new Gap.AtMost(0.03));
        add(new JobEvent.ReadingKept(last())).reading(3, Station.NUT, Tool.LEAF, new Gap.Between(0.40, 0.45));
        // a misread leaf is no reason to file
        Advice.Measure again = (Advice.Measure) advice();
        assertThat(again.reason()).isEqualTo(Advice.Measure.Reason.BEFORE_WORK);
        assertThat(again.strings()).containsExactly(3);
        reading(3, Station.NUT, Tool.LEAF, new Gap.Between(0.40, 0.45));
        assertThat(((NutAdvice.FileSlots) advice()).slots())
                .extracting(s -> s.string())
                .containsExactly(3);
    }

    @Test
    void whatReadsInBandAgainstAllThatWentBeforeIsReadOnceMoreAndThenBelieved() {
        good();
        for (int i = 0; i < 3; i++) reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(2.05));
        add(new ActionEvent.BridgeScrewed(
                        List.of(new Turns(-1), new Turns(0), new Turns(0), new Turns(0), new Turns(0), new Turns(0))))
                .add(new JobEvent.Retuned());
        double edge = defaults.the(ActionTarget.class).band(6).high();
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(edge - 0.01));
        Advice.Measure again = (Advice.Measure) advice();
        assertThat(again.reason()).isEqualTo(Advice.Measure.Reason.CONTRADICTED);
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(edge - 0.02));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void aSecondLookSettlesItHoweverOftenTheStringsAreBroughtToPitch() {
        whatReadsInBandAgainstAllThatWentBeforeIsReadOnceMoreAndThenBelieved();
        for (int i = 0; i < 3; i++) {
            add(new JobEvent.Retuned());
            assertThat(advice()).isInstanceOf(Advice.Finished.class);
        }
    }

    @Test
    void whatReadsAsItWasForetoldIsNotAskedAgain() {
        good();
        for (int i = 0; i < 3; i++) reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(2.05));
        add(new ActionEvent.BridgeScrewed(
                        List.of(new Turns(-8), new Turns(0), new Turns(0), new Turns(0), new Turns(0), new Turns(0))))
                .add(new JobEvent.Retuned());
        double foretold =
                state().estimate().now(6, state().method(Station.ACTION)).mean();
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(foretold));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void aMissingStringGoesOnFirstAndNothingIsAskedUnderIt() {
        StringsPlan without = new StringsPlan(false, "", "", "", "", List.of(3), false);
        add(new JobEvent.StringsPlanned(without));
        Advice.PutOn first = (Advice.PutOn) advice();
        assertThat(first.missing()).containsExactly(3);
        // left, the rest is read; the missing one never
        add(new JobEvent.Answered(first.topic(), false)).relief(0.23, 0.20);
        assertThat(((Advice.Measure) advice()).strings()).containsExactly(6, 5, 4, 2, 1);
        log.clear();
        add(new JobEvent.StringsPlanned(without)).add(first.becomes(state()).orElseThrow());
        assertThat(state().missing()).isEmpty();
        assertThat(((Advice.Measure) advice()).station()).isEqualTo(Station.RELIEF);
    }

    @Test
    void reliefIsReadUnderTheOuterStringsThatAreThere() {
        add(new JobEvent.StringsPlanned(new StringsPlan(false, "", "", "", "", List.of(1, 6), false)));
        assertThat(state().strings(Station.RELIEF)).containsExactly(5, 2);
        assertThat(state().strings(Station.ACTION)).containsExactly(5, 4, 3, 2);
    }

    @Test
    void aSlotIsRaisedOnlyNearTheFretsOrWhereItBuzzesAndAfterWhatIsHighWasFiled() {
        // under the school's band, and clear of the frets: left
        relief(0.23, 0.20).nut(0.15, 0.145, 0.075, 0.135, 0.13, 0.125).action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        add(new NutEvent.SlotChecked(4, List.of(SlotFlaw.OPEN_BUZZES)));
        assertThat(((NutAdvice.RaiseNut) advice()).low()).containsExactly(4);
        log.clear();
        // on the frets, beside one that is too high: the file comes first
        relief(0.23, 0.20).nut(0.15, 0.28, 0.015, 0.135, 0.13, 0.125).add(new JobEvent.ReadingKept(5));
        action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
        add(new JobEvent.Answered(NutAdvice.FileSlots.Slot.topic(5), false));
        reading(4, Station.NUT, Tool.LEAF, around(0.015));
        assertThat(((NutAdvice.RaiseNut) advice()).low()).containsExactly(4);
    }

    @Test
    void aPressedGapOfNothingIsFilledByNoInventedAmount() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        reading(4, Station.NUT, Tool.LEAF, new Gap.Of(0)).add(new JobEvent.ReadingKept(last()));
        action(GOOD_ACTION);
        NutAdvice.RaiseNut fill = (NutAdvice.RaiseNut) advice();
        assertThat(fill.unknown()).isTrue();
        assertThat(judged(Station.NUT, 4).value().mean()).isZero();
    }

    @Test
    void aRigidSaddleIsToldByTwoReadingsAndItsAmountIsNeverShortened() {
        on(BridgeKind.FIXED, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT);
        Advice.Measure ask = (Advice.Measure) advice();
        assertThat(ask.strings()).containsExactly(6, 1);
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(2.6)).reading(1, Station.ACTION, Tool.CARD, new Gap.Of(2.0));
        add(new ActionEvent.SaddleProudRead(5));
        ActionAdvice.ReworkSaddle sand = (ActionAdvice.ReworkSaddle) advice();
        // the whole way to the middle of the bands, twice the surplus at 12
        double bass = 2 * (2.6 - HeightVerdict.band(state(), Station.ACTION, 6).middle());
        double treble =
                2 * (2.0 - HeightVerdict.band(state(), Station.ACTION, 1).middle());
        assertThat(sand.bass()).isCloseTo(-bass, within(0.03));
        assertThat(sand.treble()).isCloseTo(-treble, within(0.03));
        assertThat(sand.expected()).hasSize(6);
        for (int s : List.of(6, 1)) {
            Band band = HeightVerdict.band(state(), Station.ACTION, s);
            assertThat(band.outside(
                            Objects.requireNonNull(sand.expected().get(s)).mean()))
                    .isZero();
        }
        // the strings between follow the saddle's top
        assertThat(judged(Station.ACTION, 3).between()).isTrue();
        assertThat(judged(Station.ACTION, 3).value().mean()).isBetween(2.0, 2.6);
    }

    @ParameterizedTest
    @ValueSource(strings = {"RELIEF_NUT_ACTION", "SADDLE_ROUGH_FIRST", "BALLPARK_FIRST"})
    void aFixedSaddleFarOffIsNeverSandedRoughly(WorkOrder order) {
        on(BridgeKind.FIXED, NeckJoint.SET).add(new JobEvent.OrderSet(order)).relief(0.23, 0.20);
        nut(raised(new double[] {0.09}, GOOD_NUT));
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(4.2)).reading(1, Station.ACTION, Tool.CARD, new Gap.Of(3.6));
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
    }

    @Test
    void aRoughStepAimsAtWhatRodAndNutWillStillChange() {
        // so much relief that straightening alone takes most of it away
        add(new JobEvent.OrderSet(WorkOrder.BALLPARK_FIRST)).relief(0.75, 0.72).nut(GOOD_NUT);
        action(raised(new double[] {1.0}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
    }

    @Test
    void aNeckBentBackIsCuredBeforeNotesAreReadAsFound() {
        agreed(Station.values());
        reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(0)).reading(1, Station.RELIEF, Tool.LEAF, new Gap.Of(0));
        nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        add(new ReliefEvent.RodTurned(new Turns(-2), false, false)).add(new JobEvent.Retuned());
        relief(0.22, 0.19);
        // now the notes are as found
        Advice.Measure notes = (Advice.Measure) advice();
        assertThat(notes.station()).isEqualTo(Station.INTONATION);
        assertThat(notes.reason()).isEqualTo(Advice.Measure.Reason.FIRST);
    }

    @Test
    void aBandTypedForAMethodIsShownAndJudgedInThatMethod() {
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.NutOpen(), Tool.LEAF, Position.PLAYING)));
        Band typed = new Band(16 * 0.0254, 20 * 0.0254);
        add(new NutEvent.NutTargetSet(new NutTarget(null, new GapMethod.NutOpen(), Collections.nCopies(6, typed))));
        relief(0.23, 0.20).action(raised(new double[] {0.3}, GOOD_ACTION));
        nut(0.45, 0.45, 0.45, 0.45, 0.45, 0.45);
        HeightVerdict j = judged(Station.NUT, 4);
        assertThat(j.band()).isEqualTo(typed);
        assertThat(j.value().mean()).isCloseTo(0.45, within(1e-9));
        assertThat(j.verdict()).isEqualTo(Verdict.IN);
    }

    @Test
    void anOpenReadingIsNotFiledForTheSlopeThatTheSaddleWillTakeAway() {
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.NutOpen(), Tool.LEAF, Position.PLAYING)));
        defaults = defaults.choosing(NutSchool.ofCode(NutSchool.USUAL, "OPEN").target(spec));
        double[] nut = new double[6];
        for (int i = 0; i < 6; i++)
            nut[i] = defaults.the(NutTarget.class).band(6 - i).high() + 0.02;
        // the action still falls by 0.7, and the open gap at the first fret with it
        relief(0.23, 0.20).nut(nut).action(raised(new double[] {0.7}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(ActionAdvice.TurnScrews.class);
    }

    @Test
    void aRulerExactlyOnTargetSatisfiesWhoeverMeasuresWithOne() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--) {
            double middle = defaults.the(ActionTarget.class).band(s).middle();
            double half = 0.396875 / 2;
            reading(s, Station.ACTION, Tool.RULER_64, new Gap.Of(Math.rint(middle / half) * half));
        }
        for (int s = 6; s >= 1; s--)
            assertThat(judged(Station.ACTION, s).outside()).isZero();
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void aBassNutFallingFourThouAStringIsNotDoubted() {
        spec = InstrumentKind.BASS_5.usual();
        defaults = Stations.usual(spec, Touch.MEDIUM);
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.NutOpen(), Tool.LEAF, Position.PLAYING)));
        relief(0.30, 0.27);
        for (int i = 0; i < 5; i++) reading(5 - i, Station.NUT, Tool.LEAF, new Gap.Of(0.80 - i * 4 * 0.0254));
        assertThat(state().doubts()).isEmpty();
    }

    // --- rules

    @Test
    void screwsTickedButNotTurnedAreSuspectedBeforeTheirPitchIsLearnedAway() {
        Gap same = new Gap.Of(2.3);
        spec = spec.with(new barytone.core.instrument.Fittings(
                BridgeKind.INDIVIDUAL,
                0,
                NeckJoint.BOLTED,
                0,
                spec.fittings().bridgeSpread(),
                spec.fittings().nut(),
                spec.fittings().nutWidth(),
                spec.fittings().strings()));
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--) reading(s, Station.ACTION, Tool.CARD, same);
        double pitch = state().estimate().screwPitch().mean();
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-16))));
        long turn = last();
        add(new JobEvent.Retuned()).reading(6, Station.ACTION, Tool.CARD, new Gap.Of(2.32));
        TakenReading doubted = state().doubts().getFirst();
        assertThat(doubted.unturned()).isEqualTo(turn);
        // kept, it still does not teach a thread that gives next to nothing
        add(new JobEvent.ReadingKept(doubted.seq()));
        assertThat(state().estimate().screwPitch().mean()).isCloseTo(pitch, within(0.02));
        // undone, the readings are repeats of what was read before
        add(new JobEvent.Undone(turn));
        assertThat(state().doubts()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {8, 9, 10, 11})
    void aShortBoardIsWorkedOnFromReadingToDone(int frets) {
        InstrumentSpec m = InstrumentKind.MANDOLIN.usual();
        spec = new InstrumentSpec(
                m.kind(), m.tuning(), m.scaleLength(), frets, 8, m.boardRadius(), m.rod(), m.access(), false);
        defaults = Stations.usual(spec, Touch.MEDIUM).scope(java.util.Set.of(Station.values()));
        relief(0.15, 0.13);
        JobState job = state();
        assertThat(job.method(Station.ACTION)).isEqualTo(new GapMethod.Action(frets));
        for (int s = spec.strings(); s >= 1; s--) {
            reading(
                    s,
                    Station.NUT,
                    Tool.LEAF,
                    new Gap.Of(defaults.the(NutTarget.class).band(s).middle()));
            reading(
                    s,
                    Station.ACTION,
                    Tool.CARD,
                    new Gap.Of(defaults.the(ActionTarget.class).band(s).middle()));
        }
        assertThat(advice().station()).isEqualTo(Station.INTONATION);
        assertThat(Intonation.of(state()).next()).isPresent();
        assertThat(Intonation.of(state()).next().orElseThrow().sounded().fret()).isLessThanOrEqualTo(frets);
    }
}
