package barytone.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.aot.AotDetector;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.core.SpringProperties;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a free port with its own database, and a client to talk to it. */
public final class RunningBarytone implements AutoCloseable {
    private static final JsonMapper JSON = new JsonMapper();

    private final ConfigurableApplicationContext context;
    private final String base;

    private RunningBarytone(ConfigurableApplicationContext context) {
        this.context = context;
        this.base = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public static RunningBarytone in(Path data, String... more) {
        return in(data, null, more);
    }

    /** With another clock. */
    public static RunningBarytone in(
            Path data, @Nullable ApplicationContextInitializer<GenericApplicationContext> clock, String... more) {
        return start(data, clock, List.of(), more);
    }

    /** With the demo as it was made in the morning, on the test's clock; on what it left in that folder, when it is started again there. */
    public static RunningBarytone demo(Path data, String... more) {
        MadeBefore.demo(data);
        List<String> args = new ArrayList<>(List.of(more));
        args.add("--barytone.demo=true");
        return in(data, TestClock.standing(), args.toArray(String[]::new));
    }

    /** With a database that has nothing yet, on the test's clock; on what it left in that folder, when it is started again there. */
    public static RunningBarytone shop(Path data, String... more) {
        MadeBefore.emptyShop(data);
        return in(data, TestClock.standing(), more);
    }

    /** With beans of a test's own. */
    public static RunningBarytone with(Class<?> beans, Path data, String... more) {
        return start(data, null, List.of(beans), more);
    }

    /** One after the other: how beans are found is a setting of the whole process. */
    private static synchronized RunningBarytone start(
            Path data,
            @Nullable ApplicationContextInitializer<GenericApplicationContext> clock,
            List<Class<?>> beans,
            String... more) {
        List<String> args = new ArrayList<>(List.of("--server.port=0", "--barytone.data=" + data));
        // only the test of the API document wants it described live
        if (List.of(more).stream().noneMatch(arg -> arg.startsWith("--springdoc.api-docs.enabled")))
            args.add("--springdoc.api-docs.enabled=false");
        args.addAll(List.of(more));
        // with the beans that were found at build time, as the launcher starts it; a test's own beans are not among
        // them
        SpringProperties.setProperty(AotDetector.AOT_ENABLED, String.valueOf(beans.isEmpty()));
        SpringApplication application = Barytone.application(beans.toArray(Class<?>[]::new));
        if (clock != null) application.addInitializers(clock);
        return new RunningBarytone(application.run(args.toArray(String[]::new)));
    }

    public String base() {
        return base;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** All that it is made of. */
    public Collection<Object> beans() {
        return context.getBeansOfType(Object.class).values();
    }

    /** Changes the database behind the application's back. */
    public void sql(Consumer<DSLContext> work) {
        bean(TransactionTemplate.class).executeWithoutResult(status -> work.accept(bean(DSLContext.class)));
    }

    public record Answer(int status, String type, String text) {
        public JsonNode json() {
            return JSON.readTree(text);
        }
    }

    public Answer get(String path) {
        return send("GET", path, null, null);
    }

    public Answer post(String path, String body) {
        return send("POST", path, "application/json", body.getBytes(StandardCharsets.UTF_8));
    }

    /** The place of a job's last entry, as a window asks for it: its page is not put together for that. */
    public long seq(long job) {
        return get("/api/jobs/" + job + "/seq").json().get("seq").asLong();
    }

    /** Writes a note on a job. */
    public Answer note(long job, String text) {
        long after = seq(job);
        return post(
                "/api/jobs/" + job + "/notes",
                "{\"after\":" + after + ",\"key\":\"" + UUID.randomUUID() + "\",\"text\":\"" + text + "\"}");
    }

    /** Fetches a file. */
    public byte[] bytes(String path) {
        try {
            return body(sent("GET", path, null, null));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends a sound file. */
    public Answer postSound(String path, byte[] wav) {
        return postFile(path, "audio/wav", wav);
    }

    /** Sends a file of some type. */
    public Answer postFile(String path, String type, byte[] file) {
        return send("POST", path, type, file);
    }

    public Answer put(String path, String body) {
        return send("PUT", path, "application/json", body.getBytes(StandardCharsets.UTF_8));
    }

    public Answer delete(String path) {
        return send("DELETE", path, null, null);
    }

    private Answer send(String method, String path, @Nullable String type, byte @Nullable [] body) {
        try {
            HttpURLConnection answered = sent(method, path, type, body);
            String told = answered.getContentType();
            return new Answer(
                    answered.getResponseCode(),
                    told == null ? "" : told,
                    new String(body(answered), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The plain client of the library: the newer one takes twice the work of the processor, with threads that wait for each other. */
    private HttpURLConnection sent(String method, String path, @Nullable String type, byte @Nullable [] body)
            throws IOException {
        HttpURLConnection connection =
                (HttpURLConnection) URI.create(base + path).toURL().openConnection();
        connection.setRequestMethod(method);
        connection.setInstanceFollowRedirects(false);
        connection.setRequestProperty("Accept", "*/*");
        if (type != null) connection.setRequestProperty("Content-Type", type);
        if (body != null) {
            connection.setDoOutput(true);
            connection.setFixedLengthStreamingMode(body.length);
            connection.getOutputStream().write(body);
        }
        return connection;
    }

    private static byte[] body(HttpURLConnection answered) throws IOException {
        try (InputStream in =
                answered.getResponseCode() < 400 ? answered.getInputStream() : answered.getErrorStream()) {
            return in == null ? new byte[0] : in.readAllBytes();
        }
    }

    @Override
    public void close() {
        context.close();
    }
}
