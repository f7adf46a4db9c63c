package barytone.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The application. Needs {@code barytone.data}, the folder that holds its database. */
@SpringBootApplication
public class Barytone {
    public static void main(String[] args) throws IOException {
        if (args.length > 0 && args[0].equals("prove")) {
            System.exit(Prove.run(Arrays.copyOfRange(args, 1, args.length), System.out, System.err));
        }
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
        if (System.getProperty("barytone.data") == null) System.setProperty("barytone.data", "data");
        Files.createDirectories(Path.of(System.getProperty("barytone.data")));
        SpringApplication.run(Barytone.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
