package barytone.core.job;

import barytone.core.agreement.Agreement;
import barytone.core.arrival.Complaint;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.SpotLook;
import barytone.core.arrival.StringsPlan;
import barytone.core.estimate.Move;
import barytone.core.hours.Promise;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayedNote;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.Gap;
import barytone.core.reading.Means;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.wait.AirWanted;
import barytone.core.wait.WaitReason;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One thing that happened on a job. Events are only ever added; undoing is an event too. */
public interface JobEvent {
    /** The strings that it takes off pitch. */
    default List<Integer> slackens(InstrumentSpec spec) {
        return List.of();
    }

    /** Whether it puts tension or a load on what holds the strings: what waits while damage is not agreed on. */
    default boolean strains(InstrumentSpec spec) {
        return !slackens(spec).isEmpty();
    }

    /**
     * A row of a ledger.
     *
     * @param string 1 is the highest
     */
    record Row(Station station, int string) {}

    /** Where it was entered; empty when it is no reading of a string. */
    default Optional<Row> row() {
        return Optional.empty();
    }

    /** Says something of earlier entries, which holds from the start of the log. */
    interface LookingBack {}

    /** What cures or settles after it by itself; empty when nothing does. */
    default Optional<WaitReason> cures() {
        return Optional.empty();
    }

    /** Something was chosen for this job: a target, a habit, an order. */
    interface Choosing extends JobEvent {
        /** What holds after it. */
        JobDefaults chosen(JobDefaults before);
    }
    /**
     * A gap was read.
     *
     * @param string 1 is the highest
     * @param typed what the technician typed or tapped, kept as it was
     * @param unit of a bare number in what was typed; null when nothing was typed, or it was not noted
     */
    record ReadingTaken(
            int string,
            GapMethod method,
            Tool tool,
            Gap gap,
            Position position,
            String typed,
            @Nullable LengthUnit unit)
            implements JobEvent {
        /** A reading of which it was not noted in which unit it was typed. */
        public ReadingTaken(int string, GapMethod method, Tool tool, Gap gap, Position position, String typed) {
            this(string, method, tool, gap, position, typed, null);
        }

        @Override
        public Optional<Row> row() {
            return Optional.of(new Row(Station.of(method), string));
        }

        /** By what it was read. */
        public Means means() {
            return new Means(tool, position);
        }
    }

    /** A doubted reading is right after all. */
    record ReadingKept(long reading) implements JobEvent, LookingBack {}

    /** A doubted reading was wrong. */
    record ReadingDropped(long reading) implements JobEvent, LookingBack {}

    /** A doubted reading is right, for its height was moved before it without counted turns or strokes. */
    record ReadingMoved(long reading) implements JobEvent, LookingBack {}

    /**
     * Heights were moved without counting: turned until the gauge touched, filed by eye, shimmed.
     *
     * @param station relief, nut or action
     * @param strings those that moved; at the rod all
     */
    record MovedUncounted(Station station, List<Integer> strings) implements JobEvent {
        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            return spec.everyString();
        }

