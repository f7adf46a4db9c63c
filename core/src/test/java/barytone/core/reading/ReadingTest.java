package barytone.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.neck.GapMethod;
import barytone.core.quantity.LengthUnit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingTest {
    private static final GapMethod RELIEF = new GapMethod.Relief(1, 16, 8);

    @Test
    void aRulerReadToHalfAMarkIsAsSureAsItsMarksAllow() {
        assertThat(Tool.RULER_HALF.sd()).isCloseTo(0.144, within(0.001));
        assertThat(Tool.RULER_64.sd()).isCloseTo(0.1146, within(0.001));
        assertThat(Tool.LEAF.sd()).isLessThan(Tool.CALIPER.sd());
        assertThatThrownBy(() -> Tool.ofCode("spoon")).hasMessageContaining("spoon");
    }

    /** A bare number that is odd in its unit and usual in another is suspected to be that. */
    @ParameterizedTest
    @CsvSource({
        "relief, MM, 12, 12t",
        "relief, MM, 8, 8t",
        "relief, THOU, .008, 8t",
        "relief, THOU, .3, 0.3mm",
        "relief, MM, .008, 8t",
        "action, MM, 72.5, 72.5t",
        "action, THOU, 1.8, 1.8mm",
        "action, IN64, 1.8, 1.8mm",
        "nut, THOU, .3, 0.3mm",
        "pressed, MM, 8, 8t",
        "pressed, MM, 0.55, ''",
        "relief, THOU, 8, ''",
        "relief, MM, 0.2, ''",
        "relief, MM, 0, ''",
        "action, IN64, 5, ''",
    })
    void aMistakenUnitIsSuspected(String what, LengthUnit unit, double typed, String meant) {
        ReadingBounds bounds = ReadingBounds.of(
                switch (what) {
                    case "relief" -> RELIEF;
                    case "nut" -> new GapMethod.NutOpen();
                    case "pressed" -> new GapMethod.NutPressed(3);
                    default -> new GapMethod.Action(12);
                });
        double mm = typed * unit.exactMm().doubleValue();
        assertThat(bounds.meant(mm, unit).orElse("")).isEqualTo(meant);
        if (mm > 3 && what.equals("relief"))
            assertThatThrownBy(() -> bounds.check("reading", mm, unit)).hasMessageContaining("type " + meant);
    }

    @Test
    void whatIsUsualDependsOnWhatIsRead() {
        assertThat(ReadingBounds.of(RELIEF).oddity(0.3, LengthUnit.MM)).isEmpty();
        assertThat(ReadingBounds.of(RELIEF).oddity(2, LengthUnit.MM)).isPresent();
        assertThat(ReadingBounds.of(new GapMethod.Action(12)).oddity(2, LengthUnit.MM))
                .isEmpty();
        // an open reading typed where a pressed one belongs
        assertThat(ReadingBounds.of(new GapMethod.NutPressed(3)).oddity(0.55, LengthUnit.MM))
                .isPresent();
        assertThatThrownBy(() -> ReadingBounds.of(RELIEF).check("reading", Double.NaN, LengthUnit.MM))
                .hasMessageContaining("reading");
    }

    @Test
    void leavesAroundAnExpectedGapStayInsideTheSet() {
        LeafSet set = LeafSet.USUAL;
        for (double expected : new double[] {-0.2, 0.05, 0.3, 0.36, 5}) {
            List<Double> around = set.around(expected, 8);
            assertThat(around).hasSize(8).isSorted();
            assertThat(set.sizes()).containsAll(around);
        }
        assertThat(set.around(0.3, 8)).contains(0.28, 0.30, 0.33);
        assertThat(new LeafSet(List.of(0.2, 0.1)).around(0.1, 8)).containsExactly(0.1, 0.2);
    }

    @Test
    void oneSidedFindingsKeepTheirSide() {
        Evidence least = Evidence.of(new Gap.AtLeast(0.3), RELIEF, Tool.LEAF, Tool.REPEATABILITY);
        Evidence most = Evidence.of(new Gap.AtMost(0.3), RELIEF, Tool.LEAF, Tool.REPEATABILITY);
        assertThat(least).isInstanceOf(Evidence.Above.class);
        assertThat(most).isInstanceOf(Evidence.Below.class);
        // where a string rests on the crown, nothing is a bound: how much is missing cannot be seen
        assertThat(Evidence.of(new Gap.Of(0), new GapMethod.NutPressed(3), Tool.LEAF, Tool.REPEATABILITY))
                .isInstanceOf(Evidence.Below.class);
        assertThat(Evidence.noGap(new Gap.Of(0), new GapMethod.NutOpen())).isFalse();
        assertThat(new Gap.Between(0.3, 0.4).shown()).isCloseTo(0.35, within(1e-12));
        assertThatThrownBy(() -> new Gap.Between(0.4, 0.3)).hasMessageContaining("must be smaller");
    }
}
