package barytone.server.portable;

import barytone.core.quantity.Allowed;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Field;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Rows as they stand in a file: columns by their names as words run together, moments as ISO 8601 in UTC, and every number that is not whole as a length with its unit:
 * the tables keep no others.
 */
public final class Rows {
    private static final String MM = "mm";

    private Rows() {}

    /** A row without these columns. */
    public static ObjectNode out(Record row, Field<?>... without) {
        ObjectNode out = JsonMapper.shared().createObjectNode();
        for (Field<?> field : fields(row, without)) {
            String name = named(field);
            switch (row.get(field)) {
                case null -> {}
                case String text -> out.put(name, text);
                case Boolean yes -> out.put(name, yes);
                case Long whole -> out.put(name, whole);
                case Double length -> out.putObject(name).put(MM, length);
                case Instant at -> out.put(name, at.toString());
                case Object other -> throw new IllegalStateException(name + " is a " + other.getClass());
            }
        }
        return out;
    }

    /**
     * Fills a row but for these columns.
     *
     * @throws barytone.core.quantity.OutOfRangeException naming the field that is missing or of another kind
     */
    public static void in(ObjectNode from, Record row, Field<?>... without) {
        for (Field<?> field : fields(row, without)) set(row, field, from.get(named(field)));
    }

    private static <T> void set(Record row, Field<T> field, @Nullable JsonNode given) {
        if (given == null && field.getDataType().nullable()) row.set(field, null);
        else row.set(field, field.getType().cast(value(named(field), field.getType(), given)));
    }

    private static Object value(String name, Class<?> type, @Nullable JsonNode given) {
        if (type == String.class && given != null && given.isString()) return given.asString();
        if (type == Boolean.class && given != null && given.isBoolean()) return given.asBoolean();
        if (type == Long.class && given != null && given.isIntegralNumber() && given.canConvertToLong())
            return given.asLong();
        if (type == Double.class && given != null && given.path(MM).isNumber())
            return given.get(MM).asDouble();
        if (type == Instant.class && given != null && given.isString()) return moment(name, given.asString());
        throw Allowed.broken(
                name,
                given == null ? "nothing" : given.toString(),
                type == Double.class
                        ? "a length as {\"mm\": 648}"
                        : type == Long.class
                                ? "a whole number"
                                : type == Boolean.class
                                        ? "true or false"
                                        : type == Instant.class ? "a moment" : "a text");
    }

    /**
     * A moment as it stands in a file.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is none
     */
    public static Instant moment(String field, String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            throw Allowed.broken(field, "“" + text + "”", "a moment such as 2031-02-03T09:00:00Z");
        }
    }

    /**
     * A text that must be there.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is not
     */
    public static String text(JsonNode in, String field) {
        JsonNode given = in.get(field);
        if (given == null || !given.isString())
            throw Allowed.broken(field, given == null ? "nothing" : given.toString(), "a text");
        return given.asString();
    }

    /** The number that a row had where it came from: it keeps it where nobody else has it. */
    public static Optional<Long> number(JsonNode in) {
        JsonNode id = in.path("id");
        return id.isIntegralNumber() && id.canConvertToLong() && id.asLong() > 0
                ? Optional.of(id.asLong())
                : Optional.empty();
    }

    /** Objects that stand in a list; none when there is no such list. */
    public static List<ObjectNode> objects(JsonNode in, String field) {
        List<ObjectNode> objects = new ArrayList<>();
        int place = 0;
        for (JsonNode each : in.path(field)) {
            if (!(each instanceof ObjectNode object))
                throw Allowed.broken(field + "[" + place + "]", each.toString(), "an object");
            objects.add(object);
            place++;
        }
        return objects;
    }

    private static List<Field<?>> fields(Record row, Field<?>... without) {
        Set<String> left = Arrays.stream(without).map(Field::getName).collect(Collectors.toSet());
        return Arrays.<Field<?>>stream(row.fields())
                .filter(f -> !left.contains(f.getName()))
                .toList();
    }

    private static String named(Field<?> field) {
        StringBuilder name = new StringBuilder();
        boolean capital = false;
        for (char c : field.getName().toCharArray()) {
            if (c == '_') capital = true;
            else {
                name.append(capital ? Character.toUpperCase(c) : c);
                capital = false;
            }
        }
        return name.toString();
    }
}
