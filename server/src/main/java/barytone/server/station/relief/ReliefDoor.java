package barytone.server.station.relief;

import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
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

/** The door to the rod. */
public final class ReliefDoor implements Door {
    @Override
    public Station station() {
        return Station.RELIEF;
    }

    @Override
    public Place place() {
        return new Place(2, 2);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("rod-turned", ReliefEvent.RodTurned.class),
                Map.entry("rod-ran-free", ReliefEvent.RodRanFree.class),
                Map.entry("rod-other-way", ReliefEvent.RodTurnedOtherWay.class),
                Map.entry("rod-direction", ReliefEvent.RodDirectionLearned.class),
                Map.entry("rod-stiff", ReliefEvent.RodStiff.class),
                Map.entry("settling-skipped", ReliefEvent.SettlingSkipped.class),
                Map.entry("target", ReliefEvent.TargetSet.class),
                Map.entry("rod-ways", ReliefEvent.RodWaysSet.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new ReliefWords(job, words, bench.schools());
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("relief", ReliefView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new ReliefPage(shown);
    }

    @Override
    public String wish() {
        return "relief";
    }

    @Override
    public Wanted wanted(JobState job) {
        ReliefTarget wanted = ReliefTarget.of(job);
        return new Wanted(
                wanted.school(), new ReliefEvent.TargetSet(wanted), job.spec().strings());
    }

    @Override
    public Optional<JobEvent> ofSchool(
            @Nullable String school, InstrumentSpec spec, Touch touch, Shop.Schools schools, JobDefaults usual) {
        String code = schools.relief().stream().anyMatch(s -> s.code().equals(school))
                ? Objects.requireNonNull(school)
                : ReliefSchool.usualFor(spec).code();
        ReliefTarget wanted = ReliefSchool.ofCode(schools.relief(), code).target(spec, touch);
        return wanted.equals(usual.the(ReliefTarget.class))
                ? Optional.empty()
                : Optional.of(new ReliefEvent.TargetSet(wanted));
    }
}
