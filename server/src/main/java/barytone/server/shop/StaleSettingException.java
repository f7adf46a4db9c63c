package barytone.server.shop;

/** Another window changed the same settings meanwhile. */
final class StaleSettingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    StaleSettingException() {
        super(
                "Another window changed these settings meanwhile. Nothing was overwritten: look at them again, then change them.");
    }
}
