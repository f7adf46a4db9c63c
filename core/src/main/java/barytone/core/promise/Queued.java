package barytone.core.promise;

import barytone.core.worktime.Piece;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job in the queue at the bench.
 *
 * @param id tells it from the others
 * @param pieces what is left of it, in order
 * @param due when it is promised for; null while nothing is
 * @param since when it came
 * @param waited whether it has had to wait for something already: nothing unforeseen is expected of it any more
 */
public record Queued(long id, List<Piece> pieces, @Nullable Instant due, Instant since, boolean waited) {
    public Queued {
        pieces = List.copyOf(pieces);
    }

    /** The work that is left on the mean, minutes. */
    public double work() {
        return pieces.stream()
                .filter(Piece.Work.class::isInstance)
                .mapToDouble(Piece::mean)
                .sum();
    }

    /** The rest between and after it on the mean, minutes. */
    public double rest() {
        return pieces.stream()
                .filter(Piece.Rest.class::isInstance)
                .mapToDouble(Piece::mean)
                .sum();
    }
}
