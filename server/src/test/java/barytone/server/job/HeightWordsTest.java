package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.NeckJoint;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.Gap;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.SlotFlaw;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said at nut and bridge: what to do on each slot, screw or side, what to mind, and what it disturbs. */
class HeightWordsTest extends ToldJob<HeightWordsTest> {
    private static final double[] GOOD_NUT = {0.15, 0.145, 0.14, 0.135, 0.13, 0.125};
    private static final double[] GOOD_ACTION = {1.8, 1.7, 1.6, 1.5, 1.4, 1.3};

    @Override
    HeightWordsTest self() {
        return this;
    }

    private HeightWordsTest on(BridgeKind bridge, NeckJoint joint) {
        Fittings f = spec.fittings();
        spec = spec.with(new Fittings(
                bridge, bridge.screwed() ? 0.5 : 0, joint, 0, f.bridgeSpread(), f.nut(), f.nutWidth(), f.strings()));
        return this;
    }

    /** Nut with two leaves, action with a caliper, lowest string first. */
    private HeightWordsTest read(Station station, double... mm) {
        for (int i = 0; i < mm.length; i++)
            reading(
                    mm.length - i,
                    station,
                    station == Station.ACTION ? Tool.CALIPER : Tool.LEAF,
                    station == Station.ACTION ? new Gap.Of(mm[i]) : around(mm[i]));
        return this;
    }

    private HeightWordsTest reading(int string, Station station, Tool tool, Gap gap) {
        return add(new JobEvent.ReadingTaken(string, state().method(station), tool, gap, Position.PLAYING, ""));
    }

    private static Gap around(double mm) {
        return new Gap.Between(mm - 0.01, mm + 0.01);
    }

    private HeightWordsTest relief() {
        return relief(0.23, 0.20);
    }

    private HeightWordsTest relief(double bass, double treble) {
        return reading(6, Station.RELIEF, Tool.LEAF, around(bass))
                .reading(1, Station.RELIEF, Tool.LEAF, around(treble));
    }

    private static double[] plus(double by, double... mm) {
        double[] sum = mm.clone();
        for (int i = 0; i < sum.length; i++) sum[i] += by;
        return sum;
    }

    @Test
    void aSlotIsFiledWithTheFileThatFitsAndTheStrokesAreCounted() {
        JobView.AdviceView told = relief().read(Station.NUT, 0.28, 0.145, 0.14, 0.135, 0.13, 0.125)
                .read(Station.ACTION, GOOD_ACTION)
                .told();
        assertThat(told.headline()).matches("File slot 6 E: [2-6] strokes");
        assertThat(told.steps()).hasSize(1);
        assertThat(told.steps().getFirst()).satisfies(step -> {
            assertThat(step.amount()).matches("\\d strokes");
            assertThat(step.more()).matches("1\\.\\d+ mm file.*");
        });
        assertThat(told.steps().getFirst().expected()).matches("0\\.\\d\\d ± 0\\.\\d\\d");
        assertThat(all(told))
                .contains("The bite is not known on this nut yet")
                .contains("the string leaves at the front edge")
                .contains("mask on");
        assertThat(told.follow()).isEqualTo("Filed");
    }

    @Test
    void withoutAFileThatFitsItSaysWhatToBorrow() {
        tools = new Toolkit(tools.tools().stream()
                .filter(t -> t.kind() != OwnedTool.Kind.NUT_FILE)
                .toList());
        JobView.AdviceView told = relief().read(Station.NUT, 0.28, 0.145, 0.14, 0.135, 0.13, 0.125)
                .read(Station.ACTION, GOOD_ACTION)
                .told();
        assertThat(told.steps().getFirst().more()).contains("no owned file fits: borrow one of 1.17 mm");
    }

    @Test
    void filingBeforeReliefAndSaddleAreRightIsWarnedOf() {
        add(new JobEvent.ScopeSet(List.of(Station.NUT, Station.ACTION)))
                .add(new NutEvent.SlotChecked(6, List.of(SlotFlaw.TOO_TIGHT)));
        JobView.AdviceView told = read(Station.NUT, plus(0.10, GOOD_NUT))
                .read(Station.ACTION, plus(0.3, GOOD_ACTION))
                .add(new JobEvent.Answered(Topic.read("nut-underside"), false))
                .told();
        assertThat(all(told)).contains("Relief is not settled on this job").contains("found wrong in shape");
    }

