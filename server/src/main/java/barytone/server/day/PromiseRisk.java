package barytone.server.day;

import barytone.core.hours.Promise;
import barytone.core.job.Station;
import barytone.server.day.DayController.Promised;
import barytone.server.job.OpenedJob;
import barytone.server.job.PromiseWords;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How likely what was promised is kept, and what would save it. */
final class PromiseRisk {
    private PromiseRisk() {}

    /** Below this a word is said. */
    private static final double AT_RISK = 0.75;

    /** From here on it is saved. */
    private static final double SAVED = 0.85;

    /** What another's chance loses by less is not worth a word. */
    private static final double WORTH_TELLING = 0.15;

    /** All promises of a queue, by when they are due. */
    static List<Promised> all(Queue queue, Instant now) {
        List<Promised> all = new ArrayList<>();
        for (OpenedJob job : queue.jobs()) job.promise().ifPresent(promise -> all.add(one(queue, job, promise, now)));
        all.sort(Comparator.comparing(Promised::due));
        return all;
    }

    private static Promised one(Queue queue, OpenedJob job, Promise promise, Instant now) {
        Instant due = queue.due(promise);
        double chance = queue.chance(job);
        boolean late = due.isBefore(now);
        boolean atRisk = late || chance < AT_RISK;
        return new Promised(
                job.job().id(),
                promise.day(),
                PromiseWords.near(promise, now),
                due,
                (int) Math.round(100 * chance),
                late ? "the promise has passed" : likely(chance),
                atRisk,
                late,
                atRisk ? saves(queue, job, due, late, now) : null);
    }

    /** A chance in words. */
    static String likely(double chance) {
        if (chance >= 0.95) return "will be kept";
        int tenths = (int) Math.round(10 * chance);
        if (tenths == 0) return "will hardly be kept";
        return "kept " + tenths + " times in ten";
    }

    private static String saves(Queue queue, OpenedJob job, Instant due, boolean late, Instant now) {
        String tell = tell(queue, job, now);
        if (late) return tell;
        Map<Long, double[]> first = queue.withFirst(job.job().id());
        if (Queue.chance(first, job, due) >= SAVED) {
            String others = others(queue, job, first);
            return "Do it first" + (others.isEmpty() ? "" : ", though then " + others) + ".";
        }
        return tell;
    }

    private static String tell(Queue queue, OpenedJob job, Instant now) {
        Promise offer = queue.offer(job, null);
        return "Tell the player now" + (offer == null ? "." : ": " + PromiseWords.near(offer, now) + " can be kept.");
    }

    /** The promises that lose by it when a job goes first, in words; empty when none does. */
    static String others(Queue queue, OpenedJob job, Map<Long, double[]> then) {
        List<String> lose = new ArrayList<>();
        for (OpenedJob other : queue.jobs()) {
            Promise promise = other.promise().orElse(null);
            if (promise == null || other.job().id() == job.job().id()) continue;
            double chance = Queue.chance(then, other, queue.due(promise));
            if (queue.chance(other) - chance > WORTH_TELLING)
                lose.add(other.job().instrument() + " is " + likely(chance).replace("will be kept", "kept"));
        }
        return String.join(", ", lose);
    }

    /** The day that can be offered for a job, in words: the first that is kept, and an earlier one if a station needs nothing. */
    static @Nullable String offer(Queue queue, OpenedJob job, @Nullable Promise offer, Instant now) {
        if (offer == null) return null;
        StringBuilder said = new StringBuilder(sentence(PromiseWords.near(offer, now)));
        Promise earliest = offer;
        Station needsNothing = null;
        for (Station station : Station.values()) {
            if (!job.state().agreed(station)) continue;
            Promise without = queue.offer(job, station);
            if (without != null && without.compareTo(earliest) < 0) {
                earliest = without;
                needsNothing = station;
            }
        }
        if (needsNothing != null)
            said.append("; ")
                    .append(PromiseWords.near(earliest, now))
                    .append(" if the ")
                    .append(needsNothing.label().toLowerCase(Locale.ROOT))
                    .append(" needs nothing");
        return said.append('.').toString();
    }

    private static String sentence(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
