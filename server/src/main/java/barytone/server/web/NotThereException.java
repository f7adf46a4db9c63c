package barytone.server.web;

/** What an address names is not there. */
public class NotThereException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param what as in “There is no string set number 7” */
    public NotThereException(String what, long number) {
        super("There is no " + what + " number " + number + ".");
    }
}
