package barytone.server.shop;

import barytone.core.advice.Effort;
import barytone.core.advice.Outfit;
import barytone.core.neck.GapMethod;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Toolkit;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.relief.ReliefSchool;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The shop's tools and schools; what Barytone starts with until the shop changes them. */
@Component
public class Shop {
    private static final String TOOLS = "tools";
    static final String SCHOOLS = "schools";
    private static final String EFFORT = "effort";

    private final Settings settings;
    private final JsonMapper mapper = JsonMapper.builder()
            .addMixIn(GapMethod.class, NutMethodNames.class)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    Shop(Settings settings) {
        this.settings = settings;
    }

    /** The ways in which a nut school states its bands. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = GapMethod.NutOpen.class, name = "nut-open"),
        @JsonSubTypes.Type(value = GapMethod.NutPressed.class, name = "nut-pressed"),
    })
    private interface NutMethodNames {}

    /** All schools of the shop. */
    public record Schools(List<ReliefSchool> relief, List<NutSchool> nut, List<ActionSchool> action) {
        static final Schools USUAL = new Schools(ReliefSchool.USUAL, NutSchool.USUAL, ActionSchool.USUAL);
    }

    /** The tools of the shop. */
    public Toolkit toolkit() {
        return toolkit(settings.find(Settings.Scope.SHOP, "", TOOLS));
    }

    long toolsVersion() {
        return settings.find(Settings.Scope.SHOP, "", TOOLS)
                .map(Settings.Stored::version)
                .orElse(0L);
    }

    void keepTools(long version, Toolkit tools) {
        settings.store(Settings.Scope.SHOP, "", TOOLS, version, mapper.writeValueAsString(tools.tools()));
    }

    /** What work at this bench costs in time. */
    public Effort effort() {
        return effort(settings.find(Settings.Scope.SHOP, "", EFFORT));
    }

    long effortVersion() {
        return settings.find(Settings.Scope.SHOP, "", EFFORT)
                .map(Settings.Stored::version)
                .orElse(0L);
    }

    void keepEffort(long version, Effort effort) {
        settings.store(Settings.Scope.SHOP, "", EFFORT, version, mapper.writeValueAsString(effort));
    }

    private Toolkit toolkit(Optional<Settings.Stored> kept) {
        return kept.map(s -> new Toolkit(mapper.readValue(s.body(), new TypeReference<List<OwnedTool>>() {})))
                .orElse(Toolkit.USUAL);
    }

    private Effort effort(Optional<Settings.Stored> kept) {
        return kept.map(s -> mapper.readValue(s.body(), Effort.class)).orElse(Effort.USUAL);
    }

    private Schools schools(Optional<Settings.Stored> kept) {
        return kept.map(s -> mapper.readValue(s.body(), Schools.class)).orElse(Schools.USUAL);
    }

    /** The tools and the time of the shop. */
    public Outfit means() {
        return now().means();
    }

    /**
     * What a job is shown with, as it stood at one moment.
     *
     * @param schools read when they are asked for: a closed job has its own
     */
    public record Now(Outfit means, Supplier<Schools> schools) {}

    /** Tools, time and schools, fetched at once. */
    public Now now() {
        Map<String, Settings.Stored> kept = settings.find(Settings.Scope.SHOP, "", Set.of(TOOLS, EFFORT, SCHOOLS));
        return new Now(
                new Outfit(
                        toolkit(Optional.ofNullable(kept.get(TOOLS))), effort(Optional.ofNullable(kept.get(EFFORT)))),
                SingletonSupplier.of(() -> schools(Optional.ofNullable(kept.get(SCHOOLS)))));
    }

    /** The schools of the shop. */
    public Schools schools() {
        return schools(settings.find(Settings.Scope.SHOP, "", SCHOOLS));
    }

    /** The schools as text, to be kept with a closed job. */
    public String schoolsText() {
        return mapper.writeValueAsString(schools());
    }

    /** Schools that were kept with a closed job. */
    public Schools readSchools(String text) {
        return mapper.readValue(text, Schools.class);
    }

    long schoolsVersion() {
        return settings.find(Settings.Scope.SHOP, "", SCHOOLS)
                .map(Settings.Stored::version)
                .orElse(0L);
    }

    void keepSchools(long version, Schools schools) {
        settings.store(Settings.Scope.SHOP, "", SCHOOLS, version, mapper.writeValueAsString(schools));
    }
}
