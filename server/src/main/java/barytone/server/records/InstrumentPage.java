package barytone.server.records;

import barytone.server.instruments.InstrumentView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An instrument with its history, as its page draws it. Numbers that are shown are texts in the unit asked for; those for drawing are in mm, cents, turns or %.
 *
 * @param kindLabel what kind it is
 * @param about what is known of it besides its facts
 * @param players whose it was, the latest first
 * @param visits its jobs, newest first
 * @param series its figures over time, in the order of work
 * @param air the air of the shop over the time of its visits
 * @param changes what changed since last time, and the likely reason
 * @param forecasts how it follows the air, and what that means for the coming season; empty until enough is known
 * @param versions its facts as they were stated, newest first, each with what it changed
 * @param favourites what is kept for it: schools, own bands, an order of work
 * @param same instruments that were found to be this one
 * @param onBench the open job on it; null when there is none
 */
record InstrumentPage(
        long id,
        String unit,
        Instant now,
        InstrumentView facts,
        String kindLabel,
        AboutView about,
        List<PersonView> players,
        List<VisitView> visits,
        List<SeriesView> series,
        List<AirPointView> air,
        List<String> changes,
        List<String> forecasts,
        List<VersionView> versions,
        List<String> favourites,
        List<SameView> same,
        @Nullable Long onBench) {

    /**
     * What is known of it besides its facts.
     *
     * @param version sent back with the next change
     */
    record AboutView(
            long version,
            String make,
            String notes,
            String doNotTouch,
            @Nullable Instant archivedAt) {}

    /** A player, by number and name. */
    record PersonView(long id, String name) {}

    /** An instrument that is told here. */
    record SameView(long id, String name) {}

    /**
     * A job on it.
     *
     * @param leftAt when it was closed; when anything was last done while it is open
     * @param broken whether it cannot be shown
     * @param air the humidity, when it came and when it left; null when it was not read
     * @param offers what was offered and not taken
     * @param condition what was seen on it when it came
     */
    record VisitView(
            long job,
            long ticket,
            Instant at,
            Instant leftAt,
            boolean closed,
            boolean broken,
            String player,
            String complaint,
            String strings,
            String tuning,
            @Nullable String air,
            List<String> offers,
            List<String> condition,
            List<FigureView> figures) {}

    /** A figure of a visit, as found and as left; null where it was not read. */
    record FigureView(
            String code, @Nullable String found, @Nullable String left) {}

    /**
     * A figure over time.
     *
     * @param suffix its unit
     * @param method how it is read
     * @param low lower end of the band that was wanted last; null when none was
     * @param forecast in the coming season; null while it is not known
     */
    record SeriesView(
            String code,
            String label,
            String suffix,
            String method,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable String bandText,
            List<PointView> points,
            @Nullable ForecastView forecast) {}

    /**
     * A value of it.
     *
     * @param left whether it is as left; otherwise as found
     * @param read whether it stands as it was read; otherwise it is reckoned
     */
    record PointView(long job, Instant at, boolean left, double value, double sd, boolean read, String text) {}

    /** The air as it was read, relative humidity in %. */
    record AirPointView(Instant at, double humidity, String text) {}

    /** What is expected of it, from low to high. */
    record ForecastView(Instant at, double value, double low, double high, String text) {}

    /** The facts as they were stated at a time. */
    record VersionView(Instant at, List<String> changes) {}
}
