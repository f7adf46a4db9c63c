package barytone.server.job;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Whose hands work at the window that a request comes from: a shop where several work counts their times apart. */
final class Hands {
    /** How a window says so. */
    static final String HEADER = "Barytone-Hands";

    private static final int LONGEST = 60;

    private Hands() {}

    /** Of the request that is answered now; null where nobody said. */
    static @Nullable String now() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes http)) return null;
        String said = http.getRequest().getHeader(HEADER);
        if (said == null || said.isBlank()) return null;
        // a header holds no letters but the plainest: a name comes as in an address
        String name = URLDecoder.decode(said, StandardCharsets.UTF_8).strip();
        return name.length() > LONGEST ? name.substring(0, LONGEST) : name;
    }
}
