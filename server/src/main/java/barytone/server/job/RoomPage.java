package barytone.server.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a station shows on the page of a job. */
public interface RoomPage {
    /** What it adds to the page, by the names that its door gives. */
    Map<String, Object> parts();

    /** The line under the station's name: how it stands there. */
    String note();

    /** Whether everything stands as it shall. */
    boolean good();

    /** As found and as left; empty when nothing of it belongs on record. */
    List<JobView.ClosingRow> closing();

    /** The same for the card: a value for each string or side. */
    List<HandedOver.Line> onCard();

    /** How it was read, for whoever reads the record; empty when that needs no words. */
    default Optional<String> asRead() {
        return Optional.empty();
    }

    /** What else goes on record of the work. */
    default List<String> worked() {
        return List.of();
    }

    /** Until when the job waits by itself; null when it does not. */
    default @Nullable Instant waitsUntil(Instant now) {
        return null;
    }
}
