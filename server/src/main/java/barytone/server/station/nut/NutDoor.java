package barytone.server.station.nut;

import barytone.core.height.NutTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
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

/** The door to the nut. */
public final class NutDoor implements Door {
    @Override
    public Station station() {
        return Station.NUT;
    }

    @Override
    public Place place() {
        return new Place(3, 1);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("slots-filed", NutEvent.SlotsFiled.class),
                Map.entry("nut-reworked", NutEvent.NutReworked.class),
                Map.entry("slot-checked", NutEvent.SlotChecked.class),
                Map.entry("nut-target", NutEvent.NutTargetSet.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new NutWords(job, words, bench.schools());
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("nut", HeightView.class, "nutBench", NutBenchView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new NutPage(shown);
    }

    @Override
    public String wish() {
        return "nut";
    }

    @Override
    public Wanted wanted(JobState job) {
        NutTarget wanted = NutTarget.of(job);
        return new Wanted(
                wanted.school(), new NutEvent.NutTargetSet(wanted), job.spec().strings());
    }

    @Override
    public Optional<JobEvent> ofSchool(
            @Nullable String school, InstrumentSpec spec, Touch touch, Shop.Schools schools, JobDefaults usual) {
        String code = schools.nut().stream().anyMatch(s -> s.code().equals(school))
                ? Objects.requireNonNull(school)
                : NutSchool.USUAL.getFirst().code();
        NutTarget wanted = NutSchool.ofCode(schools.nut(), code).target(spec);
        return wanted.equals(usual.the(NutTarget.class))
                ? Optional.empty()
                : Optional.of(new NutEvent.NutTargetSet(wanted));
    }
}
