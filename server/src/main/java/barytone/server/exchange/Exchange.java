package barytone.server.exchange;

import barytone.core.quantity.Allowed;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
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
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
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

    private static final int MOST_FILE = 20 << 20;

    private final List<Portable> all;
    private final Clock clock;
    private final TransactionTemplate whole;
    private final TransactionTemplate each;
    private final JsonMapper mapper = JsonMapper.builder(JsonFactory.builder()
                    // files follow the records in a zip
                    .disable(StreamWriteFeature.AUTO_CLOSE_TARGET)
                    .build())
            .enable(SerializationFeature.INDENT_OUTPUT)
            // one record is read out of many
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

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

    /** Writes the records of a choice, one after the other. */
    void writeRecords(Chosen what, OutputStream to) {
        whole.executeWithoutResult(status -> {
            try (JsonGenerator json = mapper.createGenerator(to)) {
                json.writeStartObject();
                json.writeStringProperty("format", FORMAT);
                json.writeNumberProperty("version", VERSION);
                json.writeStringProperty(
                        "made", clock.instant().truncatedTo(ChronoUnit.MILLIS).toString());
                for (Portable one : all) {
                    json.writeArrayPropertyStart(one.section());
                    one.out(what, json::writeTree);
                    json.writeEndArray();
                }
                json.writeEndObject();
            }
        });
    }

    /** Writes the records and the files of a choice as one zip. */
    void write(Chosen what, OutputStream to) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(to);
        zip.putNextEntry(new ZipEntry(RECORDS));
        writeRecords(what, zip);
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

    /** The records of a file, read anew for each section: all at once they are more than the memory holds. */
    private interface Source {
        InputStream open() throws IOException;
    }

    /**
     * Takes a file in, a zip or the records alone.
     *
     * @param rest whether what is well is taken when something else is refused
     * @throws barytone.core.quantity.OutOfRangeException when it is no such file
     */
    Report take(Path file, boolean rest) throws IOException {
        if (!zipped(file)) return take(() -> Files.newInputStream(file), name -> Optional.empty(), rest);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry records = zip.getEntry(RECORDS);
            if (records == null) throw Allowed.broken("file", "a zip without " + RECORDS, "one with it");
            return take(() -> zip.getInputStream(records), name -> entry(zip, name), rest);
        } catch (ZipException e) {
            throw Allowed.broken("file", "a zip that is broken", "one that is whole");
        }
    }

    private static boolean zipped(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        }
    }

    private static Optional<byte[]> entry(ZipFile zip, String name) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) return Optional.empty();
        try (InputStream in = zip.getInputStream(entry)) {
            // what it says of its own size may be a lie
            byte[] content = in.readNBytes(MOST_FILE + 1);
            if (content.length > MOST_FILE)
                throw Allowed.broken(name, "more than " + MOST_FILE + " bytes", "at most " + MOST_FILE);
            return Optional.of(content);
        } catch (IOException e) {
            throw Allowed.broken(name, "an entry that is broken", "one that is whole");
        }
    }

    /** Goes through a file once, telling what stands at its top: values as they are, and the records of one section. */
    private void through(Source source, String section, Consumer<JsonNode> record, Map<String, JsonNode> values) {
        try (InputStream in = source.open();
                JsonParser json = mapper.createParser(in)) {
            if (json.nextToken() != JsonToken.START_OBJECT)
                throw Allowed.broken("file", "something else", "a JSON object that Barytone wrote");
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = json.currentName();
                JsonToken value = json.nextToken();
                if (name.equals(section) && value == JsonToken.START_ARRAY)
                    while (json.nextToken() != JsonToken.END_ARRAY) record.accept(mapper.readTree(json));
                else if (value.isScalarValue()) values.put(name, mapper.readTree(json));
                else json.skipChildren();
            }
        } catch (JacksonException e) {
            throw Allowed.broken("file", "no JSON, from line " + line(e) + " on", "a file that Barytone wrote");
        } catch (IOException e) {
            throw Allowed.broken("file", "a file that is broken", "one that is whole");
        }
    }

    private static String line(JacksonException e) {
        return e.getLocation() == null
                ? "1"
                : String.valueOf(Math.max(1, e.getLocation().getLineNr()));
    }

    private static String shortened(@Nullable JsonNode given) {
        String text = given == null ? "nothing" : given.toString();
        return text.length() > 60 ? text.substring(0, 60) + "…" : text;
    }

    private Report take(Source source, Function<String, Optional<byte[]>> files, boolean rest) {
        Map<String, JsonNode> top = new HashMap<>();
        through(source, "", record -> {}, top);
        JsonNode format = top.get("format");
        if (format == null || !FORMAT.equals(format.asString("")))
            throw Allowed.broken("format", shortened(format), "“" + FORMAT + "”");
        JsonNode version = top.get("version");
        if (version == null || version.asInt(0) < 1 || version.asInt(0) > VERSION)
            throw Allowed.broken("version", shortened(version), "1 to " + VERSION);
        return Objects.requireNonNull(whole.execute(status -> {
            Known known = new Known(files);
            List<Report.Line> came = new ArrayList<>();
            List<Report.Refused> refused = new ArrayList<>();
            for (Portable one : all) {
                int[] counts = new int[Portable.Came.values().length];
                int[] place = {0};
                through(
                        source,
                        one.section(),
                        record -> {
                            Portable.Came result =
                                    take(one, record, known, one.section() + "[" + place[0] + "]", refused);
                            if (result != null) counts[result.ordinal()]++;
                            place[0]++;
                        },
                        new HashMap<>());
                if (place[0] > 0) came.add(new Report.Line(one.section(), counts[0], counts[1], counts[2]));
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
