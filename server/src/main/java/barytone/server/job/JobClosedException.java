package barytone.server.job;

/** A closed job takes no more readings or moves. */
class JobClosedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    JobClosedException() {
        super("This job is closed. Reopen it to go on.");
    }
}
