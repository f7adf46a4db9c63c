package barytone.server.job;

import barytone.core.height.ActionTarget;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Fit;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Allowed;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.server.shop.Settings;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a new job starts with: an instrument's own wish goes before the player's, the player's before the shop's, and all of them give
 * way to what is chosen on the job. They are settled when the job is opened and stay with it.
 */
@Component
class Choices {
    private final Settings settings;
    private final Shop shop;
    private final EventCodec codec;
    private final JsonMapper mapper = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    Choices(Settings settings, Shop shop, EventCodec codec) {
        this.settings = settings;
        this.shop = shop;
        this.codec = codec;
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

    /** Keeps what a job wants at a station, or its order of work, for a player, an instrument or the shop. */
    void keep(Settings.Scope scope, String owner, String name, JobLog.Opened job) {
        JobDefaults chosen = job.state().chosen();
        int strings = job.state().spec().strings();
        Wish wish = switch (name) {
            case "relief" ->
                wish(
                        chosen.the(ReliefTarget.class).school(),
                        new ReliefEvent.TargetSet(chosen.the(ReliefTarget.class)),
                        strings);
            case "nut" ->
                wish(
                        chosen.the(NutTarget.class).school(),
                        new NutEvent.NutTargetSet(chosen.the(NutTarget.class)),
                        strings);
            case "action" ->
                wish(
                        chosen.the(ActionTarget.class).school(),
                        new ActionEvent.ActionTargetSet(chosen.the(ActionTarget.class)),
                        strings);
            case "intonation" ->
                wish(null, new ToneEvent.IntonationSet(Tones.of(job.state()).ways()), strings);
            case "pickups" -> wish(null, new PickupEvent.PickupTargetSet(chosen.the(PickupTarget.class)), 0);
            case "order" -> wish(null, new JobEvent.OrderSet(chosen.order()), 0);
            default ->
                throw Allowed.broken(
                        "what to keep", "“" + name + "”", "relief, nut, action, intonation, pickups or order");
        };
        settings.replace(scope, owner, "wish-" + name, mapper.writeValueAsString(wish));
    }

    private Wish wish(@Nullable String school, JobEvent event, int strings) {
        return school == null
                ? new Wish(null, codec.kind(event), codec.body(event), strings)
                : new Wish(school, null, null, strings);
    }

    /** The wishes for a new job, to be stored with it. */
    String forNewJob(String instrument, String player, InstrumentSpec spec, Touch touch) {
        List<JobEvent> events = new ArrayList<>();
        Shop.Schools schools = shop.schools();
        // a school that the shop has dropped since is nobody's wish any more
        String relief = school(instrument, player, "relief", spec)
                .filter(code -> schools.relief().stream().anyMatch(s -> s.code().equals(code)))
                .orElse(ReliefSchool.usualFor(spec).code());
        String nut = school(instrument, player, "nut", spec)
                .filter(code -> schools.nut().stream().anyMatch(s -> s.code().equals(code)))
                .orElse(NutSchool.USUAL.getFirst().code());
        String action = school(instrument, player, "action", spec)
                .filter(code -> schools.action().stream()
                        .anyMatch(s -> s.code().equals(code) && s.family() == ActionSchool.Family.of(spec.kind())))
                .orElse(ActionSchool.usualFor(schools.action(), spec.kind()).code());
        // what is usual is not stored, so that a correction of the instrument's facts still moves it
        JobDefaults usual = Stations.usual(spec, touch);
        ReliefTarget wantedRelief =
                ReliefSchool.ofCode(schools.relief(), relief).target(spec, touch);
        if (!wantedRelief.equals(usual.the(ReliefTarget.class))) events.add(new ReliefEvent.TargetSet(wantedRelief));
        NutTarget wantedNut = NutSchool.ofCode(schools.nut(), nut).target(spec);
        if (!wantedNut.equals(usual.the(NutTarget.class))) events.add(new NutEvent.NutTargetSet(wantedNut));
        ActionTarget wantedAction =
                ActionSchool.ofCode(schools.action(), action).target(spec, touch, ActionSchool.Style.ANY);
        if (!wantedAction.equals(usual.the(ActionTarget.class)))
            events.add(new ActionEvent.ActionTargetSet(wantedAction));
        for (String name : List.of("relief", "nut", "action", "intonation", "pickups", "order")) {
            Optional<Wish> wish = wish(instrument, player, name, spec);
            wish.ifPresent(w -> {
                if (w.kind() == null || w.body() == null) return;
                JobEvent wanted = codec.event(w.kind(), w.body());
                // what was kept on a longer board is no wish for a shorter one
                if (new Fit(spec).of(wanted)) events.add(wanted);
            });
        }
        return codec.keep(events);
    }

    private Optional<String> school(String instrument, String player, String name, InstrumentSpec spec) {
        return wish(instrument, player, name, spec).map(Wish::school);
    }

    /** The first wish in the order of precedence that fits the instrument. */
    private Optional<Wish> wish(String instrument, String player, String name, InstrumentSpec spec) {
        return settings.inOrder(instrument, player, "wish-" + name).stream()
                .map(s -> mapper.readValue(s.body(), Wish.class))
                .filter(w -> w.school() != null || w.strings() == 0 || w.strings() == spec.strings())
                .findFirst();
    }

    /** The defaults with the kept events applied, one after the other; what does not fit the instrument is left out. */
    static JobDefaults applied(JobDefaults defaults, InstrumentSpec spec, List<JobEvent> kept) {
        Fit fit = new Fit(spec);
        JobDefaults now = defaults;
        for (JobEvent event : kept) {
            if (!fit.of(event)) continue;
            now = switch (event) {
                case ReliefEvent.TargetSet e -> now.with(e.target(), now.reliefHabit());
                case NutEvent.NutTargetSet e -> now.with(e.target());
                case ActionEvent.ActionTargetSet e -> now.with(e.target());
                case JobEvent.OrderSet e -> now.with(e.order());
                case ToneEvent.IntonationSet e -> now.with(e.ways());
                case PickupEvent.PickupTargetSet e -> now.with(e.target());
                case ReliefEvent.RodWaysSet e -> now.with(e.ways());
                case JobEvent.HeightHabitSet e -> now.with(e.habit());
                default -> now;
            };
        }
        return now;
    }
}
