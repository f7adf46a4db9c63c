package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.job.JobEvent;
import barytone.core.job.Waiting;
import barytone.core.wait.AirWanted;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is said of a wait: for what, until when, and what it holds up. */
public final class WaitWords {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private WaitWords() {}

    /**
     * A wait as a page shows it.
     *
     * @param begun the place of the entry that began it
     * @param until when it is over, as the clock of now will show it; null where nobody knows
     * @param said until when, or since when, in words
     * @param over it is over by the clock, and nobody has looked yet
     * @param overdue the day that was expected has passed
     * @param byClock time alone ends it
     */
    public record WaitView(
            long begun,
            WaitReason reason,
            String label,
            String note,
            Instant since,
            @Nullable Instant until,
            String said,
            boolean over,
            boolean overdue,
            boolean byClock) {}

    /** All that a job waits for, those that are over too. */
    public static List<WaitView> views(Waiting waiting, Instant now) {
        List<WaitView> views = new ArrayList<>();
        List<Wait> lasting = waiting.lasting(now);
        for (Wait wait : waiting.all())
            views.add(new WaitView(
                    wait.begun(),
                    wait.reason(),
                    wait.reason().label(),
                    note(wait),
                    wait.since(),
                    waiting.endsAt(wait, now),
                    said(wait, waiting, now),
                    !lasting.contains(wait),
                    wait.overdue(now),
                    wait.byClock()));
        return views;
    }

    private static String note(Wait wait) {
        return wait.air() == null ? wait.note() : (wait.note().isEmpty() ? "" : wait.note() + ", ") + air(wait.air());
    }

    private static String air(AirWanted air) {
        if (air.most() >= 100) return "until the air is over " + AirWords.percent(air.least());
        return air.least() <= 0
                ? "until the air is under " + AirWords.percent(air.most())
                : "until the air is between " + Math.round(air.least()) + " and " + AirWords.percent(air.most());
    }

    /** Until when, or since when. */
    static String said(Wait wait, Waiting waiting, Instant now) {
        Instant end = waiting.endsAt(wait, now);
        if (end == null) return "since " + moment(wait.since(), now);
        if (!wait.lasts(now, waiting.latest())) return "over since " + moment(end, now);
        if (wait.overdue(now)) return "was expected " + moment(end, now);
        boolean about = !wait.byClock() || wait.reason() == WaitReason.CONDITIONING;
        return (wait.byClock() ? "until " : "expected ") + (about && wait.byClock() ? "about " : "") + moment(end, now);
    }

    /** A time of today, a weekday of this week, or a day. */
    public static String moment(Instant at, Instant now) {
        LocalDate day = Days.of(at);
        LocalDate today = Days.of(now);
        String time = TIME.format(at.atZone(Days.zone()));
        if (day.equals(today)) return time;
        if (day.equals(today.plusDays(1))) return "tomorrow, " + time;
        if (day.equals(today.minusDays(1))) return "yesterday, " + time;
        return Days.spoken(day);
    }

    /** An entry of the tape. */
    static String begun(JobEvent.WaitBegun e) {
        String air = e.air() == null ? "" : ", " + air(e.air());
        String end = e.until() == null
                ? ""
                : (e.reason().ends() == WaitReason.Ends.BY_CLOCK ? ", until " : ", expected ")
                        + Days.spokenWithTime(e.until());
        return e.reason().label() + (e.note().isEmpty() ? "" : ": " + e.note()) + end + air;
    }

    /** What to do while it waits. */
    static Said advice(Advice.Waits waits, Waiting waiting, Instant now) {
        Wait wait = waits.what();
        List<String> why = new ArrayList<>();
        why.add(Words.sentence(said(wait, waiting, now)) + (note(wait).isEmpty() ? "." : ": " + note(wait) + "."));
        why.add(
                switch (wait.reason().holds()) {
                    case WORK -> "It is neither read nor worked on meanwhile.";
                    default -> "Nothing is changed meanwhile. It may be read at any time.";
                });
        for (Wait other : waiting.lasting(now))
            if (other.begun() != wait.begun())
                why.add("Also: " + other.reason().label().toLowerCase(Locale.ROOT) + ", " + said(other, waiting, now)
                        + ".");
        Said said = Said.about("wait", headline(wait, waiting, now), why, caution(wait), wait.begun());
        return switch (wait.reason()) {
            // it has happened: nothing is cut short
            case ANSWER, PART, PLAYER -> said.followed(button(wait));
            case OTHER -> wait.byClock() ? cutShort(said, wait) : said.followed("It need not wait any longer");
            default -> cutShort(said, wait);
        };
    }

    private static Said cutShort(Said said, Wait wait) {
        return said.orElse(
                button(wait),
                wait.reason() == WaitReason.CONDITIONING
                        ? "What is set in this air moves again when the air does."
                        : "What has not cured or settled gives way, or creeps on after it was measured.",
                JobView.Anyway.FOLLOW);
    }

    private static String headline(Wait wait, Waiting waiting, Instant now) {
        return switch (wait.reason()) {
            case CONDITIONING -> "Condition it first: " + said(wait, waiting, now);
            case ANSWER -> "An answer is awaited";
            case PART -> "A part is ordered";
            case PLAYER -> "The player is to play it";
            case OTHER -> wait.note().isEmpty() ? "It waits" : "It waits: " + wait.note();
            default -> wait.reason().label() + ": wait " + said(wait, waiting, now);
        };
    }

    private static @Nullable String caution(Wait wait) {
        return wait.reason() == WaitReason.GLUE || wait.reason() == WaitReason.FINISH
                ? "Fresh glue and finish give off vapour: air the room, and keep flames and dust away."
                : null;
    }

    private static String button(Wait wait) {
        return switch (wait.reason()) {
            case ANSWER -> "The answer is here";
            case PART -> "The part is here";
            case PLAYER -> "It was played";
            case CONDITIONING -> "Go on all the same";
            default -> "Do not wait any longer";
        };
    }

    /** How long something takes, in words: 6 min, 1 h 20 min, 4 days. */
    public static String length(Duration time) {
        long minutes = Math.max(1, Math.round(time.toSeconds() / 60.0));
        if (minutes < 60) return minutes + " min";
        if (minutes < 24 * 60) return minutes / 60 + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
        long days = Math.round(minutes / (24 * 60.0));
        return days + (days == 1 ? " day" : " days");
    }
}
