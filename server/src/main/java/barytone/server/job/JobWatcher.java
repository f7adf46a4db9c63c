package barytone.server.job;

import barytone.core.quantity.Units;

/** Is told what became of a job, in the transaction that goes on: where it fails, nothing of it happened. */
public interface JobWatcher {
    /**
     * A job was closed just now.
     *
     * @param units in which it was looked at
     */
    default void closed(long job, Units units) {}

    /** A closed job was opened again just now. */
    default void reopened(long job) {}
}
