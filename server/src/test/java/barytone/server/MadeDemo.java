package barytone.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.util.FileSystemUtils;

/** The demo as it is every morning: made once for all tests, each of which works on a copy. */
public final class MadeDemo {
    /** When it is made; a test's own clock may be later. */
    public static final Instant MORNING = Instant.parse("2031-02-03T09:00:00Z");

    private static @Nullable Path made;

    private MadeDemo() {}

    /** Copies it, unless there is a database already. */
    static void into(Path data) {
        if (Files.exists(data.resolve("barytone.db"))) return;
        try (Stream<Path> files = Files.list(made())) {
            Files.createDirectories(data);
            for (Path file : files.filter(Files::isRegularFile).toList())
                Files.copy(file, data.resolve(file.getFileName().toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized Path made() throws IOException {
        if (made != null) return made;
        Path folder = Files.createTempDirectory("demo");
        Instant now = TestClock.now();
        TestClock.set(MORNING);
        try {
            RunningBarytone.in(folder, TestClock.standing(), "--barytone.demo=true")
                    .close();
        } finally {
            TestClock.set(now);
        }
        Runtime.getRuntime().addShutdownHook(new Thread(() -> FileSystemUtils.deleteRecursively(folder.toFile())));
        made = folder;
        return folder;
    }
}
