package barytone.server.job;

/** A key names one request; here it came with another one. */
class KeyUsedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    KeyUsedException() {
        super(
                "key: given the key of an earlier entry with other contents; allowed is a new one for each entry. Nothing was saved.");
    }
}
