package barytone.server.job;

import barytone.core.instrument.AirVerdict;
import barytone.core.instrument.Conditioning;
import barytone.core.instrument.InstrumentKind;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is said of the air that an instrument stands in. */
public final class AirWords {
    private AirWords() {}

    /** An entry of the tape. */
    static String line(JobEvent.AirRead read) {
        return "Air " + where(read.place()) + ": " + percent(read.humidity())
                + (read.temperature() == null ? "" : ", " + Allowed.plain(read.temperature()) + " °C");
    }

    private static String where(JobEvent.AirRead.Place place) {
        return place == JobEvent.AirRead.Place.ROOM ? "in the room" : "in the case";
    }

    /** A relative humidity as it is shown. */
    public static String percent(double humidity) {
        // not torn at the end of a line
        return Math.round(humidity) + "\u00a0%\u00a0RH";
    }

    /** The air when an instrument came and when it left; null when it was not read. */
    public static @Nullable String cameAndLeft(List<JobEvent.AirRead> reads) {
        if (reads.isEmpty()) return null;
        String came = percent(reads.getFirst().humidity());
        return reads.size() == 1
                ? came
                : came + " when it came, " + percent(reads.getLast().humidity()) + " when it left";
    }

    /**
     * The air as it was read, with what it does to a kind of instrument.
     *
     * @param at when it was read
     */
    static JobView.AirView view(JobEvent.AirRead read, Instant at, InstrumentKind kind, Instant now) {
        AirVerdict verdict = AirVerdict.of(kind, read.humidity());
        Instant until = Conditioning.until(at);
        String wait = verdict == AirVerdict.FINE
                ? ""
                : until.isAfter(now)
                        ? " That takes until about " + Days.spoken(Days.of(until)) + "."
                        : " It has had its days: read the air again.";
        return new JobView.AirView(line(read), verdict, verdict(kind, read.humidity()) + wait);
    }

    /** What this air does to a kind of instrument, and what to do about it. */
    private static String verdict(InstrumentKind kind, double humidity) {
        return switch (AirVerdict.of(kind, humidity)) {
            case FINE -> "Fine for " + kind.label().toLowerCase(Locale.ROOT) + ".";
            case DRY ->
                "Dry: the top sinks, the action falls and fret ends stand out. Condition it first, at 40 to 55 %, before anything is turned or sanded.";
            case WET ->
                "Wet: the top swells and the action rises. Condition it first, at 40 to 55 %, before anything is turned or sanded.";
        };
    }
}
