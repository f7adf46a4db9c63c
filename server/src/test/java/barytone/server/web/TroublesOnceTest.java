package barytone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class TroublesOnceTest {
    private Instant now = Instant.parse("2031-02-03T09:00:00Z");
    private final ListAppender<ILoggingEvent> written = new ListAppender<>();
    private Logger log;

    @BeforeEach
    void start() {
        LoggerContext loggers = new LoggerContext();
        loggers.addTurboFilter(new TroublesOnce(() -> now));
        log = loggers.getLogger("bench");
        log.addAppender(written);
        written.start();
    }

    private List<String> written() {
        return written.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
    }

    @Test
    void whatCannotBeReadIsToldOnceAnHourHoweverOftenItIsAskedFor() {
        for (int asked = 0; asked < 100; asked++) {
            log.error("Job {} cannot be shown", 8, new IllegalStateException("entry 3"));
            log.warn("An entry cannot be read", new IllegalStateException("entry 3"));
            now = now.plusSeconds(15);
        }
        assertThat(written()).containsExactly("Job 8 cannot be shown", "An entry cannot be read");
        now = now.plus(Duration.ofHours(1));
        log.error("Job {} cannot be shown", 8, new IllegalStateException("entry 3"));
        assertThat(written()).hasSize(3);
    }

    @Test
    void anotherTroubleIsToldBesideIt() {
        log.error("Job {} cannot be shown", 8, new IllegalStateException("entry 3"));
        log.error("Job {} cannot be shown", 9, new IllegalStateException("entry 3"));
        log.error("Job {} cannot be shown", 8, new IllegalStateException("entry 4"));
        log.error("Job {} cannot be looked at", 8, new IllegalStateException("entry 3"));
        log.error("Unforeseen error", new UncheckedIOException(new IOException("disk")));
        assertThat(written()).hasSize(5);
    }

    @Test
    void theSameWordsFromAnotherPlaceAreAnotherTrouble() {
        log.error("Unforeseen error", new IllegalStateException());
        log.error("Unforeseen error", new IllegalStateException());
        assertThat(written()).hasSize(2);
    }

    @Test
    void whatIsNoTroubleIsToldEachTime() {
        for (int i = 0; i < 3; i++) {
            log.warn("{} is full", "the disk");
            log.info("Came back from {}", "a trip", new IllegalStateException("on the way"));
        }
        assertThat(written()).hasSize(6);
    }
}
