package barytone.server.job;

/** Another window added to the job since the asker last looked; nothing was saved. */
class ChangedMeanwhileException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ChangedMeanwhileException(String message) {
        super(message);
    }

    ChangedMeanwhileException(long added) {
        super(
                added > 0
                        ? "Another window added " + (added == 1 ? "one entry" : added + " entries")
                                + " to this job meanwhile. Nothing was overwritten and yours is not saved yet: look at the tape, then enter it again."
                        : "This window is ahead of the stored job. Load the page again.");
    }
}
