package barytone.core.worktime;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.station.Room;
import barytone.core.station.Stations;
import org.jspecify.annotations.Nullable;

/**
 * A kind of work of which the minutes are counted.
 *
 * @param station where it is done; null for what belongs to none
 */
public record Task(Kind kind, @Nullable Station station) {
    /** What is done. */
    public enum Kind {
        /** One string, one note, one gap. */
        READING("a reading"),
        /** One screw, one slot, one turn: all that is ticked off at once. */
        MOVE("a move"),
        /** The strings brought to pitch once. */
        RETUNE("retuning"),
        /** Strings off, cleaned, on again. */
        ROUND("strings off or on"),
        /** Looked over, spoken about, written down. */
        TALK("looking over and writing down"),
        /** Closed, carded, handed over. */
        HAND_OVER("handing over");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** What it is called. */
        public String label() {
            return label;
        }
    }

    /** Work that belongs to no station. */
    public static Task of(Kind kind) {
        return new Task(kind, null);
    }

    /** The work that an entry ends, on an instrument. */
    public static Task of(JobEvent event, InstrumentSpec spec) {
        return switch (event) {
            case JobEvent.ReadingTaken e -> new Task(Kind.READING, Station.of(e.method()));
            case JobEvent.Retuned ignored -> of(Kind.RETUNE);
            case JobEvent.Tended ignored -> of(Kind.ROUND);
            case JobEvent.StringsChanged ignored -> of(Kind.ROUND);
            case JobEvent.PartTaken ignored -> of(Kind.ROUND);
            case JobEvent.PartBack ignored -> of(Kind.ROUND);
            case JobEvent.HandOverWritten ignored -> of(Kind.HAND_OVER);
            case JobEvent.NotesHeard ignored -> of(Kind.HAND_OVER);
            case JobEvent.PlayedThrough ignored -> of(Kind.HAND_OVER);
            case JobEvent.Closed ignored -> of(Kind.HAND_OVER);
            default -> atStation(event, spec);
        };
    }

    private static Task atStation(JobEvent event, InstrumentSpec spec) {
        boolean moves = event instanceof Adjustment || !event.slackens(spec).isEmpty();
        for (Room room : Stations.ALL)
            if (room.events().isInstance(event)) return new Task(moves ? Kind.MOVE : Kind.READING, room.station());
        return of(Kind.TALK);
    }
}
