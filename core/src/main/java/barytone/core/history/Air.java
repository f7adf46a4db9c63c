package barytone.core.history;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The humidity that wood has taken up: it follows the air with a lag (model of wood in changing air: an exponential average of what was read).
 *
 * @param readings of relative humidity, in any order
 */
public record Air(List<Reading> readings) {
    /** Half of a change of the air is in the wood after about a week. */
    private static final Duration LAG = Duration.ofDays(10);

    /** What was read so long before tells nothing of the air since. */
    private static final Duration OLD = Duration.ofDays(60);

    /**
     * One reading of the air.
     *
     * @param humidity relative, %
     * @param room whether it is the air of the room; otherwise that of the case or the body
     */
    public record Reading(Instant at, double humidity, boolean room) {}

    public Air {
        readings = readings.stream().sorted(Comparator.comparing(Reading::at)).toList();
    }

    /** What the wood has taken up at a moment, %; empty when nobody read the air in the weeks before. */
    public Optional<Double> taken(Instant at) {
        double sum = 0;
        double weights = 0;
        for (Reading reading : readings) {
            Duration age = Duration.between(reading.at(), at);
            if (age.isNegative() || age.compareTo(OLD) > 0) continue;
            double weight = Math.exp(-(double) age.toMinutes() / LAG.toMinutes());
            sum += weight * reading.humidity();
            weights += weight;
        }
        return weights == 0 ? Optional.empty() : Optional.of(sum / weights);
    }

    /** The humidity that was usual in the room in a month of the year, %; empty when it was not read often enough. */
    public Optional<Month> usual(int month, ZoneId zone) {
        double[] of = readings.stream()
                .filter(r -> r.room() && r.at().atZone(zone).getMonthValue() == month)
                .mapToDouble(Reading::humidity)
                .toArray();
        if (of.length < 2) return Optional.empty();
        double mean = Arrays.stream(of).average().orElseThrow();
        double squares = Arrays.stream(of).map(x -> (x - mean) * (x - mean)).sum();
        return Optional.of(new Month(mean, Math.max(LEAST_SPREAD, Math.sqrt(squares / (of.length - 1)))));
    }

    /** No month is like the same month of another year to less than this, % RH. */
    private static final double LEAST_SPREAD = 3;

    /** What is usual in a month, with its spread (1 sd), % RH. */
    public record Month(double humidity, double sd) {}
}
