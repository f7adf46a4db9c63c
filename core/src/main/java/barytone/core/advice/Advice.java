package barytone.core.advice;

import barytone.core.arrival.ConditionMark;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.job.Topic;
import barytone.core.reading.Tool;
import barytone.core.wait.Wait;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What to do next, with the facts that the reason is told from. */
public interface Advice {
    /** The station at which it is done. */
    Station station();

    /** What it is about; an advice that was declined by its topic does not come again on this job. */
    Topic topic();

    /** The setup as expected when it is followed; empty when it moves nothing. */
    default Optional<SetupEstimate> expected(JobState job) {
        return Optional.empty();
    }

    /** What is noted when it was done as advised; empty when it is nothing that can be ticked off. */
    default Optional<JobEvent> becomes(JobState job) {
        return Optional.empty();
    }

    /** What is noted when all of it was done at once, where a part was advised first; empty when there are no parts. */
    default Optional<JobEvent> becomesWhole(JobState job) {
        return Optional.empty();
    }

    /** Until when the job waits by itself; empty when it waits for the technician. */
    default Optional<Instant> waitsUntil() {
        return Optional.empty();
    }

    /** Whether its station can be left until others are done. */
    default boolean canWait() {
        return true;
    }

    /** Read these strings at a station. */
    record Measure(
            Station station,
            List<Integer> strings,
            Reason reason,
            @Nullable Tool tool) implements Advice {
        /** The last look before hand-over. */
        public static final Topic LAST_LOOK = Topic.of("recheck");

        /** The kind of topic by which a station is not read before the work. */
        public static final String FOUND = "found";

        /** The kind of topic by which a reading is taken as it is. */
        public static final String CLOSER = "closer";

        /** Why a reading is asked for. */
        public enum Reason {
            /** Never read. */
            FIRST,
            /** Known too loosely since the last move. */
            STALE,
            /** Read before the neck had settled, or only predicted: confirm before it is called done. */
            SECOND_LOOK,
            /** Not read yet, or made new since. */
            NOT_READ,
            /** Out by less than the tool can tell; a finer one can. */
            FINER_TOOL,
            /** Too high, but too vaguely known for a stroke: two leaves laid together tell more. */
            ONCE_MORE,
            /** It reads in its band, but what was read and moved before says that it is not. */
            CONTRADICTED,
            /** The notes say that the nut is too high, and nobody has read it. */
            ACCUSED,
            /** It reads so low that the slot would be raised: one reading condemns nothing. */
            CONDEMNED,
            /** Nothing irreversible is done on a reading from before the last move, or by a tool that cannot see it. */
            BEFORE_WORK,
            /** Moved, or moved along, since it was last read: the final look before hand-over. */
            RECHECK
        }

        public Measure(Station station, List<Integer> strings, Reason reason) {
            this(station, strings, reason, null);
        }

        @Override
        public Topic topic() {
            return switch (reason) {
                case FIRST -> station.height() ? JobState.leaving(station) : unread(station);
                case NOT_READ, STALE, SECOND_LOOK, BEFORE_WORK -> JobState.leaving(station);
                case FINER_TOOL, ONCE_MORE, CONTRADICTED, ACCUSED, CONDEMNED -> closer(station);
                case RECHECK -> LAST_LOOK;
            };
        }

        /** Declined: notes or gaps are not read before the work; they are when it is their turn. */
        public static Topic unread(Station station) {
            return Topic.of(FOUND, station);
        }

        /** Declined: what was read is taken as it is. */
        public static Topic closer(Station station) {
            return Topic.of(CLOSER, station);
        }
    }

    /** Read these again: they are far from what was expected. */
    record MeasureAgain(List<TakenReading> doubts) implements Advice {
        public MeasureAgain {
            doubts = List.copyOf(doubts);
        }

        /** The oldest of them. */
        public TakenReading first() {
            return doubts.getFirst();
        }

        @Override
        public Station station() {
            return first().station();
        }

        @Override
        public Topic topic() {
            return Topic.of("doubt", first().seq());
        }
    }

    /**
     * Agree what happens about damage before rod, saddles or tension are touched.
     *
     * @param marks what was seen, by the place of the entry that says so
     */
    record AgreeDamage(Map<Long, ConditionMark> marks) implements Advice {
        public AgreeDamage {
            marks = new TreeMap<>(marks);
        }

        @Override
        public Station station() {
            return Station.RELIEF;
        }

        @Override
        public Topic topic() {
            return Topic.of("damage");
        }

        @Override
        public boolean canWait() {
            return false;
        }
    }

    /**
     * Put on the strings that are missing: with a part of the set the neck is pulled otherwise than it will be.
     *
     * @param missing the lowest last
     */
    record PutOn(List<Integer> missing) implements Advice {
        /** What its answer is about. */
        public static final Topic MISSING = Topic.of("missing");

        @Override
        public Station station() {
            return Station.RELIEF;
        }

        @Override
        public Topic topic() {
            return MISSING;
        }

        @Override
        public boolean canWait() {
            return false;
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.ofNullable(job.arrival().strings()).map(plan -> new JobEvent.StringsPlanned(plan.whole()));
        }
    }

    /** Bring the strings back to pitch. */
    record Retune(Station station) implements Advice {
        @Override
        public Topic topic() {
            return Topic.of("retune");
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new JobEvent.Retuned());
        }
    }

    /** Work on heights that can be ticked off as advised. */
    interface Adjusting extends Advice {
        /** What is noted when it was done as advised. */
        Adjustment event(InstrumentSpec spec);

        @Override
        default Optional<JobEvent> becomes(JobState job) {
            return Optional.of(event(job.spec()));
        }

        @Override
        default Optional<SetupEstimate> expected(JobState job) {
            return Optional.of(job.estimate().after(event(job.spec()).moves(job.spec())));
        }
    }

    /** Nothing more to do at a station. */
    record Done(Station station, Reason reason) implements Advice {
        /** Why it is done. */
        public enum Reason {
            /** In its band as found. */
            LEAVE_IT,
            /** In its band after the work. */
            IN_BAND,
            /** At the edge of the band; there is no finer step that would do better. */
            AS_NEAR_AS_IT_GOES,
            /** One side is in, the other is out: no turn helps both. */
            SIDES_DIFFER,
            /** Barely out as read, and not likely enough to be out for what a move would cost. */
            NOT_WORTH_IT
        }

        @Override
        public Topic topic() {
            return Topic.of("done");
        }
    }

    /**
     * The work that was agreed on is done.
     *
     * @param results of each station, in the order of work
     * @param declined topics that the technician chose to leave
     */
    record Finished(List<Done> results, List<Topic> declined) implements Advice {
        @Override
        public Station station() {
            return results.isEmpty() ? Station.RELIEF : results.getLast().station();
        }

        @Override
        public Topic topic() {
            return Topic.of("done");
        }
    }

    /** Nothing is changed until what is waited for has come. */
    record Waits(Wait what, @Nullable Instant until) implements Advice {
        @Override
        public Station station() {
            return Station.RELIEF;
        }

        @Override
        public Topic topic() {
            return Topic.of("wait", what.begun());
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new JobEvent.WaitEnded(what.begun()));
        }

        @Override
        public Optional<Instant> waitsUntil() {
            return what.byClock() ? Optional.ofNullable(until) : Optional.empty();
        }

        @Override
        public boolean canWait() {
            return false;
        }
    }

    /** The job is closed. */
    record ClosedJob() implements Advice {
        @Override
        public Station station() {
            return Station.RELIEF;
        }

        @Override
        public Topic topic() {
            return Topic.of("closed");
        }
    }
}
