package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.advice.Advice;
import barytone.core.arrival.Condition;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.Side;
import barytone.core.arrival.StringsPlan;
import barytone.core.job.DamageStops;
import barytone.core.job.JobEvent;
import barytone.core.job.Tending;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What was seen on an instrument when it came, and what waits for it. */
class DamageStopsTest extends PaperJob {
    private DamageStopsTest seen(Condition kind) {
        return seen(kind, null);
    }

    private DamageStopsTest seen(Condition kind, @Nullable Long instead) {
        add(new JobEvent.ConditionMarked(new ConditionMark(kind, Side.FRONT, 0.8, 0.5, ""), instead));
        return this;
    }

    private boolean stops(JobEvent next) {
        return DamageStops.stops(state(), next);
    }

    @Test
    void aLiftingBridgeComesBeforeTheFirstReading() {
        seen(Condition.LIFTED_BRIDGE);
        assertThat(advice()).isInstanceOf(Advice.AgreeDamage.class);
        // an agreement is never ticked off: it has words
        assertThat(advice().becomes(state())).isEmpty();
        add(new JobEvent.DamageAgreed(List.of(1L), "glued first, by telephone"));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
    }

    @Test
    void aDentStopsNothing() {
        seen(Condition.DENT);
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        assertThat(stops(new JobEvent.Retuned())).isFalse();
    }

    @Test
    void whatPullsWaitsAndWhatSlackensDoesNot() {
        seen(Condition.CRACK);
        assertThat(stops(new JobEvent.Retuned())).isTrue();
        assertThat(stops(new JobEvent.Tended(Tending.STRINGS_ON))).isTrue();
        assertThat(stops(new JobEvent.StringsChanged("", "10 13 17 26w 36w 46w")))
                .isTrue();
        assertThat(stops(new JobEvent.Tended(Tending.STRINGS_OFF))).isFalse();
        assertThat(stops(new JobEvent.Tended(Tending.CLEANED))).isFalse();
        assertThat(stops(new JobEvent.NoteWritten("asked"))).isFalse();
        assertThat(stops(new JobEvent.Closed())).isFalse();
    }

    @Test
    void whatIsMarkedAfterwardsIsAgreedOnAnew() {
        seen(Condition.CRACK).add(new JobEvent.DamageAgreed(List.of(1L), "glued by us"));
        assertThat(state().arrival().stopping()).isEmpty();
        // told in other words it is the same crack
        seen(Condition.CRACK, 1L);
        assertThat(state().arrival().stopping()).isEmpty();
        seen(Condition.LOOSE_BRACE);
        assertThat(state().arrival().stopping().keySet()).isEqualTo(Set.of(4L));
        add(new JobEvent.ConditionUnmarked(4));
        assertThat(state().arrival().stopping()).isEmpty();
        // a loose brace that turns out where a crack was agreed on is no crack
        seen(Condition.LOOSE_BRACE, 1L);
        assertThat(state().arrival().stopping().keySet()).isEqualTo(Set.of(1L));
    }

    @Test
    void whatWasReadWithoutAllStringsIsReadAgainWithTheWholeSet() {
        add(new JobEvent.StringsPlanned(new StringsPlan(false, "", "", "", "", List.of(2, 3, 4, 5), false)));
        good();
        assertThat(state().arrival().provisional()).isTrue();
        add(new JobEvent.StringsPlanned(new StringsPlan(true, "", "", "", "", List.of(), false)));
        assertThat(state().arrival().provisional()).isFalse();
        assertThat(advice()).isInstanceOf(Advice.Retune.class);
        add(new JobEvent.Retuned());
        assertThat(advice())
                .isInstanceOfSatisfying(
                        Advice.Measure.class, m -> assertThat(m.strings()).contains(6, 1));
        // as found stays as it was read
        assertThat(state().readings()).hasSize(14);
    }
}
