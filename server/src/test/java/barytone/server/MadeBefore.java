package barytone.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/** The demo as it is every morning, and a shop that has nothing yet: made once for all tests, each of which works on a copy. */
public final class MadeBefore {
    /** When they are made; a test's own clock may be later. */
    public static final Instant MORNING = Instant.parse("2031-02-03T09:00:00Z");

    private static final Map<List<String>, Path> MADE = new HashMap<>();

    private MadeBefore() {}

    /** Copies the demo, unless there is a database already. */
    static void demo(Path data) {
        into(data, "--barytone.demo=true");
    }

    /** Copies the empty shop, unless there is a database already. */
    static void emptyShop(Path data) {
        into(data);
    }

    private static void into(Path data, String... how) {
        if (Files.exists(data.resolve("barytone.db"))) return;
        try (Stream<Path> files = Files.list(made(how))) {
            Files.createDirectories(data);
            for (Path file : files.filter(Files::isRegularFile).toList())
                Files.copy(file, data.resolve(file.getFileName().toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized Path made(String... how) throws IOException {
        Path before = MADE.get(List.of(how));
        if (before != null) return before;
        Path folder = Files.createTempDirectory("barytone");
        Instant now = TestClock.now();
        TestClock.set(MORNING);
        try {
            RunningBarytone.in(folder, TestClock.standing(), how).close();
        } finally {
            TestClock.set(now);
        }
        Runtime.getRuntime().addShutdownHook(new Thread(() -> FileSystemUtils.deleteRecursively(folder.toFile())));
        MADE.put(List.of(how), folder);
        return folder;
    }
}
