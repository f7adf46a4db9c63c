package barytone.server.job;

import barytone.core.estimate.Move;
import barytone.core.job.JobEvent;
import barytone.core.job.Topic;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.trial.TargetsTaken;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Events as stored: a kind and a JSON body. The kinds and the names of methods and gaps are stored for good; a new kind is
 * added, here or at the door of its station, and never renamed.
 */
@Component
class EventCodec {
    private final Map<String, Class<? extends JobEvent>> kinds;
    private final Map<Class<? extends JobEvent>, String> names;

    private final JsonMapper mapper = JsonMapper.builder()
            .addMixIn(GapMethod.class, MethodNames.class)
            .addMixIn(Gap.class, GapNames.class)
            .addMixIn(Move.class, MoveNames.class)
            .addMixIn(Topic.class, TopicCode.class)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    EventCodec(Doors doors) {
        this.kinds = kinds(doors);
        this.names = kinds.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));
    }

    private static Map<String, Class<? extends JobEvent>> kinds(Doors doors) {
        Map<String, Class<? extends JobEvent>> kinds = new LinkedHashMap<>();
        kinds.put("reading", JobEvent.ReadingTaken.class);
        kinds.put("reading-kept", JobEvent.ReadingKept.class);
        kinds.put("reading-dropped", JobEvent.ReadingDropped.class);
        kinds.put("reading-moved", JobEvent.ReadingMoved.class);
        kinds.put("moved-uncounted", JobEvent.MovedUncounted.class);
        kinds.put("strings-changed", JobEvent.StringsChanged.class);
        kinds.put("air", JobEvent.AirRead.class);
        kinds.put("hand-over", JobEvent.HandOverWritten.class);
        kinds.put("agreement", JobEvent.AgreementSet.class);
        kinds.put("part-taken", JobEvent.PartTaken.class);
        kinds.put("part-back", JobEvent.PartBack.class);
        kinds.put("tended", JobEvent.Tended.class);
        kinds.put("follow-up", JobEvent.FollowUpSet.class);
        kinds.put("hurt", JobEvent.HurtSaid.class);
        kinds.put("condition", JobEvent.ConditionMarked.class);
        kinds.put("condition-gone", JobEvent.ConditionUnmarked.class);
        kinds.put("looked", JobEvent.SpotLooked.class);
        kinds.put("damage-agreed", JobEvent.DamageAgreed.class);
        kinds.put("strings-planned", JobEvent.StringsPlanned.class);
        kinds.put("note-heard", JobEvent.NoteHeard.class);
        kinds.put("notes-heard", JobEvent.NotesHeard.class);
        kinds.put("played-through", JobEvent.PlayedThrough.class);
        kinds.put("heard-accepted", JobEvent.HeardAccepted.class);
        kinds.put("wait", JobEvent.WaitBegun.class);
        kinds.put("wait-ended", JobEvent.WaitEnded.class);
        kinds.put("promised", JobEvent.Promised.class);
        kinds.put("put-off", JobEvent.PutOff.class);
        kinds.put("moved", JobEvent.Moved.class);
        kinds.put("retuned", JobEvent.Retuned.class);
        kinds.put("note", JobEvent.NoteWritten.class);
        kinds.put("habit", JobEvent.HabitSet.class);
        kinds.put("height-habit", JobEvent.HeightHabitSet.class);
        kinds.put("order", JobEvent.OrderSet.class);
        kinds.put("scope", JobEvent.ScopeSet.class);
        kinds.put("agreed-too", JobEvent.AgreedToo.class);
        kinds.put("targets-taken", TargetsTaken.class);
        kinds.put("answered", JobEvent.Answered.class);
        kinds.put("closed", JobEvent.Closed.class);
        kinds.put("reopened", JobEvent.Reopened.class);
        kinds.put("undone", JobEvent.Undone.class);
        kinds.put("redone", JobEvent.Redone.class);
        for (Door door : doors.all())
            door.kinds().forEach((kind, event) -> {
                if (kinds.put(kind, event) != null) throw new IllegalStateException("two events are stored as " + kind);
            });
        return kinds;
    }

    /** A topic is stored as its code. */
    private interface TopicCode {
        @JsonValue
        String code();

        @JsonCreator
        static Topic read(String code) {
            throw new UnsupportedOperationException(code);
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = GapMethod.Relief.class, name = "relief"),
        @JsonSubTypes.Type(value = GapMethod.NutOpen.class, name = "nut-open"),
        @JsonSubTypes.Type(value = GapMethod.NutPressed.class, name = "nut-pressed"),
        @JsonSubTypes.Type(value = GapMethod.Action.class, name = "action"),
        @JsonSubTypes.Type(value = GapMethod.ActionCapo.class, name = "action-capo"),
    })
    private interface MethodNames {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Gap.Of.class, name = "of"),
        @JsonSubTypes.Type(value = Gap.Between.class, name = "between"),
        @JsonSubTypes.Type(value = Gap.AtLeast.class, name = "at-least"),
        @JsonSubTypes.Type(value = Gap.AtMost.class, name = "at-most"),
    })
    private interface GapNames {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Move.RodTurned.class, name = "rod-turned"),
        @JsonSubTypes.Type(value = Move.SaddleScrewed.class, name = "saddle-screwed"),
        @JsonSubTypes.Type(value = Move.SaddleMoved.class, name = "saddle-moved"),
        @JsonSubTypes.Type(value = Move.SlotMoved.class, name = "slot-moved"),
        @JsonSubTypes.Type(value = Move.ScrewTurned.class, name = "screw-turned"),
        @JsonSubTypes.Type(value = Move.SaddleLifted.class, name = "saddle-lifted"),
        @JsonSubTypes.Type(value = Move.SlotFiled.class, name = "slot-filed"),
        @JsonSubTypes.Type(value = Move.SlotsLifted.class, name = "slots-lifted"),
        @JsonSubTypes.Type(value = Move.TensionChanged.class, name = "tension-changed"),
        @JsonSubTypes.Type(value = Move.Retuned.class, name = "retuned"),
        @JsonSubTypes.Type(value = Move.Rested.class, name = "rested"),
        @JsonSubTypes.Type(value = Move.SlotsUnknown.class, name = "slots-unknown"),
        @JsonSubTypes.Type(value = Move.SaddlesUnknown.class, name = "saddles-unknown"),
        @JsonSubTypes.Type(value = Move.ReliefUnknown.class, name = "relief-unknown"),
        @JsonSubTypes.Type(value = Move.HumidityChanged.class, name = "humidity-changed"),
    })
    private interface MoveNames {}

    String kind(JobEvent event) {
        return kind(event.getClass());
    }

    /** Under which name a kind of events is stored. */
    String kind(Class<? extends JobEvent> event) {
        return Objects.requireNonNull(names.get(event), () -> "no stored name for " + event);
    }

    String body(JobEvent event) {
        return mapper.writeValueAsString(event);
    }

    /** Events of settings, kept with a job from its opening on. */
    record Kept(String kind, String body) {}

    String keep(List<JobEvent> events) {
        return mapper.writeValueAsString(
                events.stream().map(e -> new Kept(kind(e), body(e))).toList());
    }

    List<JobEvent> kept(String text) {
        return mapper.readValue(text, new TypeReference<List<Kept>>() {}).stream()
                .map(k -> event(k.kind(), k.body()))
                .toList();
    }

    JobEvent event(String kind, String body) {
        Class<? extends JobEvent> type = kinds.get(kind);
        if (type == null) throw new IllegalStateException("this version does not know events of kind “" + kind + "”");
        return mapper.readValue(body, type);
    }
}
