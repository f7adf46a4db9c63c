package barytone.server.web;

/** Another window changed the same since the asker last looked; nothing was saved. */
public class ChangedMeanwhileException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param message what was changed, that nothing was overwritten, and what to do */
    public ChangedMeanwhileException(String message) {
        super(message);
    }
}
