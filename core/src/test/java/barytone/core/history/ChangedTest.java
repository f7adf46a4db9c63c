package barytone.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Figure;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class ChangedTest {
    private static final Instant WINTER = Instant.parse("2030-01-10T09:00:00Z");
    private static final Instant SUMMER = Instant.parse("2030-08-10T09:00:00Z");
    private static final String SET = "12 16 24b 32b 42b 53b";

    private static Figure figure(String code, Figure.Measure measure, double found, double left) {
        return new Figure(
                code,
                code,
                measure,
                null,
                new Figure.Value(found, 0.02, true),
                new Figure.Value(left, 0.02, true),
                null);
    }

    private static Visit visit(Instant at, Figure figure, double tension, String strings, @Nullable Double humidity) {
        return new Visit(
                1,
                at,
                at.plus(Duration.ofHours(2)),
                List.of(figure),
                tension,
                strings,
                "E A D G B E",
                false,
                humidity,
                null);
    }

    private static List<Changed> between(Figure before, Figure now, double pull, String strings, Air air) {
        return Changed.between(
                visit(WINTER, before, 700, SET, null),
                visit(SUMMER, now, 700 + pull, strings, null),
                InstrumentKind.FLAT_TOP,
                air);
    }

    private static Air air(double winter, double summer) {
        return new Air(List.of(new Air.Reading(WINTER, winter, true), new Air.Reading(SUMMER, summer, true)));
    }

    private static Figure action(double found, double left) {
        return figure("action-bass", Figure.Measure.GAP, found, left);
    }

    @Test
    void aTopThatRoseInDampAirRoseWithTheAir() {
        assertThat(between(action(2.5, 2.2), action(2.5, 2.2), 0, SET, air(32, 58)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.AIR);
    }

    @Test
    void aTopThatSankInDampAirIsNotExplainedByIt() {
        assertThat(between(action(2.5, 2.2), action(1.9, 2.2), 0, SET, air(32, 58)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.UNKNOWN);
    }

    @Test
    void heavierStringsExplainMoreReliefAndLighterOnesDoNot() {
        Figure before = figure("relief-bass", Figure.Measure.SMALL_GAP, 0.3, 0.2);
        Figure now = figure("relief-bass", Figure.Measure.SMALL_GAP, 0.35, 0.2);
        assertThat(between(before, now, 60, "13 17 26b 35b 45b 56b", air(45, 45)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.STRINGS);
        assertThat(between(before, now, -60, "11 15 22b 32b 42b 52b", air(45, 45)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.UNKNOWN);
        assertThat(between(before, now, 60, SET, air(45, 45)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.TUNING);
    }

    @Test
    void aSlotOnlyWearsDeeper() {
        Figure before = figure("nut-bass", Figure.Measure.SMALL_GAP, 0.2, 0.15);
        assertThat(between(before, figure("nut-bass", Figure.Measure.SMALL_GAP, 0.05, 0.15), 0, SET, air(45, 45)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.WORN);
        assertThat(between(before, figure("nut-bass", Figure.Measure.SMALL_GAP, 0.25, 0.15), 0, SET, air(45, 45)))
                .extracting(Changed::reason)
                .containsExactly(Changed.Reason.UNKNOWN);
    }

    @Test
    void whatAnotherHandReadsOtherwiseIsNoChange() {
        assertThat(between(action(2.5, 2.2), action(2.24, 2.2), 0, SET, air(32, 58)))
                .isEmpty();
    }
}
