package barytone.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Answers a request that never comes to a controller with {@code application/problem+json}. */
final class Problems {
    private static final JsonMapper JSON = new JsonMapper();

    private Problems() {}

    static void answer(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        if (response.isCommitted()) return;
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getOutputStream()
                .write(JSON.writeValueAsBytes(new Shown(status.getReasonPhrase(), status.value(), detail)));
    }

    private record Shown(String title, int status, String detail) {}
}
