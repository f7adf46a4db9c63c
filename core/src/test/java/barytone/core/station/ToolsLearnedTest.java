package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.job.HandRepeats;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.ToolsLearned;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What several jobs tell of the tools together, and each alone would not. */
class ToolsLearnedTest extends PaperJob {
    /** A job on which the card reads so much more than the caliper at the outer strings. */
    private JobState met(double high) {
        log.clear();
        for (int s : new int[] {6, 1})
            for (Tool tool : new Tool[] {Tool.CARD, Tool.CALIPER, Tool.CARD, Tool.CALIPER})
                reading(s, Station.ACTION, tool, new Gap.Of(1.6 + (tool == Tool.CARD ? high : 0)));
        return state();
    }

    private static ToolsLearned.Offset card(ToolsLearned learned) {
        return Objects.requireNonNull(learned.offsets().get(Tool.CARD));
    }

    @Test
    void jobsThatSayTheSameMakeItSurerAndJobsWithoutASecondToolSayNothing() {
        ToolsLearned one = ToolsLearned.of(List.of(met(0.08)));
        ToolsLearned three = ToolsLearned.of(List.of(met(0.08), met(0.08), met(0.08)));
        assertThat(card(one).off().mean()).isBetween(0.02, 0.08);
        assertThat(card(three).off().sd()).isLessThan(0.75 * card(one).off().sd());
        assertThat(card(three).off().mean()).isBetween(card(one).off().mean(), 0.085);
        assertThat(card(three).jobs()).isEqualTo(3);
        log.clear();
        for (int i = 0; i < 6; i++) reading(6, Station.ACTION, Tool.CARD, new Gap.Of(1.6));
        JobState alone = state();
        assertThat(ToolsLearned.of(List.of(alone)).offsets()).isEmpty();
        assertThat(card(ToolsLearned.of(List.of(alone, met(0.08)))).jobs()).isOne();
    }

    @Test
    void jobsThatContradictEachOtherTellThatItIsRight() {
        ToolsLearned both = ToolsLearned.of(List.of(met(0.06), met(-0.06)));
        assertThat(card(both).off().mean()).isCloseTo(0, within(0.005));
    }

    @Test
    void theRepeatsOfAHandAddUp() {
        assertThat(HandRepeats.NONE.spread()).isCloseTo(Tool.REPEATABILITY, within(1e-9));
        HandRepeats shaky = new HandRepeats(10, 10 * 0.025 * 0.025);
        assertThat(shaky.plus(shaky).spread()).isBetween(shaky.spread(), 0.025);
        assertThat(new HandRepeats(100, 0).spread()).isEqualTo(0.008);
    }
}
