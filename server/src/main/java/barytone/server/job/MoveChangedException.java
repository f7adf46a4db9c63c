package barytone.server.job;

/** The next move was confirmed as it was shown, and is another one by now. */
final class MoveChangedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    MoveChangedException(String now) {
        super("The next move changed before this was pressed, so nothing was recorded. Now it is: " + now
                + (now.endsWith("?") ? "" : "."));
    }
}
