package barytone.server.job;

/** An entry is stored that this version cannot read. */
class UnreadableEntryException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnreadableEntryException(long seq, String kind) {
        super("entry " + seq + " of kind " + kind + " cannot be read");
    }
}