        public MovedUncounted {
            strings = List.copyOf(strings);
        }
    }

    /**
     * Other strings were put on: nothing that was read before stands.
     *
     * @param from the set before, as it is typed; empty when it was not noted
     * @param to the set that is on now
     * @param gauges whether the gauges of the instrument were changed by this entry, and go back with it; where null they were put right by themselves
     */
    record StringsChanged(String from, String to, @Nullable Boolean gauges) implements JobEvent {
        /** Other strings, noted beside gauges that were put right by themselves. */
        public StringsChanged(String from, String to) {
            this(from, to, null);
        }

        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            return spec.everyString();
        }
    }

    /**
     * The air was read.
     *
     * @param humidity relative, %
     * @param temperature degrees Celsius; null when it was not read
     */
    record AirRead(Place place, double humidity, @Nullable Double temperature) implements JobEvent {
        /** Where it was read. */
        public enum Place {
            ROOM,
            /** In its case, or in the body: what the wood itself stands in. */
            CASE
        }

        public AirRead {
            Allowed.number("humidity", humidity, 5, 100, "% relative humidity");
            if (temperature != null) Allowed.number("temperature", temperature, -20, 50, "degrees Celsius");
        }
    }

    /**
     * What the player is told when the instrument is handed over; a later one takes the place of an earlier one.
     *
     * @param found what was found about the complaint
     * @param advice what the player can do
     * @param lookAgain when to look again, and why
     */
    record HandOverWritten(String found, String advice, String lookAgain) implements JobEvent {}

    /** What was agreed with the player; a later one takes the place of an earlier one. */
    record AgreementSet(Agreement agreement) implements JobEvent {}

    /** Something was taken off and lies in the tray. */
    record PartTaken(String part) implements JobEvent {}

    /**
     * Something went back on.
     *
     * @param taken the place of the entry by which it came off
     */
    record PartBack(long taken) implements JobEvent {}

    /** Work around the strings that moves no height. */
    record Tended(Tending what) implements JobEvent {
        @Override
        public boolean strains(InstrumentSpec spec) {
            return what == Tending.STRINGS_ON;
        }

        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            return what == Tending.STRINGS_OFF ? spec.everyString() : List.of();
        }
    }

    /**
     * When the instrument is to be looked at again; a later one takes the place of an earlier one.
     *
     * @param day null when it need not be
     */
    record FollowUpSet(@Nullable LocalDate day, String why) implements JobEvent {}

    /** What hurts was said; a later one takes the place of an earlier one. */
    record HurtSaid(Complaint complaint) implements JobEvent {}

    /**
     * Something was seen on the instrument as it came.
     *
     * @param instead the place of the entry that it takes the place of; null for none
     */
    record ConditionMarked(ConditionMark mark, @Nullable Long instead) implements JobEvent {}

    /** What was marked is not there. */
    record ConditionUnmarked(long mark) implements JobEvent {}

    /** A spot was looked at. */
    record SpotLooked(SpotLook look) implements JobEvent {}

    /**
     * It is agreed what happens about damage.
     *
     * @param marks the places of the entries by which it was marked
     * @param how in words; may be empty
     */
    record DamageAgreed(List<Long> marks, String how) implements JobEvent {
        public DamageAgreed {
            marks = List.copyOf(marks);
        }
    }

    /** Which strings it is to have; a later one takes the place of an earlier one. */
    record StringsPlanned(StringsPlan plan) implements JobEvent {}

    /** A note was heard, as earlier versions noted it one by one. */
    record NoteHeard(PlayedNote note) implements JobEvent {}

    /** Several notes were heard, clean ones too; each takes the place of what was heard of the same note, played in the same way. */
    record NotesHeard(List<PlayedNote> notes) implements JobEvent {
        public NotesHeard {
            notes = List.copyOf(notes);
        }
    }

    /** A part was played through. */
    record PlayedThrough(PlayOff.Part part) implements JobEvent {}

    /**
     * What is heard is known to the player and accepted.
     *
     * @param by who accepted it
     * @param how why, or how they said so; may be empty
     */
    record HeardAccepted(String by, String how) implements JobEvent {}

    /**
     * The instrument waits for something.
     *
     * @param until when it is over, or thought to be; null where nobody knows
     * @param air in which it is over before; null for none
     * @param note in the technician's words; may be empty
     */
    record WaitBegun(
            WaitReason reason,
            @Nullable Instant until,
            @Nullable AirWanted air,
            String note) implements JobEvent {}

    /**
     * It is over, or not waited for any longer.
     *
     * @param begun the place of the entry that began it
     */
    record WaitEnded(long begun) implements JobEvent {}

    /**
     * When it can be fetched was promised; a later one takes the place of an earlier one.
     *
     * @param promise null when nothing is promised any more
     */
    record Promised(@Nullable Promise promise) implements JobEvent {}

    /** A station is left until the others are done. */
    record PutOff(Station station) implements JobEvent {}

    /** The way of reading nut or action was chosen. */
    record HeightHabitSet(HeightHabit habit) implements Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.with(habit);
        }
    }

    /** The order of work was chosen. */
    record OrderSet(WorkOrder order) implements Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.with(order);
        }
    }

    /** The work that was agreed on. */
    record ScopeSet(List<Station> stations) implements Choosing {
        public ScopeSet {
            stations = List.copyOf(stations);
        }

        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.scope(Set.copyOf(stations));
        }
    }

    /**
     * Work at one more station was agreed on afterwards.
     *
     * @param how by telephone, at the counter; may be empty
     */
    record AgreedToo(Station station, String how) implements Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            Set<Station> scope = new HashSet<>(before.scope());
            scope.add(station);
            return before.scope(scope);
        }
    }

    /**
     * The technician answered an advice.
     *
     * @param topic what it was about
     * @param done true when it was done, false when it shall not be done on this job
     */
    record Answered(Topic topic, boolean done) implements JobEvent {}

    /** The circumstances changed: strings or humidity. */
    record Moved(Move move) implements JobEvent {}

    /** Brought back to pitch. */
    record Retuned() implements JobEvent {
        @Override
        public boolean strains(InstrumentSpec spec) {
            return true;
        }
    }

    /** A note in the technician's words. */
    record NoteWritten(String text) implements JobEvent {}

    /** The way of reading relief was chosen. */
    record HabitSet(ReliefHabit habit) implements Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.with(habit);
        }
    }

    /** The job was closed: what is measured now is as left. */
    record Closed() implements JobEvent {}

    /** The job was opened again. */
    record Reopened() implements JobEvent {}

    /** An earlier event does not count. */
    record Undone(long event) implements JobEvent, LookingBack {}

    /** An undone event counts again. */
    record Redone(long event) implements JobEvent, LookingBack {}
}
