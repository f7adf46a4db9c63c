package barytone.core.history;

import barytone.core.job.Figure;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is kept of one job on an instrument.
 *
 * @param at when it was opened
 * @param leftAt when it was closed; when its last entry was made while it is open
 * @param tension of all strings together, N
 * @param strings the set as it is typed
 * @param restrung whether strings were put on new in it
 * @param humidityFound relative humidity when it came, %; null when it was not read
 * @param humidityLeft the same when it left
 */
public record Visit(
        long job,
        Instant at,
        Instant leftAt,
        List<Figure> figures,
        double tension,
        String strings,
        String tuning,
        boolean restrung,
        @Nullable Double humidityFound,
        @Nullable Double humidityLeft) {
    public Visit {
        figures = List.copyOf(figures);
    }

    /** A figure by its code. */
    public Optional<Figure> figure(String code) {
        return figures.stream().filter(f -> f.code().equals(code)).findFirst();
    }
}
