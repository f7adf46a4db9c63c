package barytone.server.job;

import barytone.core.quantity.NotAllowedException;
import barytone.server.db.StorageTrouble;

/** A job cannot be shown as it stands, or would not be with what was asked for. */
class CannotBeShownException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Whether it was refused, so that the job is as it was. */
    private final boolean refused;

    private CannotBeShownException(boolean refused, String message, RuntimeException cause) {
        super(message, cause);
        this.refused = refused;
    }

    /** What was asked for would have made the job unreadable. */
    static CannotBeShownException with(String what, RuntimeException cause) {
        unlessOfTheDisk(cause);
        return new CannotBeShownException(
                true,
                what + ": given something that this job could not be shown with (" + reason(cause)
                        + "). Nothing was saved; the job stands as before.",
                cause);
    }

    /** The same, where what was asked for is what makes it so. */
    CannotBeShownException refusing(String what) {
        return refused || !(getCause() instanceof RuntimeException cause) ? this : with(what, cause);
    }

    /** It is stored and cannot be shown. */
    static CannotBeShownException asItStands(RuntimeException cause) {
        unlessOfTheDisk(cause);
        return new CannotBeShownException(
                false,
                "Barytone met an error of its own: something in this job cannot be shown (" + reason(cause)
                        + "). Nothing of it is lost: undo an entry, or correct the instrument's facts.",
                cause);
    }

    /** A disk that does not answer says nothing about the job. */
    static void unlessOfTheDisk(RuntimeException cause) {
        if (StorageTrouble.in(cause) != null) throw cause;
    }

    /** Only what was written for people is told to them. */
    private static String reason(RuntimeException cause) {
        boolean told = cause instanceof NotAllowedException || cause instanceof UnreadableEntryException;
        return told && cause.getMessage() != null ? cause.getMessage() : "the log says more";
    }

    boolean refused() {
        return refused;
    }
}
