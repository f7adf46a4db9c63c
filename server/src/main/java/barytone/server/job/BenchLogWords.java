package barytone.server.job;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Tray;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said of the tray, of strings that are off, and of when to look again. */
final class BenchLogWords {
    /** From here on a neck without its strings is worth a word. */
    private static final Duration LONG_OFF = Duration.ofDays(2);

    private BenchLogWords() {}

    /** All of it, as the page shows it. */
    static JobView.BenchLogView view(OpenedJob job, Instant now) {
        Tray tray = job.tray();
        JobEvent.FollowUpSet then = job.followUp().orElse(null);
        LocalDate day = then == null ? null : then.day();
        return new JobView.BenchLogView(
                tray.parts().stream()
                        .map(p -> new JobView.PartView(p.taken(), p.text()))
                        .toList(),
                usualParts(job.state().spec()),
                job.state().closed() ? null : stringsOff(tray, now),
                job.state().closed() ? null : atPitch(job),
                day == null ? "" : day.toString(),
                day == null ? "" : Days.spoken(day),
                then == null ? "" : then.why());
    }

    /** An entry of the tape. */
    static String followUp(JobEvent.FollowUpSet set) {
        return set.day() == null
                ? "Need not be looked at again on a day"
                : "Look again on " + Days.spoken(set.day()) + (set.why().isEmpty() ? "" : ": " + set.why());
    }

    /** What is still in the tray, in a sentence; empty when nothing is. */
    static String left(Tray tray) {
        return tray.parts().isEmpty()
                ? ""
                : "Still in the tray: "
                        + tray.parts().stream().map(Tray.Part::text).collect(Collectors.joining(", ")) + ".";
    }

    /** Strings that are off; null while they are on. */
    private static @Nullable String stringsOff(Tray tray, Instant now) {
        Instant since = tray.stringsOff();
        if (since == null) return null;
        Duration off = Duration.between(since, now);
        String length = off.toHours() == 0
                ? Math.max(0, off.toMinutes()) + " min"
                : off.toDays() == 0 ? off.toHours() + " h " + off.toMinutesPart() + " min" : off.toDays() + " days";
        return "Strings off for " + length + ". "
                + (off.compareTo(LONG_OFF) < 0
                        ? "For hours that is harmless to most necks."
                        : "Put them on again, or slacken the rod: some necks bend back in days.");
    }

    /** Since when the strings are at pitch; null while they are not, or nobody noted it. */
    private static @Nullable String atPitch(OpenedJob job) {
        if (job.state().offPitchSince().isPresent()) return null;
        Instant since = null;
        for (LoggedEvent entry : job.counted()) if (entry.event() instanceof JobEvent.Retuned) since = entry.at();
        return since == null ? null : "At pitch since " + Days.spokenWithTime(since) + ".";
    }

    /** What usually comes off an instrument like this. */
    private static List<String> usualParts(InstrumentSpec spec) {
        List<String> parts = new ArrayList<>();
        if (!spec.fittings().pickups().isEmpty()) {
            parts.add("Cover of the electronics and its screws");
            parts.add("Pickguard and its screws");
            parts.add("Tape that marks the pickups");
        }
        if (spec.fittings().bridge() == BridgeKind.FIXED) parts.add("Saddle");
        if (spec.fittings().bridge() == BridgeKind.FLOATING) parts.add("Bridge, its place marked");
        parts.add("Rod cover and its screws");
        parts.add("Bridge springs");
        parts.add("Neck plate and its screws");
        return parts;
    }
}
