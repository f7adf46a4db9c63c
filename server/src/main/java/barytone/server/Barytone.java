package barytone.server;

import barytone.server.db.DataTroubleException;
import barytone.server.db.DatabaseConfig;
import barytone.server.web.TroublesOnce;
import java.time.Clock;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.annotation.Bean;

/** The application. Needs {@code barytone.data}, the folder that holds its database. */
@SpringBootApplication
public class Barytone {
    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals("prove")) {
            System.exit(Prove.run(Arrays.copyOfRange(args, 1, args.length), System.out, System.err));
        }
        if (args.length > 0 && Maintain.knows(args[0])) System.exit(Maintain.run(args, System.out, System.err));
        try {
            application().run(args);
        } catch (DataTroubleException e) {
            System.exit(1);
        }
    }

    /** What starts it, on the data folder that its arguments name. */
    static SpringApplication application(Class<?>... more) {
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
        return new SpringApplicationBuilder(Barytone.class)
                .main(Barytone.class)
                .sources(more)
                .initializers(new TroublesOnce.Listening(), new DatabaseConfig.Opening())
                .build();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
