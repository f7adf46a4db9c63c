package barytone.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps other pages out. A page from anywhere can make a browser on this computer send requests here: a name that is not this computer's is refused (an
 * outside name may be pointed at it), and so is whatever a browser says that another page asked for. Scripts say neither and are let in.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Guard extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "::1");

    /** What the page may do: its own scripts, styles, pictures and sounds, the microphone, and no frame around it. */
    private static final String CONTENT =
            "default-src 'self'; img-src 'self' data:; media-src 'self' blob:; object-src 'none'; "
                    + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private final Set<String> hosts = new HashSet<>(LOOPBACK);

    /**
     * @param more names under which it is reached besides those of this computer itself
     */
    Guard(@Value("${barytone.hosts:}") List<String> more) {
        more.forEach(host -> hosts.add(host.strip().toLowerCase(Locale.ROOT)));
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return true;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", CONTENT);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader(
                "Permissions-Policy", "microphone=(self), camera=(), geolocation=(), display-capture=(), usb=()");
        if (!hosts.contains(name(request.getServerName()))) {
            Problems.answer(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "Host: given " + request.getServerName()
                            + "; allowed are this computer's own names and those in barytone.hosts.");
            return;
        }
        String asker = anotherPage(request);
        if (asker != null) {
            Problems.answer(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Asked for by another page (" + asker + "); only Barytone's own is answered.");
            return;
        }
        if (listens(request) && !hasSound(request)) {
            Problems.answer(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Content-Type: given " + request.getContentType() + "; allowed is audio/wav.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static String name(String host) {
        String lower = host.toLowerCase(Locale.ROOT);
        return lower.startsWith("[") && lower.endsWith("]") ? lower.substring(1, lower.length() - 1) : lower;
    }

    /** What says that another page asked for this; null when nothing does. */
    private static @Nullable String anotherPage(HttpServletRequest request) {
        if (!request.getRequestURI().startsWith("/api/")) return null;
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) return "Sec-Fetch-Site: " + site;
        String origin = request.getHeader("Origin");
        return origin == null || own(origin, request) ? null : "Origin: " + origin;
    }

    private static boolean own(String origin, HttpServletRequest request) {
        try {
            URI page = new URI(origin);
            if (page.getHost() == null) return false;
            int port = page.getPort() >= 0 ? page.getPort() : page.getScheme().equals("https") ? 443 : 80;
            return name(page.getHost()).equals(name(request.getServerName())) && port == request.getServerPort();
        } catch (URISyntaxException notAnOrigin) {
            return false;
        }
    }

    /** Whether a request hands over sound. */
    static boolean listens(HttpServletRequest request) {
        String path = request.getRequestURI();
        return request.getMethod().equals("POST")
                && (path.endsWith("/hear")
                        || path.equals("/api/listen")
                        || path.equals("/api/scratch/pitch")
                        || path.equals("/api/scratch/note"));
    }

    /** Whether a request hands over a photo. */
    static boolean shows(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().endsWith("/photos");
    }

    /** Whether a request brings in a shop, or a part of one. */
    static boolean brings(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().equals("/api/exchange");
    }

    private static boolean hasSound(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.toLowerCase(Locale.ROOT).startsWith("audio/");
    }
}
