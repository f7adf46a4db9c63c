package barytone.server.job;

import barytone.core.hours.Promise;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Tray;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.NotAllowedException;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** A job with its log and what follows from it. */
public record OpenedJob(JobLog.Job job, List<LoggedEvent> log, JobState state) {
    long seq() {
        return log.isEmpty() ? 0 : log.getLast().seq();
    }

    /** The entries that count, oldest first. */
    public List<LoggedEvent> counted() {
        return log.stream().filter(e -> !state.undone().contains(e.seq())).toList();
    }

    /** Those of one kind, oldest first. */
    public <E extends JobEvent> List<E> all(Class<E> kind) {
        return counted().stream()
                .map(LoggedEvent::event)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    /** The last of one kind: of what is written down anew each time it is the one that holds. */
    public <E extends JobEvent> Optional<E> last(Class<E> kind) {
        List<E> all = all(kind);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    /** What is in the tray. */
    public Tray tray() {
        return Tray.of(counted());
    }

    /** When it is to be looked at again; empty when no day was set. */
    public Optional<JobEvent.FollowUpSet> followUp() {
        return last(JobEvent.FollowUpSet.class).filter(set -> set.day() != null);
    }

    /** When it can be fetched, as it was said last: by itself, or with what was agreed; empty while nothing is promised. */
    public Optional<Promise> promise() {
        Promise promise = null;
        LocalDate agreed = null;
        for (LoggedEvent entry : counted()) {
            if (entry.event() instanceof JobEvent.Promised said) promise = said.promise();
            if (entry.event() instanceof JobEvent.AgreementSet set) {
                LocalDate day = set.agreement().promised();
                // the same day once more says nothing new
                if (!Objects.equals(day, agreed)) promise = day == null ? null : new Promise(day, Promise.Part.EVENING);
                agreed = day;
            }
        }
        return Optional.ofNullable(promise);
    }

    /** What was seen on the instrument when it came, a sentence each. */
    public List<String> condition() {
        return ArrivalWords.condition(state.arrival());
    }

    /** A pickup of the instrument, counted from the neck and from 0. */
    public int pickup(int pickup) {
        int there = state.spec().fittings().pickups().size();
        if (there == 0) throw Allowed.broken("pickup", pickup, "an instrument that has pickups on record");
        return Allowed.whole("pickup", pickup, 0, there - 1);
    }

    /** A way of sounding a string that this neck has. */
    public Sounded sounded(Sounded.How how, int fret) {
        if (how == Sounded.How.FRETTED)
            Allowed.whole("fret", fret, 1, state.spec().frets());
        return new Sounded(how, fret);
    }

    /**
     * A string of the instrument.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it has no such string
     */
    public int string(int string) {
        return Allowed.whole("string", string, 1, state.spec().strings());
    }

    /**
     * The place of an entry of a kind on this job's tape.
     *
     * @throws NotAllowedException when there is none of that kind in that place
     */
    public long existing(long seq, Class<? extends JobEvent> kind) {
        return log.stream()
                .filter(e -> e.seq() == seq && kind.isInstance(e.event()))
                .findFirst()
                .orElseThrow(() -> Allowed.broken("event", seq, "an entry of that kind on this job's tape"))
                .seq();
    }

    /** Under a string that is not on it there is nothing to read. */
    public static void refuseMissing(JobState state, int string) {
        if (state.missing().contains(string))
            throw Allowed.broken(
                    "string",
                    string + " " + state.spec().stringName(string) + ", which is missing",
                    "one that is on: put it on first, and say so");
    }
}
