package barytone.server.db;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import org.jooq.impl.AbstractConverter;

/** Instants as fixed-width UTC text to the millisecond, so that text order is time order. */
public final class InstantConverter extends AbstractConverter<String, Instant> {
    private static final long serialVersionUID = 1L;
    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    public InstantConverter() {
        super(String.class, Instant.class);
    }

    @Override
    @SuppressWarnings("NullAway") // jOOQ's contract: null converts to null
    public Instant from(String text) {
        return text == null ? null : Instant.parse(text);
    }

    @Override
    @SuppressWarnings("NullAway") // jOOQ's contract: null converts to null
    public String to(Instant instant) {
        return instant == null ? null : FORMAT.format(instant);
    }
}
