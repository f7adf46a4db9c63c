package barytone.server.job;

import org.jspecify.annotations.Nullable;

/**
 * What the page sends to add to a job. Every request carries the place of the last event it had seen ({@code after}), so
 * that windows cannot overwrite each other, and a key, so that a request sent twice is kept once.
 */
final class JobRequests {
    private JobRequests() {}

    interface Stamped {
        long after();

        String key();
    }

    /** Nothing but the event itself. */
    record Plain(long after, String key) implements Stamped {}

    /** About an earlier event. */
    record About(long after, String key, long event) implements Stamped {}

    /** Undo; without an event the newest that counts. */
    record Undo(long after, String key, @Nullable Long event) implements Stamped {}

    /**
     * A relief reading, typed or tapped on the leaves.
     *
     * @param text typed length or bracket; null when tapped
     * @param sure the odd value was asked about already
     */
    record Reading(
            long after,
            String key,
            int string,
            @Nullable String text,
            @Nullable Leaves leaves,
            @Nullable Boolean sure) implements Stamped {}

    /** What leaves did, in mm: the largest that went free, the one that just touched, the smallest that lifted the string. */
    record Leaves(
            @Nullable Double free,
            @Nullable Double touches,
            @Nullable Double lifts) {}

    /**
     * A turn of the rod.
     *
     * @param sixteenths net, positive tightens (straightens)
     * @param finishTightening went past and came back tightening
     * @param free turned without biting
     */
    record RodTurn(long after, String key, int sixteenths, boolean finishTightening, boolean free) implements Stamped {}

    /** Which way the rod straightens. */
    record RodDirection(long after, String key, boolean straightensAnticlockwise) implements Stamped {}

    /** Free text. */
    record Note(long after, String key, String text) implements Stamped {}

    /**
     * The wanted relief: a school, or bands as typed lengths in the current habit.
     *
     * @param school name of a school; null when the bands are given
     */
    record Target(
            long after,
            String key,
            @Nullable String school,
            @Nullable String bassLow,
            @Nullable String bassHigh,
            @Nullable String trebleLow,
            @Nullable String trebleHigh)
            implements Stamped {}

    /** The way of reading relief. */
    record Habit(
            long after, String key, int heldLow, int heldHigh, int gaugeFret, String tool, boolean flat, boolean board)
            implements Stamped {}

    /** The way of turning the rod. */
    record Ways(
            long after,
            String key,
            int stepSixteenths,
            boolean finishTightening,
            int settleMinutes,
            int limitSixteenths)
            implements Stamped {}
}
