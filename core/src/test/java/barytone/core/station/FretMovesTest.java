package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.advice.Advice;
import barytone.core.arrival.Complaint;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Where;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.TestResult;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.Turns;
import barytone.core.station.frets.FretAdvice;
import barytone.core.station.frets.FretEvent;
import barytone.core.station.frets.FretHunt;
import barytone.core.station.frets.FretState;
import barytone.core.station.relief.ReliefEvent;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The hunt for a buzz on a job, from complaint to closed case. */
class FretMovesTest extends PaperJob {
    @BeforeEach
    void allHeightsStandAsTheyShall() {
        good().agreed(Station.RELIEF, Station.NUT, Station.ACTION, Station.FRETS);
    }

    private void marked(NoteMark mark, int fromString, int toString, int fromFret, int toFret) {
        List<PlayedNote> notes = new ArrayList<>();
        for (int s = fromString; s <= toString; s++)
            for (int f = fromFret; f <= toFret; f++) notes.add(new PlayedNote(s, f, mark, Pluck.NORMAL, false));
        add(new JobEvent.NotesHeard(notes));
    }

    private void highFret() {
        marked(NoteMark.BUZZ, 1, 6, 8, 8);
        marked(NoteMark.BUZZ, 2, 4, 7, 7);
        marked(NoteMark.CLEAN, 1, 6, 9, 12);
        marked(NoteMark.CLEAN, 1, 6, 3, 5);
    }

    private void tested(BuzzTest test, Outcome outcome, int fret) {
        add(new FretEvent.BuzzTested(new TestResult(test, outcome, null, fret)));
    }

    private double probability(String cause) {
        return Objects.requireNonNull(FretHunt.of(state()).diagnosis()).suspects().stream()
                .filter(s -> s.cause().code().equals(cause))
                .mapToDouble(Suspect::probability)
                .sum();
    }

    private String likeliest() {
        return Objects.requireNonNull(FretHunt.of(state()).diagnosis())
                .suspects()
                .getFirst()
                .cause()
                .code();
    }

    private FretAdvice.MakeTest test() {
        assertThat(advice()).isInstanceOf(FretAdvice.MakeTest.class);
        return (FretAdvice.MakeTest) advice();
    }

    @Test
    void nothingIsSaidOfABoardThatNobodyHeard() {
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        assertThat(((Advice.Finished) advice()).results()).noneMatch(done -> done.station() == Station.FRETS);
    }

    @Test
    void whatThePlayerSaysIsPlayedFirst() {
        add(new JobEvent.HurtSaid(
                new Complaint("sizzles", List.of(Sign.BUZZES), List.of(Where.OPEN), List.of(4), List.of(), null, "")));
        assertThat(advice()).isEqualTo(new FretAdvice.Play(List.of()));
        marked(NoteMark.BUZZ, 4, 4, 0, 0);
        assertThat(test().next().bits()).isPositive();
        marked(NoteMark.CLEAN, 4, 4, 0, 0);
        assertThat(advice()).isNotInstanceOf(FretAdvice.class);
    }

    @Test
    void aHighFretIsConfirmedBeforeItIsLevelledAndPlayedAgainAfterwards() {
        highFret();
        assertThat(test().next().test()).isEqualTo(BuzzTest.ROCKER);
        assertThat(test().next().fret()).isEqualTo(9);
        tested(BuzzTest.ROCKER, Outcome.ROCKS, 9);
        FretAdvice.Cure cure = (FretAdvice.Cure) advice();
        assertThat(cure.suspect().cause().code()).isEqualTo("high-fret");
        add(cure.becomes(state()).orElseThrow());
        FretAdvice.Play again = (FretAdvice.Play) advice();
        assertThat(again.notes()).hasSize(9);
        marked(NoteMark.CLEAN, 1, 6, 8, 8);
        marked(NoteMark.CLEAN, 2, 4, 7, 7);
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        assertThat(((Advice.Finished) advice()).results())
                .anyMatch(done -> done.station() == Station.FRETS && done.reason() == Advice.Done.Reason.IN_BAND);
    }

    @Test
    void aTestThatSaysNoTurnsTheHuntElsewhere() {
        highFret();
        double before = probability("high-fret");
        tested(BuzzTest.ROCKER, Outcome.STEADY, 9);
        assertThat(advice()).isInstanceOf(FretAdvice.class);
        assertThat(advice()).isNotInstanceOf(FretAdvice.Cure.class);
        assertThat(probability("high-fret")).isLessThan(before);
        assertThat(test().next().test()).isNotEqualTo(BuzzTest.ROCKER);
    }

    @Test
    void aShallowAngleAtTheNutIsFoundFromOneOpenString() {
        add(new JobEvent.HurtSaid(new Complaint(
                "sings",
                List.of(Sign.BUZZES, Sign.SINCE_STRINGS),
                List.of(Where.OPEN),
                List.of(4),
                List.of(),
                null,
                "")));
        marked(NoteMark.BUZZ, 4, 4, 0, 0);
        marked(NoteMark.CLEAN, 4, 4, 1, 4);
        int asked = 0;
        while (advice() instanceof FretAdvice.MakeTest(NextTest next, Suspect ignored) && asked++ < 8) {
            boolean sign = next.test() == BuzzTest.PRESS_BEHIND_NUT && Objects.equals(next.string(), 4);
            add(new FretEvent.BuzzTested(new TestResult(
                    next.test(),
                    sign ? Outcome.STOPS : next.test().outcomes().getFirst(),
                    next.string(),
                    next.fret())));
        }
        assertThat(advice()).as(advice().toString()).isInstanceOf(FretAdvice.Cure.class);
        assertThat(likeliest()).isEqualTo("break-angle-nut");
    }

    @Test
    void whatWasHeardBeforeAMoveIsPlayedAgain() {
        highFret();
        add(new ReliefEvent.RodTurned(new Turns(2), false, false));
        JobState moved = state();
        assertThat(FretState.of(moved).notes()).isEmpty();
        assertThat(FretState.of(moved).again()).hasSize(9);
    }

    @Test
    void whatIsAcceptedIsLeftUntilItSoundsWorse() {
        highFret();
        add(new JobEvent.HeardAccepted("the player", ""));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        marked(NoteMark.DEAD, 3, 3, 8, 8);
        assertThat(advice()).isInstanceOf(FretAdvice.class);
    }

    @Test
    void aNoteHeardAtTheEndIsEvidenceToo() {
        add(new JobEvent.NoteHeard(new PlayedNote(4, 0, NoteMark.BUZZ, Pluck.NORMAL, false)));
        assertThat(test().leading().cause().code()).isNotEmpty();
        assertThat(FretState.of(state()).open()).hasSize(1);
    }

    @Test
    void theJobsOwnReadingsAnswerTheirTests() {
        marked(NoteMark.BUZZ, 1, 6, 0, 3);
        // the relief was read and is in its band: it is no back-bow, and nobody is asked to read it again
        assertThat(likeliest()).isNotEqualTo("back-bow");
        assertThat(test().next().test()).isNotIn(BuzzTest.READ_RELIEF, BuzzTest.TAP_RELIEF);
    }
}
