package barytone.server.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where the page is once it can be opened, and writes the port to a file for scripts that ask for it. */
@Component
class Ready implements ApplicationListener<ApplicationReadyEvent> {
    private final Environment environment;
    private final String portFile;

    Ready(Environment environment, @Value("${barytone.port-file:}") String portFile) {
        this.environment = environment;
        this.portFile = portFile;
    }

    @Override
    @SuppressWarnings("SystemOut") // this line is for the person at the terminal
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        String port = environment.getProperty("local.server.port", "");
        try {
            if (!portFile.isEmpty()) Files.writeString(Path.of(portFile), port);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        System.out.println("Barytone is ready: http://127.0.0.1:" + port + "/   (Ctrl-C stops it)");
    }
}
