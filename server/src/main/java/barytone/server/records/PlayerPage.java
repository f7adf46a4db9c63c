package barytone.server.records;

import barytone.core.instrument.Touch;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A player with what they brought, as their page draws it.
 *
 * @param version sent back with the next change
 * @param contact how they are reached, in the shop's words
 * @param archivedAt since when they are no longer shown in lists; null when they are
 * @param forgottenAt when name and contact were removed on request; null while they are kept
 * @param instruments what they brought, the latest first
 * @param jobs the newest of their jobs
 * @param count how many jobs there are
 * @param favourites what is kept for them: schools, own bands, an order of work
 * @param same players who were found to be this one
 */
record PlayerPage(
        long id,
        long version,
        String name,
        Touch touch,
        String contact,
        String notes,
        @Nullable Instant archivedAt,
        @Nullable Instant forgottenAt,
        List<OwnView> instruments,
        List<WorkView> jobs,
        int count,
        List<String> favourites,
        List<InstrumentPage.SameView> same) {

    /** An instrument that they brought. */
    record OwnView(long id, String name, String kindLabel) {}

    /** A job of theirs. */
    record WorkView(long id, long ticket, String instrument, String complaint, Instant openedAt, boolean closed) {}
}
