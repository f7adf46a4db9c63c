package barytone.server.station.action;

import barytone.core.height.ActionTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.server.height.HeightView;
import barytone.server.job.Bench;
import barytone.server.job.Door;
import barytone.server.job.RoomPage;
import barytone.server.job.RoomVoice;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import barytone.server.shop.Shop;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The door to the bridge. */
public final class ActionDoor implements Door {
    @Override
    public Station station() {
        return Station.ACTION;
    }

    @Override
    public Place place() {
        return new Place(4, 3);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("bridge-screwed", ActionEvent.BridgeScrewed.class),
                Map.entry("saddle-reworked", ActionEvent.SaddleReworked.class),
                Map.entry("neck-shimmed", ActionEvent.NeckShimmed.class),
                Map.entry("gauge-pattern", ActionEvent.GaugePatternRead.class),
                Map.entry("bridge-travel", ActionEvent.TravelRead.class),
                Map.entry("saddle-proud", ActionEvent.SaddleProudRead.class),
                Map.entry("neck-angle", ActionEvent.NeckAngleRead.class),
                Map.entry("action-target", ActionEvent.ActionTargetSet.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new ActionWords(job, words, bench.schools());
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("action", HeightView.class, "bridge", BridgeView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new ActionPage(shown);
    }

    @Override
    public String wish() {
        return "action";
    }

    @Override
    public Wanted wanted(JobState job) {
        ActionTarget wanted = ActionTarget.of(job);
        return new Wanted(
                wanted.school(),
                new ActionEvent.ActionTargetSet(wanted),
                job.spec().strings());
    }

    @Override
    public Optional<JobEvent> ofSchool(
            @Nullable String school, InstrumentSpec spec, Touch touch, Shop.Schools schools, JobDefaults usual) {
        String code = schools.action().stream()
                        .anyMatch(s -> s.code().equals(school) && s.family() == ActionSchool.Family.of(spec.kind()))
                ? Objects.requireNonNull(school)
                : ActionSchool.usualFor(schools.action(), spec.kind()).code();
        ActionTarget wanted = ActionSchool.ofCode(schools.action(), code).target(spec, touch, ActionSchool.Style.ANY);
        return wanted.equals(usual.the(ActionTarget.class))
                ? Optional.empty()
                : Optional.of(new ActionEvent.ActionTargetSet(wanted));
    }
}
