package barytone.server.exchange;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthText;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.Gap;
import barytone.core.reading.ReadingBounds;
import barytone.server.instruments.Instruments;
import barytone.server.job.Days;
import barytone.server.job.Intake;
import barytone.server.job.JobDesk;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.Words;
import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.apache.commons.codec.digest.DigestUtils;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Readings from somebody's table, taken into the history of an instrument: each day becomes a visit that is closed. */
@Component
class ReadingsTable {
    private static final int MOST_ROWS = 2000;
    private static final int SHOWN = 5;
    private static final DateTimeFormatter OF_EUROPE = DateTimeFormatter.ofPattern("d.M.uuuu");

    private final Intake intake;
    private final JobLog log;
    private final JobDesk desk;
    private final JobRegister register;
    private final Instruments instruments;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final TransactionTemplate each;

    ReadingsTable(
            Intake intake,
            JobLog log,
            JobDesk desk,
            JobRegister register,
            Instruments instruments,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.intake = intake;
        this.log = log;
        this.desk = desk;
        this.register = register;
        this.instruments = instruments;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
        this.each = new TransactionTemplate(transactions);
        each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
    }

    /**
     * How a table is understood.
     *
     * @param columns their headers
     * @param rows the first few, as they stand
     * @param day which column is probably the day; null when none looks like it, and so on
     */
    record Preview(
            List<String> columns,
            List<List<String>> rows,
            int count,
            @Nullable Integer day,
            @Nullable Integer what,
            @Nullable Integer string,
            @Nullable Integer value) {
        Preview {
            columns = List.copyOf(columns);
            rows = List.copyOf(rows);
        }
    }

    /**
     * Which column is what, counted from 0.
     *
     * @param what the column that says relief, nut or action; null when all are of one station
     * @param station that of all rows; null when a column says it
     * @param unit of a bare number: mm, thou, in64, in32
     */
    record Matched(
            String csv,
            int day,
            @Nullable Integer what,
            @Nullable Station station,
            int string,
            int value,
            String unit) {}

    /**
     * What came of it.
     *
     * @param methods how the readings count as read, a sentence for each station
     */
    record TableReport(
            boolean kept, int days, int readings, int daysHere, List<String> methods, List<RefusedRow> refused) {}

    /** A row that cannot be taken, by its line in the table. */
    record RefusedRow(long line, String why) {}

    private record Row(long line, LocalDate day, Station station, int string, String typed) {}

    Preview preview(String csv) {
        List<CSVRecord> all = records(csv);
        List<String> columns = all.getFirst().toList();
        return new Preview(
                columns,
                all.stream().skip(1).limit(SHOWN).map(CSVRecord::toList).toList(),
                all.size() - 1,
                named(columns, "day", "date", "when"),
                named(columns, "what", "station", "quantity", "measure"),
                named(columns, "string"),
                named(columns, "value", "reading", "gap", "mm", "height"));
    }

    private static @Nullable Integer named(List<String> columns, String... words) {
        for (String word : words)
            for (int i = 0; i < columns.size(); i++)
                if (columns.get(i).toLowerCase(Locale.ROOT).contains(word)) return i;
        return null;
    }

