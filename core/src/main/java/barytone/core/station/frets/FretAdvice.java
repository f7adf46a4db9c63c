package barytone.core.station.frets;

import barytone.core.advice.Advice;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.TestResult;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.playoff.PlayedNote;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Advice of the hunt for a buzz. */
public sealed interface FretAdvice extends Advice {
    @Override
    default Station station() {
        return Station.FRETS;
    }

    /**
     * Play and mark what sounds wrong.
     *
     * @param notes that sounded wrong before the last move; empty when the player says that it buzzes and nobody has marked where
     */
    record Play(List<PlayedNote> notes) implements FretAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "play";

        public Play {
            notes = List.copyOf(notes);
        }

        @Override
        public Topic topic() {
            return Topic.of(KIND, notes.size());
        }
    }

    /** Make the test that tells most. */
    record MakeTest(NextTest next, Suspect leading) implements FretAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "buzz-test";

        /** Whether a test that was made is this one, at the same place. */
        boolean is(TestResult made) {
            return made.test() == next.test()
                    && Objects.equals(made.string(), next.string())
                    && Objects.equals(made.fret(), next.fret());
        }

        @Override
        public Topic topic() {
            return Topic.of(KIND);
        }
    }

    /** Do something about a cause that is sure, and was confirmed. */
    record Cure(Suspect suspect) implements FretAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "buzz-cure";

        @Override
        public Topic topic() {
            return Topic.of(KIND);
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new FretEvent.CauseRemedied(
                    suspect.cause().code(),
                    suspect.place().string(),
                    suspect.place().fret()));
        }
    }

    /** No test tells more, and no cause is sure. */
    record Undecided(List<Suspect> suspects) implements FretAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "undecided";

        public Undecided {
            suspects = List.copyOf(suspects);
        }

        @Override
        public Topic topic() {
            return Topic.of(KIND);
        }
    }
}
