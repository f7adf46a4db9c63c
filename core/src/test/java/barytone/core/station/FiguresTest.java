package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.job.Figure;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Tending;
import barytone.core.job.Tray;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.relief.ReliefEvent;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What is kept of a job from visit to visit. */
class FiguresTest extends PaperJob {
    private Figure figure(String code) {
        return Stations.figures(state()).stream()
                .filter(f -> f.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatWasReadInTheKeptWayStandsAsItWasRead() {
        relief(0.20, 0.17).nut(GOOD_NUT).action(2.1, 2.0, 1.9, 1.8, 1.7, 1.6);
        Figure action = figure("action-bass");
        assertThat(action.found()).isEqualTo(action.left());
        assertThat(Objects.requireNonNull(action.found()).value()).isEqualTo(2.1);
        assertThat(action.found().read()).isTrue();
        assertThat(figure("nut-treble").method()).isEqualTo(new GapMethod.NutPressed(3));
        // a band in another way of reading would lie elsewhere
        assertThat(figure("relief-bass").band()).isNotNull();
    }

    @Test
    void whatWasReadInAnotherWayIsReckonedAndSaidSo() {
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.Action(17), Tool.CALIPER, Position.PLAYING)));
        relief(0.20, 0.17).nut(GOOD_NUT).action(2.6, 2.5, 2.4, 2.3, 2.2, 2.1);
        Figure action = figure("action-bass");
        assertThat(action.method()).isEqualTo(new GapMethod.Action(12));
        Figure.Value found = Objects.requireNonNull(action.found());
        assertThat(found.read()).isFalse();
        assertThat(found.value()).isLessThan(2.5);
        assertThat(found.sd()).isPositive();
        assertThat(action.band()).isNull();
    }

    @Test
    void asFoundStaysWhenTheRodIsTurnedAndAsLeftFollows() {
        relief(0.30, 0.27).nut(GOOD_NUT).action(GOOD_ACTION);
        add(new ReliefEvent.RodTurned(new Turns(2), false, false)).add(new JobEvent.Retuned());
        Figure relief = figure("relief-bass");
        assertThat(Objects.requireNonNull(relief.found()).value()).isCloseTo(0.30, within(1e-9));
        assertThat(relief.found().read()).isTrue();
        assertThat(Objects.requireNonNull(relief.left()).read()).isFalse();
        assertThat(relief.left().value()).isLessThan(0.28);
        assertThat(Objects.requireNonNull(figure("rod").left()).value()).isEqualTo(0.125);
    }

    @Test
    void nothingIsKeptOfWhatNobodyRead() {
        assertThat(Stations.figures(state())).isEmpty();
    }

    @Test
    void theTrayHoldsWhatIsNotBack() {
        List<LoggedEvent> log = List.of(
                new LoggedEvent(1, now, new JobEvent.PartTaken("Cover")),
                new LoggedEvent(2, now, new JobEvent.PartTaken("Springs")),
                new LoggedEvent(3, now, new JobEvent.PartBack(1)),
                new LoggedEvent(4, now, new JobEvent.Tended(Tending.STRINGS_OFF)),
                new LoggedEvent(5, now, new JobEvent.Tended(Tending.STRINGS_ON)));
        assertThat(Tray.of(log).parts()).containsExactly(new Tray.Part(2, "Springs"));
        assertThat(Tray.of(log).stringsOff()).isNull();
        assertThat(Tray.of(log.subList(0, 2)).parts()).hasSize(2);
        assertThat(Tray.of(log.subList(0, 4)).stringsOff()).isEqualTo(now);
    }
}
