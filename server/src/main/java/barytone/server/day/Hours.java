package barytone.server.day;

import barytone.core.hours.ShopHours;
import barytone.core.quantity.Allowed;
import barytone.server.shop.Settings;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The shop's hours as they are stored and typed. They are local times of local days: a machine in another zone, or a change of the clocks, moves none of them. */
@Component
class Hours {
    private static final Logger LOG = LoggerFactory.getLogger(Hours.class);

    static final String SETTING = "hours";

    private static final Pattern STRETCH =
            Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?\\s*(?:-|–|to)\\s*(\\d{1,2})(?:[:.](\\d{2}))?");
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);

    private final Settings settings;
    private final JsonMapper mapper = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    Hours(Settings settings) {
        this.settings = settings;
    }

    /**
     * As stored.
     *
     * @param week hours as they are typed, by day
     * @param urgent pieces of urgent work a day
     */
    record Stored(Map<DayOfWeek, String> week, Set<LocalDate> closed, double capacity, double buffer, double urgent) {}

    /** The hours with what comes in between. */
    record Known(ShopHours hours, double urgent, long version) {}

    private static final double USUAL_URGENT = 1;

    Known now() {
        return settings.find(Settings.Scope.SHOP, "", SETTING)
                .map(this::read)
                .orElse(new Known(ShopHours.USUAL, USUAL_URGENT, 0));
    }

    /** Hours that came from elsewhere and cannot be read break no view: it goes on with what is usual, and they can be set anew. */
    private Known read(Settings.Stored found) {
        try {
            Stored stored = mapper.readValue(found.body(), Stored.class);
            return new Known(
                    new ShopHours(week(stored.week()), stored.closed(), stored.capacity(), stored.buffer()),
                    stored.urgent(),
                    found.version());
        } catch (RuntimeException unreadable) {
            LOG.error("The hours cannot be read", unreadable);
            return new Known(ShopHours.USUAL, USUAL_URGENT, found.version());
        }
    }

    void keep(long version, ShopHours hours, double urgent) {
        Map<DayOfWeek, String> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values())
            week.put(day, typed(hours.week().getOrDefault(day, List.of())));
        settings.store(
                Settings.Scope.SHOP,
                "",
                SETTING,
                version,
                mapper.writeValueAsString(new Stored(
                        week,
                        new TreeSet<>(hours.closed()),
                        hours.capacity(),
                        hours.buffer(),
                        Allowed.number("urgent work", urgent, 0, 20, "a day"))));
    }

    static Map<DayOfWeek, List<ShopHours.Stretch>> week(Map<DayOfWeek, String> typed) {
        Map<DayOfWeek, List<ShopHours.Stretch>> week = new EnumMap<>(DayOfWeek.class);
        typed.forEach((day, text) -> week.put(day, stretches(day, text)));
        return week;
    }

    /** 9-12:30, 13:30-17:30; empty or “closed” for none. */
    private static List<ShopHours.Stretch> stretches(DayOfWeek day, String text) {
        List<ShopHours.Stretch> stretches = new ArrayList<>();
        if (text.isBlank() || text.strip().equalsIgnoreCase("closed")) return stretches;
        for (String part : text.split(",|;| and ")) {
            Matcher match = STRETCH.matcher(part.strip());
            if (!match.matches())
                throw Allowed.broken(
                        "hours of " + name(day),
                        "“" + part.strip() + "”",
                        "stretches as in 9:00-12:30, 13:30-17:30, or closed");
            stretches.add(new ShopHours.Stretch(
                    time(day, match.group(1), match.group(2)), time(day, match.group(3), match.group(4))));
        }
        return stretches;
    }

    private static LocalTime time(DayOfWeek day, String hour, @Nullable String minute) {
        try {
            // the day ends a minute before the next begins
            if (hour.equals("24")) return LocalTime.of(23, 59);
            return LocalTime.of(Integer.parseInt(hour), minute == null ? 0 : Integer.parseInt(minute));
        } catch (DateTimeException e) {
            throw Allowed.broken("hours of " + name(day), hour + (minute == null ? "" : ":" + minute), "0:00 to 24:00");
        }
    }

    static String name(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    static String typed(List<ShopHours.Stretch> stretches) {
        return stretches.stream()
                .map(s -> TIME.format(s.from()) + "-" + TIME.format(s.to()))
                .collect(Collectors.joining(", "));
    }

    /** All days of the week, Monday first. */
    static List<DayOfWeek> days() {
        return Arrays.asList(DayOfWeek.values());
    }
}