    @Test
    void aNutMuchTooHighIsSandedFromBelowAndWhatRemainsIsToldPerSlot() {
        JobView.AdviceView told = relief().read(Station.NUT, 0.42, 0.41, 0.38, 0.34, 0.35, 0.28)
                .read(Station.ACTION, GOOD_ACTION)
                .told();
        assertThat(told.headline()).matches("Sand 0\\.\\d\\d mm off the underside of the nut");
        assertThat(told.steps())
                .hasSize(6)
                .allSatisfy(step -> assertThat(step.amount()).matches("then [−+]0\\.\\d\\d mm left"));
        assertThat(all(told)).contains("String 1 e has the least to give").contains("Hold small parts in a clamp");
    }

    @ParameterizedTest
    @CsvSource({
        "0.03,  Fill the slot of string 4 D, It is temporary and will fail one day",
        "-1,    Shim the nut,                Card or veneer under the whole nut"
    })
    void whatIsTooLowIsFilledOrShimmedAndSaidToBeTemporary(double fourth, String headline, String why) {
        boolean one = fourth > 0;
        JobView.AdviceView told = relief().read(
                        Station.NUT,
                        one
                                ? new double[] {0.15, 0.145, fourth, 0.135, 0.13, 0.08}
                                : new double[] {0.03, 0.03, 0.03, 0.03, 0.087, 0.08})
                .read(Station.ACTION, GOOD_ACTION)
                .told();
        assertThat(all(told)).contains("One reading may be a slip, and condemns nothing");
        told = read(
                        Station.NUT,
                        one
                                ? new double[] {0.15, 0.145, fourth, 0.135, 0.13, 0.08}
                                : new double[] {0.03, 0.03, 0.03, 0.03, 0.087, 0.08})
                .told();
        assertThat(told.headline()).startsWith(headline).endsWith("then file");
        assertThat(all(told)).contains(why.strip()).contains("new nut");
    }

