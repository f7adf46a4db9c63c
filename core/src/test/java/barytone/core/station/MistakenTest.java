package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.height.Mistaken;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefMisfit;
import barytone.core.station.relief.ReliefState;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What does not fit is told with what it would fit, and nothing is changed by it. */
class MistakenTest extends PaperJob {

    private Mistaken last() {
        TakenReading doubted = state().doubts().getLast();
        return Mistaken.of(state(), doubted).orElseThrow();
    }

    @Test
    void anOpenNumberInThePressedFieldLooksLikeOne() {
        good();
        double open = state().estimate().now(3, new GapMethod.NutOpen()).mean();
        reading(3, Station.NUT, Tool.LEAF, around(open));
        assertThat(last()).isEqualTo(new Mistaken(3, new GapMethod.NutOpen()));
    }

    @Test
    void aReadingUnderTheNextStringLooksLikeIt() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(2.6, 2.2, 1.8, 1.4, 1.2, 1.0);
        reading(4, Station.ACTION, Tool.CALIPER, new Gap.Of(2.2));
        assertThat(last().string()).isEqualTo(5);
    }

    @Test
    void whatFitsNothingIsLeftAtThat() {
        good();
        reading(3, Station.ACTION, Tool.CALIPER, new Gap.Of(4.4));
        assertThat(Mistaken.of(state(), state().doubts().getLast())).isEmpty();
    }

    @Test
    void twoReadingsTypedInTheWrongOrderAreToldAsSuch() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(2.6, 2.2, 1.8, 1.4, 1.2, 1.0);
        reading(4, Station.ACTION, Tool.CALIPER, new Gap.Of(2.2));
        assertThat(Mistaken.swapped(state())).isEmpty();
        reading(5, Station.ACTION, Tool.CALIPER, new Gap.Of(1.8));
        assertThat(Mistaken.swapped(state())).contains(4);
    }

    @Test
    void aNeckThatJoinsElsewhereThanIsSaidIsNoticed() {
        spec = joined(20);
        GapMethod.Relief held = (GapMethod.Relief) state().method(Station.RELIEF);
        straightened(held, joined(12).line());
        assertThat(ReliefMisfit.misfits(state())).isTrue();
        assertThat(ReliefMisfit.joint(state()).orElseThrow()).isBetween(11, 13);
    }

    private InstrumentSpec joined(int fret) {
        return new InstrumentSpec(
                spec.kind(),
                spec.tuning(),
                spec.scaleLength(),
                spec.frets(),
                fret,
                spec.boardRadius(),
                spec.rod(),
                spec.access(),
                spec.leftHanded(),
                spec.fittings());
    }

    @Test
    void aScaleStatedThreePerCentWrongChangesNothingThatIsReadInAHeight() {
        GapMethod.Relief held = (GapMethod.Relief) state().method(Station.RELIEF);
        straightened(
                held,
                StringLine.of(
                        new FretScale(1.03 * spec.scaleLength(), spec.frets()),
                        spec.bodyJointFret(),
                        spec.line().compensation()));
        assertThat(ReliefMisfit.joint(state())).isEmpty();
        assertThat(state().doubts()).isEmpty();
        assertThat(Objects.requireNonNull(ReliefState.of(state()).reliefShare()).mean())
                .isCloseTo(1, within(0.05));
    }

    /** A neck that is straightened step by step and read at both sides: relief in a habit that is not the one it is said to be, action as it is. */
    private PaperJob straightened(GapMethod.Relief really) {
        return straightened(really, spec.line());
    }

    /** The same on a neck that is made otherwise than it is said to be. */
    private PaperJob straightened(GapMethod.Relief really, StringLine line) {
        GapMethod.Relief said = (GapMethod.Relief) state().method(Station.RELIEF);
        double k = line.curvatureFor(said, 0.62);
        StringState found = new StringState(k, 0.2, line.saddleHeightFor(12, 2.2, k, 0.2));
        for (int step = 0; step < 5; step++) {
            StringState now = new StringState(k * (1 - 0.16 * step), found.slotHeight(), found.saddleHeight());
            double shown = line.gap(really, now);
            double action = line.gap(new GapMethod.Action(12), now);
            relief(shown, shown);
            if (step == 0) nut(GOOD_NUT);
            action(action, action, action, action, action, action);
            if (step < 4) {
                add(new ReliefEvent.RodTurned(new Turns(2), false, false)).add(new JobEvent.Retuned());
                now();
            }
        }
        return this;
    }

    private void now() {
        now = now.plusSeconds(1200);
    }

    @Test
    void reliefThatIsHeldElsewhereThanItIsSaidDoesNotGoWithTheAction() {
        straightened(new GapMethod.Relief(1, 22, 8));
        assertThat(ReliefMisfit.habit(state()).orElseThrow().heldHigh()).isEqualTo(22);
    }

    @Test
    void heldAsItIsSaidNothingIsSaid() {
        straightened((GapMethod.Relief) state().method(Station.RELIEF));
        assertThat(ReliefMisfit.habit(state())).isEmpty();
    }
}
