package barytone.server.exchange;

import barytone.core.quantity.Allowed;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes what leaves, and takes in what comes: record by record, each wholly or not at all. */
@Component
class Exchange {
    private static final Logger LOG = LoggerFactory.getLogger(Exchange.class);

    private static final String FORMAT = "barytone";
    private static final int VERSION = 1;
    private static final String RECORDS = "barytone.json";

    /** More than the records of a shop of decades, bytes. */
    private static final long MOST_RECORDS = 400L << 20;

    private static final long MOST_FILE = 20L << 20;

    private final List<Portable> all;
    private final Clock clock;
    private final TransactionTemplate whole;
    private final TransactionTemplate each;
    private final JsonMapper mapper =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    Exchange(List<Portable> all, Clock clock, PlatformTransactionManager transactions) {
        this.all = all.stream().sorted(Comparator.comparingInt(Portable::order)).toList();
        this.clock = clock;
        this.whole = new TransactionTemplate(transactions);
        this.each = new TransactionTemplate(transactions);
        each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
    }

    /**
     * What came of a file.
     *
     * @param kept whether it was kept: not while something was refused and the rest was not asked for
     * @param came what is new or has grown, a line for each section
     * @param refused a line for each record that cannot be taken, with the reason
     */
    record Report(boolean kept, List<Line> came, List<Refused> refused) {
        /** How many records of a section were new, had grown, or were here already. */
        record Line(String section, int added, int grown, int same) {}

        /** A record that cannot be taken. */
        record Refused(String where, String why) {}
    }

    /** The records of a choice. */
    ObjectNode records(Chosen what) {
        return Objects.requireNonNull(whole.execute(status -> {
            ObjectNode file = mapper.createObjectNode();
            file.put("format", FORMAT);
            file.put("version", VERSION);
            file.put("made", clock.instant().truncatedTo(ChronoUnit.MILLIS).toString());
            for (Portable one : all)
                for (ObjectNode record : one.out(what))
                    file.withArray(one.section()).add(record);
            return file;
        }));
    }

    /** The records and the files of a choice as one zip. */
    void write(Chosen what, OutputStream to) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(to);
        zip.putNextEntry(new ZipEntry(RECORDS));
        zip.write(mapper.writeValueAsBytes(records(what)));
        zip.closeEntry();
        for (Portable one : all)
            one.files(what, (name, content) -> {
                try {
                    zip.putNextEntry(new ZipEntry(name));
                    zip.write(content);
                    zip.closeEntry();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        zip.finish();
    }

    /**
     * Takes a file in, a zip or the records alone.
     *
     * @param rest whether what is well is taken when something else is refused
     * @throws barytone.core.quantity.OutOfRangeException when it is no such file
     */
    Report take(Path file, boolean rest) throws IOException {
        if (!zipped(file)) return take(parsed(Files.readAllBytes(file)), name -> Optional.empty(), rest);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            byte[] records = entry(zip, RECORDS, MOST_RECORDS)
                    .orElseThrow(() -> Allowed.broken("file", "a zip without " + RECORDS, "one with it"));
            return take(parsed(records), name -> entry(zip, name, MOST_FILE), rest);
        } catch (java.util.zip.ZipException e) {
            throw Allowed.broken("file", "a zip that is broken", "one that is whole");
        }
    }

    private static boolean zipped(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        }
    }

    private static Optional<byte[]> entry(ZipFile zip, String name, long most) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) return Optional.empty();
        try (var in = zip.getInputStream(entry)) {
            // what it says of its own size may be a lie
            byte[] content = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, most + 1));
            if (content.length > most) throw Allowed.broken(name, "more than " + most + " bytes", "at most " + most);
            return Optional.of(content);
        } catch (IOException e) {
            throw Allowed.broken(name, "an entry that is broken", "one that is whole");
        }
    }

    private ObjectNode parsed(byte[] records) {
        JsonNode read;
        try {
            read = mapper.readTree(records);
        } catch (JacksonException e) {
            throw Allowed.broken("file", "no JSON, from line " + line(e) + " on", "a file that Barytone wrote");
        }
        if (!(read instanceof ObjectNode file)
                || !FORMAT.equals(file.path("format").asString("")))
            throw Allowed.broken("format", shortened(read.path("format")), "“" + FORMAT + "”");
        int version = file.path("version").asInt(0);
        if (version < 1 || version > VERSION)
            throw Allowed.broken("version", shortened(file.path("version")), "1 to " + VERSION);
        return file;
    }

    private static String line(JacksonException e) {
        return e.getLocation() == null
                ? "1"
                : String.valueOf(Math.max(1, e.getLocation().getLineNr()));
    }

    private static String shortened(JsonNode given) {
        String text = given.isMissingNode() ? "nothing" : given.toString();
        return text.length() > 60 ? text.substring(0, 60) + "…" : text;
    }

    private Report take(ObjectNode file, Function<String, Optional<byte[]>> files, boolean rest) {
        return Objects.requireNonNull(whole.execute(status -> {
            Known known = new Known(files);
            List<Report.Line> came = new ArrayList<>();
            List<Report.Refused> refused = new ArrayList<>();
            for (Portable one : all) {
                int[] counts = new int[Portable.Came.values().length];
                int place = 0;
                for (JsonNode record : file.path(one.section())) {
                    Portable.Came result = take(one, record, known, one.section() + "[" + place + "]", refused);
                    if (result != null) counts[result.ordinal()]++;
                    place++;
                }
                if (place > 0) came.add(new Report.Line(one.section(), counts[0], counts[1], counts[2]));
            }
            known.finish();
            boolean kept = refused.isEmpty() || rest;
            if (!kept) status.setRollbackOnly();
            return new Report(kept, came, refused);
        }));
    }

    private Portable.@Nullable Came take(
            Portable to, JsonNode record, Known known, String where, List<Report.Refused> refused) {
        if (!(record instanceof ObjectNode object)) {
            refused.add(new Report.Refused(where, "It is no object."));
            return null;
        }
        try {
            return each.execute(status -> to.in(object, known));
        } catch (IllegalArgumentException | JacksonException e) {
            refused.add(new Report.Refused(named(where, object), String.valueOf(e.getMessage())));
        } catch (DataAccessException e) {
            LOG.warn("{} cannot be taken in", where, e);
            refused.add(new Report.Refused(named(where, object), "It does not fit what is here."));
        }
        return null;
    }

    /** Where it stands, and what it is called. */
    private static String named(String where, ObjectNode object) {
        for (String field : List.of("name", "ticket", "job"))
            if (object.hasNonNull(field)) return where + ", " + field + " " + shortened(object.get(field));
        return where;
    }
}
