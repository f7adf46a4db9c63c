package barytone.core.history;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Waits;
import barytone.core.wait.WaitReason;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * When an instrument that went home is looked at again, though nobody set a day: a month after other strings or a big move, half a year after a filled slot, and a top of wood when
 * the season turns.
 *
 * @param why in the order of the days
 */
public record WhenToLook(LocalDate day, Why why) {
    /** What it is looked at again for. */
    public enum Why {
        OTHER_STRINGS("other strings were put on: the neck has followed them by now"),
        BIG_MOVE("the neck was moved far: whether it has stayed"),
        FILLED("a filled slot fails one day"),
        SEASON("the season turns, and tops move with it");

        private final String label;

        Why(String label) {
            this.label = label;
        }

        /** In words. */
        public String label() {
            return label;
        }
    }

    private static final int MONTH = 30;
    private static final int HALF_YEAR = 182;

    /** Heating begins and ends about then. */
    private static final List<MonthDay> SEASONS = List.of(MonthDay.of(5, 1), MonthDay.of(11, 1));

    /** Who was here just before is not called for the season. */
    private static final int LATELY = 60;

    /**
     * What a visit that ended on a day asks for first; empty when it asks for nothing.
     *
     * @param counted the entries that count
     */
    public static Optional<WhenToLook> after(JobState job, List<LoggedEvent> counted, LocalDate closed) {
        List<WhenToLook> looks = new ArrayList<>();
        if (any(counted, e -> e instanceof JobEvent.StringsChanged))
            looks.add(new WhenToLook(closed.plusDays(MONTH), Why.OTHER_STRINGS));
        if (movedFar(job)) looks.add(new WhenToLook(closed.plusDays(MONTH), Why.BIG_MOVE));
        if (any(counted, e -> e.cures().filter(WaitReason.FILL::equals).isPresent()))
            looks.add(new WhenToLook(closed.plusDays(HALF_YEAR), Why.FILLED));
        if (job.spec().kind().thinTop()) looks.add(new WhenToLook(season(closed), Why.SEASON));
        return looks.stream().min(Comparator.comparing(WhenToLook::day).thenComparing(WhenToLook::why));
    }

    /** What wants a look the next day wants one a month later. */
    private static boolean movedFar(JobState job) {
        return job.every(Waits.class).stream()
                .flatMap(room -> room.waits().stream())
                .anyMatch(wait -> wait.reason() == WaitReason.NEXT_DAY);
    }

    private static boolean any(List<LoggedEvent> counted, Predicate<JobEvent> what) {
        return counted.stream().map(LoggedEvent::event).anyMatch(what);
    }

    private static LocalDate season(LocalDate closed) {
        LocalDate from = closed.plusDays(LATELY);
        return Stream.of(0, 1)
                .flatMap(year -> SEASONS.stream().map(day -> day.atYear(closed.getYear() + year)))
                .filter(day -> !day.isBefore(from))
                .findFirst()
                .orElseThrow();
    }
}
