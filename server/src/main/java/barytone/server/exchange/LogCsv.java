package barytone.server.exchange;

import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.reading.Gap;
import barytone.server.job.JobDesk;
import barytone.server.job.OpenedJob;
import barytone.server.job.Words;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The log of a job as a table (RFC 4180): readings with their method and unit, and everything in words. */
@Component
class LogCsv {
    private final JobDesk desk;

    LogCsv(JobDesk desk) {
        this.desk = desk;
    }

    /** All entries, oldest first; what was undone says so. */
    String of(long id) {
        Map<Long, String> said = desk.shown(id, "mm").said();
        OpenedJob job = desk.open(id);
        StringWriter table = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(table, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "entry",
                    "at (UTC)",
                    "counts",
                    "in words",
                    "station",
                    "string",
                    "how it is read",
                    "tool",
                    "position",
                    "as typed",
                    "reading, mm",
                    "at least, mm",
                    "at most, mm");
            for (LoggedEvent entry : job.log()) {
                if (!said.containsKey(entry.seq())) continue;
                JobEvent.ReadingTaken read = entry.event() instanceof JobEvent.ReadingTaken r ? r : null;
                csv.printRecord(
                        entry.seq(),
                        entry.at(),
                        job.state().undone().contains(entry.seq()) ? "no" : "yes",
                        said.get(entry.seq()),
                        read == null ? null : Station.of(read.method()).label(),
                        read == null ? null : read.string(),
                        read == null ? null : Words.spoken(read.method()),
                        read == null ? null : read.tool().label(),
                        read == null ? null : read.position().name().toLowerCase(Locale.ROOT),
                        read == null ? null : read.typed(),
                        read != null && read.gap() instanceof Gap.Of of ? of.mm() : null,
                        read == null ? null : least(read.gap()),
                        read == null ? null : most(read.gap()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table.toString();
    }

    private static @Nullable Double least(Gap gap) {
        return switch (gap) {
            case Gap.Between b -> b.goes();
            case Gap.AtLeast l -> l.mm();
            default -> null;
        };
    }

    private static @Nullable Double most(Gap gap) {
        return switch (gap) {
            case Gap.Between b -> b.stops();
            case Gap.AtMost m -> m.mm();
            default -> null;
        };
    }
}
