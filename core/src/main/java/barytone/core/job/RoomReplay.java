package barytone.core.job;

import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupModel;
import barytone.core.reading.Evidence;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What one station makes of the log while it is replayed: it hears every entry in order and keeps what is its own. */
public interface RoomReplay {
    /** Whether an entry fits the instrument, which may have been corrected since. */
    default boolean fits(JobEvent event) {
        return true;
    }

    /** Whether the instrument has what is worked on here. */
    default boolean present() {
        return true;
    }

    /** What the unknowns start from, where something said later about an earlier entry is known from the start. */
    default SetupModel startsFrom(SetupModel usual) {
        return usual;
    }

    /** An entry of the log, its own or another's, before what it moves is reckoned. */
    void play(LoggedEvent logged, Progress job);

    /** Its heights were moved, and nobody knows by how much. */
    default void uncounted(List<Integer> strings, Progress job) {}

    /** What is not known of these strings any more where no gap was found, or something was moved without counting. */
    default Optional<Move> unknown(List<Integer> strings) {
        return Optional.empty();
    }

    /** A gap was read and is believed, before the estimate learns of it. */
    default void believed(TakenReading taken, boolean blind, Progress job) {}

    /** The place of the move that seems not to have been made, for a reading says that nothing came of it; null where none does. */
    default @Nullable Long notMade(JobEvent.ReadingTaken read, Evidence evidence, Normal expected, Progress job) {
        return null;
    }

    /** Whether what is read at a moment is read too early after a move. */
    default boolean early(Instant at) {
        return false;
    }

    /** What it makes of all that it heard; found again by its class. */
    Object state(Setups setups);
}
