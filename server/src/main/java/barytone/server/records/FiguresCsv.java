package barytone.server.records;

import barytone.core.history.Visit;
import barytone.core.job.Figure;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The figures of an instrument's visits as a table (RFC 4180), headers in words, units in a column of their own. */
@Component
class FiguresCsv {
    private final Histories histories;

    FiguresCsv(Histories histories) {
        this.histories = histories;
    }

    /** All visits of an instrument, oldest first. */
    String of(long instrument) {
        StringWriter table = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(table, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "ticket",
                    "opened (UTC)",
                    "left (UTC)",
                    "what",
                    "how it is read",
                    "unit",
                    "as found",
                    "as found, 1 sd",
                    "as found is",
                    "as left",
                    "as left, 1 sd",
                    "as left is",
                    "strings",
                    "tuning",
                    "air as found, % RH",
                    "air as left, % RH");
            for (Histories.Told told : histories.of(instrument)) {
                Visit visit = told.visit();
                if (visit == null || told.opened() == null) continue;
                for (Figure figure : visit.figures())
                    csv.printRecord(
                            told.opened().job().ticket(),
                            visit.at(),
                            visit.leftAt(),
                            figure.label(),
                            FigureWords.method(figure),
                            unit(figure.measure()),
                            value(figure.found()),
                            sd(figure.found()),
                            kind(figure.found()),
                            value(figure.left()),
                            sd(figure.left()),
                            kind(figure.left()),
                            visit.strings(),
                            visit.tuning(),
                            visit.humidityFound(),
                            visit.humidityLeft());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table.toString();
    }

    private static String unit(Figure.Measure measure) {
        return switch (measure) {
            case SMALL_GAP, GAP -> "mm";
            case CENTS -> "cents";
            case TURNS -> "turns";
        };
    }

    private static @Nullable String value(Figure.@Nullable Value value) {
        return value == null ? null : String.format(Locale.ROOT, "%.4f", value.value());
    }

    private static @Nullable String sd(Figure.@Nullable Value value) {
        return value == null ? null : String.format(Locale.ROOT, "%.4f", value.sd());
    }

    private static @Nullable String kind(Figure.@Nullable Value value) {
        if (value == null) return null;
        return value.read() ? "read" : "reckoned";
    }
}
