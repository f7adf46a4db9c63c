package barytone.server.db;

/** Barytone cannot work on a data folder as it is. The message is one sentence or two for the person at the terminal; nothing was changed. */
public class DataTroubleException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public DataTroubleException(String message) {
        super(message);
    }

    DataTroubleException(String message, Throwable cause) {
        super(message, cause);
    }
}
