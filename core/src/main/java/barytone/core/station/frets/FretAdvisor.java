package barytone.core.station.frets;

import barytone.core.advice.Advice;
import barytone.core.arrival.Complaint;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Diagnosis;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Reason;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.TestResult;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.List;
import java.util.Optional;

/** Decides the next move of the hunt: play what buzzed, make the test that tells most, confirm, then cure, then play again. */
public final class FretAdvisor {
    private FretAdvisor() {}

    static Advice advise(JobState job) {
        FretState state = FretState.of(job);
        if (!state.again().isEmpty()) return new FretAdvice.Play(state.again());
        Complaint complaint = job.arrival().complaint();
        boolean said = complaint != null && FretHunt.buzzes(complaint);
        boolean played = !state.notes().isEmpty() || !state.zones().isEmpty();
        if (said && !played && state.tests().isEmpty()) return new FretAdvice.Play(List.of());
        if (state.open().isEmpty() && state.zones().isEmpty() && (played || !said))
            return new Advice.Done(
                    Station.FRETS,
                    state.done().isEmpty() && state.bad().isEmpty()
                            ? Advice.Done.Reason.LEAVE_IT
                            : Advice.Done.Reason.IN_BAND);
        FretHunt hunt = FretHunt.of(job);
        Diagnosis diagnosis = hunt.diagnosis();
        if (diagnosis == null) return new Advice.Done(Station.FRETS, Advice.Done.Reason.LEAVE_IT);
        return hunt(diagnosis, hunt.tests());
    }

    /** What is next while something is heard. */
    private static Advice hunt(Diagnosis diagnosis, List<TestResult> made) {
        Optional<Suspect> settled = diagnosis.settled();
        if (settled.isPresent()) {
            Suspect suspect = settled.get();
            if (suspect.confirmed()) return new FretAdvice.Cure(suspect);
            // nothing is filed, glued or sold on what is heard alone
            FretAdvice.MakeTest confirming = confirm(suspect);
            if (made.stream().noneMatch(confirming::is)) return confirming;
        }
        List<Suspect> suspects = diagnosis.suspects();
        if (suspects.isEmpty()) return new FretAdvice.Undecided(List.of());
        return diagnosis
                .next()
                .<Advice>map(next -> new FretAdvice.MakeTest(next, suspects.getFirst()))
                .orElseGet(() -> new FretAdvice.Undecided(suspects.stream()
                        .filter(s -> s.probability() > suspects.getFirst().probability() / 5)
                        .limit(3)
                        .toList()));
    }

    private static FretAdvice.MakeTest confirm(Suspect suspect) {
        BuzzTest test = suspect.cause().confirming();
        return new FretAdvice.MakeTest(
                new NextTest(
                        test,
                        test.where() == BuzzTest.Where.STRING
                                ? (suspect.string() == null ? firstHeard(suspect) : suspect.string())
                                : null,
                        test.where() == BuzzTest.Where.FRET ? suspect.fret() : null,
                        0),
                suspect);
    }

    /** A string on which it is heard. */
    private static int firstHeard(Suspect suspect) {
        return suspect.because().stream()
                .filter(Reason.Explains.class::isInstance)
                .map(Reason.Explains.class::cast)
                .map(r -> r.notes().getFirst().string())
                .findFirst()
                .orElse(1);
    }
}
