package barytone.server.job;

/** How a value stands against its band, as it is shown. */
public enum Stands {
    IN,
    HIGH,
    LOW,
    CANNOT_TELL,
    /** Moved, or moved along, since it was read, and not known closely enough any more. */
    STALE,
    UNREAD;

    /** By how far it is outside its band; minus below, 0 inside. */
    public static Stands by(double outside) {
        return outside == 0 ? IN : outside > 0 ? HIGH : LOW;
    }
}