    private static List<CSVRecord> records(String csv) {
        String first = csv.strip().lines().findFirst().orElse("");
        // spreadsheets of some countries part by semicolons, others by tabs
        char parts = first.contains("\t") ? '\t' : first.contains(";") ? ';' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(parts)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(csv.replaceFirst("^\ufeff", "")))) {
            List<CSVRecord> all = parser.getRecords();
            if (all.size() < 2) throw Allowed.broken("table", "no rows", "a line of headers and at least one row");
            if (all.size() > MOST_ROWS + 1)
                throw Allowed.broken("table", all.size() - 1 + " rows", "at most " + MOST_ROWS);
            return all;
        } catch (IOException | java.io.UncheckedIOException e) {
            throw Allowed.broken("table", "a table that is broken", "values parted by commas, semicolons or tabs");
        }
    }

    TableReport take(long instrument, Matched matched, boolean rest) {
        long told = instruments.toldAs(instrument);
        LengthUnit unit = LengthUnit.ofCode(matched.unit());
        List<RefusedRow> refused = new ArrayList<>();
        Map<LocalDate, List<Row>> days = new TreeMap<>();
        records(matched.csv()).stream().skip(1).forEach(record -> {
            try {
                Row row = row(record, matched);
                days.computeIfAbsent(row.day(), d -> new ArrayList<>()).add(row);
            } catch (IllegalArgumentException e) {
                refused.add(new RefusedRow(record.getRecordNumber(), String.valueOf(e.getMessage())));
            }
        });
        return Objects.requireNonNull(transaction.execute(status -> {
            Taken taken = new Taken();
            days.forEach((day, rows) -> each.executeWithoutResult(one -> {
                // a day of which nothing can be taken is no visit
                if (!visit(told, day, rows, unit, taken, refused)) one.setRollbackOnly();
            }));
            boolean kept = refused.isEmpty() || rest;
            if (!kept) status.setRollbackOnly();
            return new TableReport(kept, taken.days, taken.readings, taken.here, List.copyOf(taken.methods), refused);
        }));
    }

    /** What was taken so far. */
    private static final class Taken {
        private int days;
        private int readings;
        private int here;
        private final List<String> methods = new ArrayList<>();
    }

    private Row row(CSVRecord record, Matched matched) {
        LocalDate day = day(cell(record, matched.day(), "day"));
        Station station = matched.what() == null
                ? Objects.requireNonNullElse(matched.station(), Station.ACTION)
                : station(cell(record, matched.what(), "what"));
        String string = cell(record, matched.string(), "string");
        if (!string.matches("\\d{1,2}"))
            throw Allowed.broken("string", "“" + string + "”", "its number, 1 is the highest");
        return new Row(
                record.getRecordNumber(),
                day,
                station,
                Integer.parseInt(string),
                cell(record, matched.value(), "value"));
    }

    private static String cell(CSVRecord record, int column, String field) {
        if (column < 0 || column >= record.size())
            throw Allowed.broken(field, "no column " + (column + 1), "one of " + record.size() + " columns");
        return record.get(column).strip();
    }

    private LocalDate day(String text) {
        LocalDate day;
        try {
            day = text.contains(".") ? LocalDate.parse(text, OF_EUROPE) : LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw Allowed.broken("day", "“" + text + "”", "a day such as 2031-02-03 or 3.2.2031");
        }
        if (day.isAfter(Days.of(clock.instant()))) throw Allowed.broken("day", day, "a day that has been");
        return day;
    }

    private static Station station(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        return Station.HEIGHTS.stream()
                .filter(station -> lower.contains(station.label().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> Allowed.broken("what", "“" + text + "”", "relief, nut or action"));
    }

    /** Whether anything of a day was taken. */
    private boolean visit(
            long instrument, LocalDate day, List<Row> rows, LengthUnit unit, Taken taken, List<RefusedRow> refused) {
        String key = "table-"
                + DigestUtils.sha256Hex(instruments.uid(instrument)
                        + day
                        + rows.stream()
                                .map(r -> r.station() + " " + r.string() + " " + r.typed() + unit)
                                .toList());
        if (log.known(key)) {
            taken.here++;
            return true;
        }
        Instant noon = day.atTime(LocalTime.NOON).atZone(Days.zone()).toInstant();
        List<Long> before = register.on(instrument);
        long job = intake.openOfThePast(
                key,
                instrument,
                before.isEmpty() ? 0 : register.playerOf(before.getLast()),
                EnumSet.copyOf(Station.HEIGHTS),
                noon);
        JobState state = log.open(job).state();
        List<JobEvent> events = new ArrayList<>();
        for (Row row : rows) {
            try {
                events.add(reading(state, row, unit));
            } catch (IllegalArgumentException e) {
                refused.add(new RefusedRow(row.line(), String.valueOf(e.getMessage())));
            }
        }
        if (events.isEmpty()) return false;
        rows.stream().map(Row::station).distinct().sorted().forEach(station -> {
            String method = station.label() + ": " + Words.spoken(state.method(station)) + ".";
            if (!taken.methods.contains(method)) taken.methods.add(method);
        });
        taken.readings += events.size();
        taken.days++;
        events.add(new JobEvent.NoteWritten("Taken over from a table"));
        events.add(new JobEvent.Closed());
        for (int i = 0; i < events.size(); i++)
            log.insert(job, i + 1, noon.plusSeconds(30L * i), events.get(i), key + "-" + (i + 1), null);
        log.keepClosed(List.of(job));
        desk.shown(job, "mm");
        return true;
    }

    private static JobEvent reading(JobState state, Row row, LengthUnit unit) {
        if (!state.strings(row.station()).contains(row.string()))
            throw Allowed.broken("string", row.string(), "one of " + state.strings(row.station()));
        GapMethod method = state.method(row.station());
        Gap gap = switch (LengthText.parse(row.typed(), unit)) {
            case LengthText.Exact e -> new Gap.Of(e.length().mm());
            case LengthText.Bracket b ->
                new Gap.Between(b.goes().mm(), b.stops().mm());
        };
        ReadingBounds.of(method).check("reading", gap.shown(), unit);
        return new JobEvent.ReadingTaken(
                row.string(), method, state.tool(row.station()), gap, state.position(row.station()), row.typed(), unit);
    }
}