    @ParameterizedTest
    @CsvSource({
        "INDIVIDUAL, Lower 6 saddles,       Both screws of a saddle alike",
        "TWO_POST,   Lower 2 posts,         The strings share the supports",
        "BARRELS,    Lower 6 barrel screws, The strings share the supports",
    })
    void everyBridgeIsSpokenOfByItsOwnParts(BridgeKind bridge, String headline, String why) {
        JobView.AdviceView told = on(bridge, NeckJoint.BOLTED)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(0.5, GOOD_ACTION))
                .told();
        assertThat(told.headline()).isEqualTo(headline);
        assertThat(all(told)).contains(why).contains("Metric and inch keys look alike");
        assertThat(told.steps()).allSatisfy(step -> assertThat(step.amount()).endsWith("turns down"));
        // one saddle, one string: what to expect stands on its own line; shared supports need the list of all strings
        if (bridge == BridgeKind.INDIVIDUAL)
            assertThat(told.steps())
                    .allSatisfy(step -> assertThat(step.expected()).matches("1\\.\\d\\d"));
        else assertThat(told.ripple()).anySatisfy(r -> assertThat(r.label()).isEqualTo("Action at 12, 6 E, mm"));
    }

    @Test
    void stringsThatGoUpAreSlackenedFirst() {
        JobView.AdviceView told = relief().read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(-0.4, GOOD_ACTION))
                .told();
        assertThat(told.headline()).isEqualTo("Raise 6 saddles");
        assertThat(told.caution()).startsWith("Slacken the strings that go up before you raise them");
    }

    @Test
    void aFixedSaddleSaysHowMuchOnWhichSideInTheUnitAskedFor() {
        on(BridgeKind.FIXED, NeckJoint.SET)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, 2.4, 2.2, 2.0, 1.8, 1.6, 1.4)
                .add(new ActionEvent.SaddleProudRead(4));
        unit = LengthUnit.THOU;
        JobView.AdviceView told = told();
        assertThat(told.headline()).matches("Sand the saddle's underside: bass \\d\\d thou, treble nothing");
        // all six with what comes of them; the treble side is in its band and stays
        assertThat(told.steps()).hasSize(6);
        assertThat(told.steps().getFirst().where()).isEqualTo("6 E");
        assertThat(told.steps().getFirst()).satisfies(step -> {
            assertThat(step.amount()).matches("\\d\\d thou off");
            assertThat(step.more()).isEqualTo("bass side");
        });
        assertThat(told.steps().getLast()).satisfies(step -> {
            assertThat(step.amount()).isEqualTo("nothing");
            assertThat(step.more()).startsWith("treble side, then +4 thou");
        });
        assertThat(all(told)).contains("under-saddle pickup").contains("Strings slack before the saddle comes out");
    }

    @Test
    void whatComesOffFirstIsOnTheButton() {
        JobView.AdviceView told = on(BridgeKind.FIXED, NeckJoint.SET)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(1.2, GOOD_ACTION))
                .add(new ActionEvent.SaddleProudRead(6))
                .told();
        assertThat(told.follow()).matches("First \\d\\.\\d\\d and \\d\\.\\d\\d mm sanded");
        assertThat(told.followWhole()).isEqualTo("All of it sanded");
    }

    @Test
    void aSaddleIsLookedAtBeforeItIsSandedAndKeepsTwoMillimetres() {
        on(BridgeKind.FIXED, NeckJoint.SET)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(1.2, GOOD_ACTION));
        JobView.AdviceView asked = told();
        assertThat(asked.kind()).isEqualTo("proud");
        assertThat(asked.headline()).isEqualTo("How far does the saddle stand proud of the bridge?");
        assertThat(asked.decline()).isNull();
        assertThat(asked.goOn()).extracting(JobView.GoOn::says).containsExactly("Sand it without looking");
        JobView.AdviceView ended = add(new ActionEvent.SaddleProudRead(3)).told();
        assertThat(ended.headline()).startsWith("The saddle has no more to give: refer it");
        assertThat(all(ended)).contains("standing proud").contains("neck angle");
        // as far as it goes is no farther
        JobView.AdviceView far =
                add(new JobEvent.Answered(Topic.read("bridge-limit"), false)).told();
        assertThat(far.headline()).matches("Sand the saddle's underside: bass 0\\.8\\d mm, treble 0\\.8\\d mm");
    }

    @Test
    void aSaddleTooLowIsRaisedAndTheSlotIsThoughtOf() {
        JobView.AdviceView told = on(BridgeKind.FIXED, NeckJoint.SET)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(-0.5, GOOD_ACTION))
                .told();
        assertThat(told.headline()).startsWith("Raise the saddle: bass 1.0");
        assertThat(all(told)).contains("A veneer shim of the saddle's size").contains("enough stay in the slot");
        assertThat(told.follow()).isEqualTo("Raised and back");
    }

    @ParameterizedTest
    @CsvSource({
        "BOLTED, The bridge is at its floor: shim the neck, thick at the heel end",
        "SET,    'The bridge is at its floor: refer it, or go on as far as it goes', a neck reset is another job"
    })
    void whereTheScrewsEndTheNeckIsSpokenOf(NeckJoint joint, String headline, String why) {
        JobView.AdviceView told = on(BridgeKind.INDIVIDUAL, joint)
                .relief()
                .read(Station.NUT, GOOD_NUT)
                .read(Station.ACTION, plus(0.6, GOOD_ACTION))
                .add(new ActionEvent.TravelRead(0.3, 4))
                .told();
        assertThat(told.headline()).isEqualTo(headline);
        assertThat(all(told)).contains(why).containsPattern("would have to go 0\\.\\d\\d mm lower than they can");
    }

    @Test
    void aSpringBalancedBridgeIsLevelledBeforeAnythingIsRead() {
        JobView.AdviceView told =
                on(BridgeKind.VIBRATO_SADDLES, NeckJoint.BOLTED).told();
        assertThat(told.headline()).isEqualTo("Bring the vibrato level at pitch, then block it");
        assertThat(told.caution()).contains("slacken before you touch the claw");
    }

    @Test
    void aTurnOfTheRodTellsWhatItDoesToNutAndAction() {
        relief(0.5, 0.46).read(Station.NUT, GOOD_NUT).read(Station.ACTION, GOOD_ACTION);
        List<JobView.Ripple> ripple = told().ripple();
        assertThat(ripple).anySatisfy(r -> {
            assertThat(r.label()).startsWith("Relief at ").endsWith(", 6 E, mm");
            assertThat(r.change()).startsWith("−0.0");
        });
        assertThat(ripple).anySatisfy(r -> {
            assertThat(r.label()).isEqualTo("Action at 12, 1 e, mm");
            assertThat(r.now()).isEqualTo("1.30");
            assertThat(r.expected()).matches("1\\.[12]\\d ± 0\\.\\d\\d");
        });
    }
}
