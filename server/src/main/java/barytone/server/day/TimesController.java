package barytone.server.day;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.worktime.Minutes;
import barytone.core.worktime.Task;
import barytone.core.worktime.Worked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How long work takes here, as the tapes tell it. */
@RestController
@RequestMapping(path = "/api/shop/times", produces = MediaType.APPLICATION_JSON_VALUE)
class TimesController {
    /** The 10 and 90 % points of a normal distribution lie so many spreads from its middle. */
    private static final double EIGHT_IN_TEN = 1.2816;

    private final Learned learned;

    TimesController(Learned learned) {
        this.learned = learned;
    }

    /**
     * How long one kind of work takes.
     *
     * @param usually minutes that half of the cases take no longer than, in words
     * @param spread between which eight in ten lie, in words
     * @param observed how often it was seen
     */
    record TimeView(String what, String usually, String spread, int observed) {}

    /** The same of one pair of hands. */
    record HandsView(String hands, List<TimeView> times) {}

    /**
     * All times.
     *
     * @param shop of everybody together
     * @param special of a kind of instrument and its bridge, where enough was seen
     * @param hands of each that said who it is, where there are several
     * @param promises how the last ones were kept, in words; null before the first
     */
    record TimesView(
            List<TimeView> shop,
            List<TimeView> special,
            List<HandsView> hands,
            @Nullable String promises) {}

    /** So often something was seen before it is told apart. */
    private static final int ENOUGH = 5;

    /** How long each kind of work takes here, with its spread. */
    @GetMapping
    TimesView shopTimes() {
        Learned.Told told = learned.now();
        List<Task> tasks = told.worked().stream()
                .map(Worked::task)
                .distinct()
                .sorted(Comparator.comparing(Task::kind).thenComparing(t -> String.valueOf(t.station())))
                .toList();
        List<String> by = told.worked().stream()
                .map(Worked::by)
                .filter(name -> !name.isEmpty())
                .distinct()
                .sorted()
                .toList();
        return new TimesView(
                tasks.stream()
                        .map(t -> view(what(t), told.times().of(t), told.times().observed(t)))
                        .toList(),
                special(told),
                by.stream()
                        .map(name -> new HandsView(
                                name,
                                tasks.stream()
                                        .map(t -> view(what(t), told.times().of(t, name), (int) told.worked().stream()
                                                .filter(w -> w.task().equals(t) && w.by().equals(name))
                                                .count()))
                                        .filter(t -> t.observed() >= ENOUGH)
                                        .toList()))
                        .filter(hands -> !hands.times().isEmpty())
                        .toList(),
                promises(told.kept()));
    }

    private static @Nullable String promises(List<Boolean> kept) {
        if (kept.isEmpty()) return null;
        long good = kept.stream().filter(k -> k).count();
        return kept.size() == 1
                ? "The last promise was " + (good == 1 ? "kept." : "missed.")
                : "Of the last " + kept.size() + " promises " + good + " were kept.";
    }

    private static List<TimeView> special(Learned.Told told) {
        record Special(Task task, InstrumentKind kind, BridgeKind bridge) {}
        List<TimeView> views = new ArrayList<>();
        told.worked().stream()
                .map(w -> new Special(w.task(), w.kind(), w.bridge()))
                .distinct()
                .filter(s -> s.task().station() != null)
                .forEach(s -> {
                    int seen = (int) told.worked().stream()
                            .filter(w -> w.task().equals(s.task()) && w.kind() == s.kind() && w.bridge() == s.bridge())
                            .count();
                    if (seen >= ENOUGH)
                        views.add(view(
                                what(s.task()) + ", " + s.kind().label().toLowerCase(Locale.ROOT) + " with "
                                        + s.bridge().label().toLowerCase(Locale.ROOT),
                                told.times().of(s.task(), s.kind(), s.bridge()),
                                seen));
                });
        views.sort(Comparator.comparing(TimeView::what));
        return views;
    }

    private static String what(Task task) {
        String kind = task.kind().label();
        String named = task.station() == null ? kind : task.station().label() + ": " + kind;
        return named.substring(0, 1).toUpperCase(Locale.ROOT) + named.substring(1);
    }

    private static TimeView view(String what, Minutes minutes, int observed) {
        return new TimeView(
                what,
                text(minutes.median()) + " min",
                text(minutes.at(-EIGHT_IN_TEN)) + " to " + text(minutes.at(EIGHT_IN_TEN)) + " min",
                observed);
    }

    private static String text(double minutes) {
        return String.format(Locale.ROOT, minutes < 10 ? "%.1f" : "%.0f", minutes);
    }
}
