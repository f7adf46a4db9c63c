package barytone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.MadeBefore;
import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Other pages in the same browser, and whoever sends what is too long or not well formed, byte by byte. */
class OtherPagesTest {
    private static RunningBarytone app;
    private static int port;

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(MadeBefore.MORNING);
        app = RunningBarytone.demo(data, "--barytone.hosts=bench.local");
        port = URI.create(app.base()).getPort();
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    /** Sends a request as it is written and returns the whole answer. */
    private static String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String request(String method, String path, String host, String headers, String body) {
        return method + " " + path + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n"
                + headers.replace("PORT", String.valueOf(port)).replace(";;", "\r\n")
                + (headers.isEmpty() ? "" : "\r\n")
                + (body.isEmpty() ? "" : "Content-Length: " + body.length() + "\r\n") + "\r\n" + body;
    }

    private static int status(String answer) {
        return Integer.parseInt(answer.substring(9, 12));
    }

    private static String own() {
        return "127.0.0.1:" + port;
    }

    @ParameterizedTest
    @CsvSource({
        "localhost,200",
        "127.0.0.1,200",
        "[::1],200",
        "bench.local,200",
        "elsewhere.example,421",
        "10.0.0.7,421"
    })
    void onlyThisComputersNamesAreAnswered(String host, int expected) throws IOException {
        String answer = raw(request("GET", "/api/kinds", host + ":" + port, "", ""));
        assertThat(status(answer)).as(answer).isEqualTo(expected);
        if (expected != 200)
            assertThat(answer).contains("application/problem+json").contains("barytone.hosts");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Origin: http://elsewhere.example",
                "Origin: null",
                "Origin: http://127.0.0.1:1",
                "Sec-Fetch-Site: cross-site",
                "Sec-Fetch-Site: same-site"
            })
    void anotherPageNeitherWritesNorListens(String header) throws IOException {
        String note = "{\"after\":0,\"key\":\"k\",\"text\":\"from elsewhere\"}";
        String json = header + ";;Content-Type: application/json";
        for (String answer : new String[] {
            raw(request("POST", "/api/jobs/1/notes", own(), json, note)),
            raw(request("GET", "/api/jobs/1/seq", own(), header, "")),
            raw(request(
                    "POST",
                    "/api/jobs/1/hear?after=0&key=k&string=1",
                    own(),
                    header + ";;Content-Type: audio/wav",
                    "x")),
        }) {
            assertThat(status(answer)).as(answer).isEqualTo(403);
            assertThat(answer).contains("application/problem+json").contains("another page");
        }
    }

    @Test
    void itsOwnPageAndScriptsAreAnswered() throws IOException {
        for (String headers : new String[] {
            "Content-Type: application/json;;Origin: http://127.0.0.1:PORT;;Sec-Fetch-Site: same-origin",
            "Content-Type: application/json",
        })
            assertThat(status(raw(request("POST", "/api/scratch/length", own(), headers, "{\"text\":\"1in\"}"))))
                    .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/api/jobs/1/hear?after=0&key=k&string=1", "/api/listen?tuning=E+A+D+G+B+E", "/api/scratch/pitch"
            })
    void onlySoundIsHeard(String route) throws IOException {
        String answer = raw(request("POST", route, own(), "Content-Type: text/plain", "RIFF"));
        assertThat(status(answer)).as(answer).isEqualTo(415);
        assertThat(answer).contains("allowed is audio/wav");
    }

    @Test
    void thePageMayDoNoMoreThanItNeeds() throws IOException {
        String page = raw(request("GET", "/", own(), "", ""));
        assertThat(page)
                .contains("Content-Security-Policy: default-src 'self'")
                .contains("frame-ancestors 'none'")
                .contains("X-Content-Type-Options: nosniff")
                .contains("Referrer-Policy: no-referrer")
                .contains("microphone=(self)");
    }

    @Test
    void whatIsTooLongIsRefusedWhetherItsLengthIsToldOrNot() throws IOException {
        String long300 = "{\"text\":\"" + "1".repeat(300_000) + "\"}";
        String json = "Content-Type: application/json";
        String told = raw(request("POST", "/api/scratch/length", own(), json, long300));
        assertThat(status(told)).as(told).isEqualTo(413);
        StringBuilder chunks = new StringBuilder();
        for (int i = 0; i < long300.length(); i += 10_000) {
            String chunk = long300.substring(i, Math.min(i + 10_000, long300.length()));
            chunks.append(Integer.toHexString(chunk.length()))
                    .append("\r\n")
                    .append(chunk)
                    .append("\r\n");
        }
        String untold = raw("POST /api/scratch/length HTTP/1.1\r\nHost: " + own() + "\r\nConnection: close\r\n" + json
                + "\r\nTransfer-Encoding: chunked\r\n\r\n" + chunks + "0\r\n\r\n");
        assertThat(status(untold)).as(untold).isEqualTo(413);
        assertThat(untold).contains("application/problem+json").contains("allowed is 262144");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/api/jobs/%zz", "/api/jobs/1/../%00", "/api/jobs/1?unit={", "/api/jobs/99999999999999999999"})
    void anAddressThatIsNoneIsToldSo(String path) throws IOException {
        String answer = raw(request("GET", path, own(), "", ""));
        assertThat(status(answer)).as(answer).isEqualTo(400);
        assertThat(answer).contains("application/problem+json").doesNotContain("<html");
    }
}
