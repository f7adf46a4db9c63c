package barytone.server.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.core.station.Stations;
import barytone.server.shop.Settings;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a new job starts with: an instrument's own wish goes before the player's, the player's before the shop's, and all of them give
 * way to what is chosen on the job. They are settled when the job is opened and stay with it.
 */
@Component
public class Choices {
    private final Settings settings;
    private final Shop shop;
    private final EventCodec codec;
    private final Doors doors;
    private final JsonMapper mapper = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    /** Under which name the order of work is kept. */
    private static final String ORDER = "order";

    Choices(Settings settings, Shop shop, EventCodec codec, Doors doors) {
        this.settings = settings;
        this.shop = shop;
        this.codec = codec;
        this.doors = doors;
    }

    /**
     * A wish as stored: a school by its code, so that it fits any instrument, or an event with bands of its own.
     *
     * @param strings for how many strings the bands are
     */
    record Wish(
            @Nullable String school,
            @Nullable String kind,
            @Nullable String body,
            int strings) {}

    /** Whose wishes a new job follows: by number, and by the names under which earlier versions kept them. */
    record Whose(long instrument, String instrumentName, long player, String playerName) {}

    /** Under which name wishes of one that has a number are kept. */
    static String owner(long id) {
        return "#" + id;
    }

    /** Removes what was kept for a player. */
    public void forget(long player, String name) {
        settings.forget(Settings.Scope.PLAYER, owner(player));
        settings.forget(Settings.Scope.PLAYER, name);
    }

    /** Keeps what a job wants at a station, or its order of work, for a player, an instrument or the shop. */
    void keep(Settings.Scope scope, String owner, String name, OpenedJob job) {
        Door.Wanted wanted = name.equals(ORDER)
                ? new Door.Wanted(
                        null, new JobEvent.OrderSet(job.state().chosen().order()), 0)
                : door(name).wanted(job.state());
        Wish wish = wanted.school() == null
                ? new Wish(null, codec.kind(wanted.event()), codec.body(wanted.event()), wanted.strings())
                : new Wish(wanted.school(), null, null, wanted.strings());
        settings.replace(scope, owner, "wish-" + name, mapper.writeValueAsString(wish));
    }

    /** What is kept for a player or an instrument, a few words each. */
    public List<String> favourites(Settings.Scope scope, long id, String name) {
        return Stream.concat(wishes(), Stream.of(ORDER))
                .flatMap(wish -> kept(scope, id, name, wish).stream())
                .toList();
    }

    private Optional<String> kept(Settings.Scope scope, long id, String name, String wish) {
        return settings.find(scope, owner(id), "wish-" + wish)
                .or(() -> settings.find(scope, name, "wish-" + wish))
                .map(stored -> mapper.readValue(stored.body(), Wish.class))
                .map(kept -> Words.sentence(wish.equals(ORDER) ? "order of work" : wish) + ": " + told(kept));
    }

    private String told(Wish kept) {
        if (kept.school() != null) return Words.school(kept.school());
        if (kept.kind() != null
                && kept.body() != null
                && codec.event(kept.kind(), kept.body()) instanceof JobEvent.OrderSet order)
            return order.order().label();
        return "set by hand";
    }

    /** The names of all that is kept at stations. */
    private Stream<String> wishes() {
        return doors.stream().map(Door::wish).filter(wish -> !wish.isEmpty());
    }

    private Door door(String wish) {
        return doors.stream()
                .filter(door -> !wish.isEmpty() && door.wish().equals(wish))
                .findFirst()
                .orElseThrow(() -> Allowed.broken("what to keep", "“" + wish + "”", allowed()));
    }

    private String allowed() {
        return wishes().collect(Collectors.joining(", ")) + " or " + ORDER;
    }

    /** The wishes for a new job, to be stored with it. */
    String forNewJob(Whose whose, InstrumentSpec spec, Touch touch) {
        List<JobEvent> events = new ArrayList<>();
        Shop.Schools schools = shop.schools();
        JobDefaults usual = Stations.usual(spec, touch);
        Map<String, Optional<Wish>> wishes = Stream.concat(wishes(), Stream.of(ORDER))
                .collect(Collectors.toMap(
                        name -> name, name -> wish(whose, name, spec), (one, same) -> one, LinkedHashMap::new));
        for (Door door : doors.all())
            door.ofSchool(
                            wishes.getOrDefault(door.wish(), Optional.empty())
                                    .map(Wish::school)
                                    .orElse(null),
                            spec,
                            touch,
                            schools,
                            usual)
                    .ifPresent(events::add);
        for (Optional<Wish> wish : wishes.values()) {
            wish.ifPresent(w -> {
                if (w.kind() == null || w.body() == null) return;
                JobEvent wanted = codec.event(w.kind(), w.body());
                // what was kept on a longer board is no wish for a shorter one
                if (Stations.fits(spec, wanted)) events.add(wanted);
            });
        }
        return codec.keep(events);
    }

    /** The first wish in the order of precedence that fits the instrument. */
    private Optional<Wish> wish(Whose whose, String name, InstrumentSpec spec) {
        return settings
                .inOrder(
                        List.of(owner(whose.instrument()), whose.instrumentName()),
                        List.of(owner(whose.player()), whose.playerName()),
                        "wish-" + name)
                .stream()
                .map(s -> mapper.readValue(s.body(), Wish.class))
                .filter(w -> w.school() != null || w.strings() == 0 || w.strings() == spec.strings())
                .findFirst();
    }

    /** The defaults with the kept events applied, one after the other; what does not fit the instrument is left out. */
    static JobDefaults applied(JobDefaults defaults, InstrumentSpec spec, List<JobEvent> kept) {
        JobDefaults now = defaults;
        for (JobEvent event : kept)
            if (event instanceof JobEvent.Choosing choosing && Stations.fits(spec, event)) now = choosing.chosen(now);
        return now;
    }
}
