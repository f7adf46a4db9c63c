package barytone.core.worktime;

import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;

/** A part of what is left of a job. */
public sealed interface Piece {
    /** How long it takes in one case, minutes: of work by the shop's hours, of rest by the clock. */
    double draw(RandomGenerator random);

    /** How long it takes on the mean, minutes. */
    double mean();

    /**
     * Work at the bench.
     *
     * @param each one of it
     * @param count how many of it are expected, whole or not
     */
    record Work(Minutes each, double count) implements Piece {
        /** A number of pieces scatters about as much as their times do. */
        private static final double COUNT_SPREAD = 0.35;

        @Override
        public double draw(RandomGenerator random) {
            if (count <= 0) return 0;
            // many of one kind even out: their sum scatters like its number
            double spread = Math.sqrt(COUNT_SPREAD * COUNT_SPREAD + each.spread() * each.spread() / Math.max(1, count));
            double total = count * each.mean();
            return total * Math.exp(spread * random.nextGaussian() - spread * spread / 2);
        }

        @Override
        public double mean() {
            return count * each.mean();
        }
    }

    /**
     * It lies still, and other work goes on.
     *
     * @param sure how long it takes at least, minutes
     * @param more what may come on top of it
     */
    record Rest(double sure, @Nullable Minutes more) implements Piece {
        /** What a neck settles after a turn. */
        static final Rest SETTLING =
                new Rest(Objects.requireNonNull(WaitReason.SETTLING.usual()).toMinutes(), null);

        /** An answer, a part, a player: a day and a half, or a week. */
        private static final Minutes SOMEBODY = Minutes.usually(36 * 60, 0.8);

        static Rest of(Wait wait, @Nullable Instant end, Instant now) {
            double left =
                    end == null ? 0 : Math.max(0, Duration.between(now, end).toSeconds() / 60.0);
            boolean clock = wait.reason().ends() == WaitReason.Ends.BY_CLOCK;
            if (clock) return new Rest(left, null);
            // who said a day mostly keeps it
            return end == null || left == 0 ? new Rest(0, SOMEBODY) : new Rest(left, Minutes.usually(2 * 60, 1.2));
        }

        @Override
        public double draw(RandomGenerator random) {
            return sure + (more == null ? 0 : more.draw(random));
        }

        @Override
        public double mean() {
            return sure + (more == null ? 0 : more.mean());
        }
    }
}
