package barytone.server.web;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.turbo.TurboFilter;
import ch.qos.logback.core.spi.FilterReply;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.ILoggerFactory;
import org.slf4j.LoggerFactory;
import org.slf4j.Marker;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Writes a trouble into the log once an hour. Windows ask for the bench every few seconds, and one job that cannot be read would fill the disk with the same hundred lines.
 */
public final class TroublesOnce extends TurboFilter {
    private static final long AGAIN_MILLIS = Duration.ofHours(1).toMillis();

    private static final int MOST = 500;

    private final InstantSource clock;

    private final Map<String, Long> written = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
            return size() > MOST;
        }
    };

    TroublesOnce(InstantSource clock) {
        this.clock = clock;
    }

    /** Puts it into the log of an application that starts. */
    public static final class Listening implements ApplicationContextInitializer<ConfigurableApplicationContext> {
        @Override
        public void initialize(ConfigurableApplicationContext application) {
            ILoggerFactory loggers = LoggerFactory.getILoggerFactory();
            if (loggers instanceof LoggerContext log
                    && log.getTurboFilterList().stream().noneMatch(TroublesOnce.class::isInstance))
                log.addTurboFilter(new TroublesOnce(InstantSource.system()));
        }
    }

    @Override
    public FilterReply decide(
            @Nullable Marker marker,
            Logger logger,
            Level level,
            @Nullable String format,
            Object @Nullable [] about,
            @Nullable Throwable trouble) {
        Throwable told = trouble == null
                        && about != null
                        && about.length > 0
                        && about[about.length - 1] instanceof Throwable last
                ? last
                : trouble;
        if (told == null || !level.isGreaterOrEqual(Level.WARN)) return FilterReply.NEUTRAL;
        return anew(logger.getName() + '\n' + format + '\n' + Arrays.toString(about) + '\n' + told + '\n' + place(told))
                ? FilterReply.NEUTRAL
                : FilterReply.DENY;
    }

    /** Where it came from: the same words from elsewhere are another trouble. */
    private static String place(Throwable told) {
        StackTraceElement[] trace = told.getStackTrace();
        return trace.length == 0 ? "" : trace[0].toString();
    }

    private synchronized boolean anew(String trouble) {
        long now = clock.millis();
        Long last = written.get(trouble);
        if (last != null && now - last < AGAIN_MILLIS) return false;
        written.remove(trouble);
        written.put(trouble, now);
        return true;
    }
}
