package barytone.server.job;

/** A value that is possible but odd; sent again with {@code sure} it is taken. */
class OddValueException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    OddValueException(String question) {
        super(question + " If it is right, enter it again.");
    }
}
