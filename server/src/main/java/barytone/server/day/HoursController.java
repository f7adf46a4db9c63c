package barytone.server.day;

import barytone.core.hours.ShopHours;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.PlainNumber;
import barytone.server.job.Days;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** When the shop works at its bench, over HTTP; hours as they are typed. */
@RestController
@RequestMapping(path = "/api/shop/hours", produces = MediaType.APPLICATION_JSON_VALUE)
class HoursController {
    /** A list of closed days is not longer. */
    private static final int MOST_CLOSED = 1000;

    private final Hours hours;
    private final Clock clock;

    HoursController(Hours hours, Clock clock) {
        this.hours = hours;
        this.clock = clock;
    }

    /** A day of the week. */
    record DayHours(DayOfWeek day, String label, String hours) {}

    /** A day on which it is closed. */
    record ClosedDay(LocalDate day, String text) {}

    /**
     * The hours.
     *
     * @param capacity share of the hours that is worked at the bench, %
     * @param buffer working hours kept before what is promised
     * @param urgent pieces of urgent work a day
     * @param closed from today on
     * @param zone in which they are meant
     */
    record HoursView(
            long version,
            List<DayHours> week,
            String capacity,
            String buffer,
            String urgent,
            List<ClosedDay> closed,
            String zone) {}

    /**
     * Hours as typed, with the version that was seen.
     *
     * @param closed days as in 2031-02-06
     */
    record HoursAsked(
            long version,
            Map<DayOfWeek, String> week,
            String capacity,
            String buffer,
            String urgent,
            List<String> closed) {}

    /**
     * What a calendar file made of the closed days.
     *
     * @param added days that were not closed before
     * @param refused what could not be taken, in words
     */
    record ClosedTaken(HoursView hours, int added, List<String> refused) {}

    /** When the shop works at its bench. */
    @GetMapping
    HoursView shopHours() {
        return view(hours.now());
    }

    /** Keeps the hours. */
    @PutMapping
    HoursView keepShopHours(@RequestBody HoursAsked asked) {
        if (asked.closed().size() > MOST_CLOSED)
            throw Allowed.broken("closed", asked.closed().size() + " days", "at most " + MOST_CLOSED);
        Map<DayOfWeek, String> week = new EnumMap<>(DayOfWeek.class);
        week.putAll(asked.week());
        Set<LocalDate> closed = new TreeSet<>();
        for (String day : asked.closed()) closed.add(day(day));
        Hours.Known before = hours.now();
        // days that have passed are history and stay
        before.hours().closed().stream().filter(day -> day.isBefore(today())).forEach(closed::add);
        hours.keep(
                asked.version(),
                new ShopHours(
                        Hours.week(week),
                        closed,
                        PlainNumber.parse(
                                        "capacity",
                                        asked.capacity().replace("%", "").strip(),
                                        "percent, such as 70")
                                / 100,
                        PlainNumber.parse("buffer", asked.buffer(), "hours, such as 1")),
                PlainNumber.parse("urgent work", asked.urgent(), "pieces a day, such as 1"));
        return view(hours.now());
    }

    /** Takes the days of a calendar file (iCalendar) as closed: its all-day events, and those that last a day or longer. */
    @PostMapping(path = "/closed-days", consumes = "text/calendar")
    ClosedTaken takeClosedDays(@RequestBody(required = false) byte @Nullable [] file) {
        ClosedDays found = ClosedDays.read(
                new String(file == null ? new byte[0] : file, StandardCharsets.UTF_8), today(), Days.zone());
        Hours.Known before = hours.now();
        Set<LocalDate> closed = new TreeSet<>(before.hours().closed());
        int known = closed.size();
        closed.addAll(found.days());
        if (closed.size() > MOST_CLOSED)
            throw Allowed.broken("closed", closed.size() + " days", "at most " + MOST_CLOSED);
        if (closed.size() > known) hours.keep(before.version(), before.hours().closedOn(closed), before.urgent());
        return new ClosedTaken(view(hours.now()), closed.size() - known, found.refused());
    }

    private LocalDate today() {
        return Days.of(clock.instant());
    }

    private static LocalDate day(String typed) {
        try {
            return LocalDate.parse(typed.strip());
        } catch (DateTimeParseException e) {
            throw Allowed.broken("closed", "“" + typed.strip() + "”", "a day as in 2031-02-06");
        }
    }

    private HoursView view(Hours.Known known) {
        ShopHours shop = known.hours();
        return new HoursView(
                known.version(),
                Hours.days().stream()
                        .map(day -> new DayHours(
                                day, Hours.name(day), Hours.typed(shop.week().getOrDefault(day, List.of()))))
                        .toList(),
                Allowed.plain(Math.round(shop.capacity() * 1000) / 10.0),
                Allowed.plain(shop.buffer()),
                Allowed.plain(known.urgent()),
                shop.closed().stream()
                        .filter(day -> !day.isBefore(today()))
                        .sorted()
                        .map(day -> new ClosedDay(day, Days.withYear(day)))
                        .toList(),
                Days.zone().getId());
    }
}
