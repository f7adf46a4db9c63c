package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.height.ActionTarget;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.intonation.IntonationWays;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefSchool;
import barytone.server.shop.Shop;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The answer to “why?”: the rule that an advice follows, and the school. */
final class Rules {
    private static final String AT_ITS_END =
            "A saddle at its floor or ceiling asks for the neck angle before any filing.";

    private final JobState state;
    private final Shop.Schools schools;

    Rules(JobState state, Shop.Schools schools) {
        this.state = state;
        this.schools = schools;
    }

    /** The rule that an advice follows. */
    String rule(Advice advice) {
        return switch (advice) {
            case Advice.Measure m ->
                switch (m.reason()) {
                    case FIRST -> "As found is recorded before anything is touched.";
                    case STALE ->
                        "A value is asked for again when the last move left it known to worse than a third of its band; only then.";
                    case SECOND_LOOK -> "A neck is judged after it has settled.";
                    case NOT_READ -> "What was made new is not what was read.";
                    case FINER_TOOL ->
                        "What is out by less than its tool can tell is looked at once with one that can, if that would change what is done.";
                    case ONCE_MORE ->
                        "What is too vaguely known for a stroke is looked at once more before it is left.";
                    case CONTRADICTED ->
                        "One lucky reading does not end the work: what speaks against it is asked once.";
                    case ACCUSED -> "Notes alone condemn no nut.";
                    case BEFORE_WORK ->
                        "Nothing irreversible on old evidence: read since the last move, by a tool that can see it.";
                    case RECHECK ->
                        "Before hand-over what was moved, or moved along, is read once more, unless it is in its band with all but certainty.";
                };
            case Advice.MeasureAgain ignored ->
                "A reading over three standard deviations from what was expected is measured again before it is believed.";
            case Advice.Retune ignored -> "Every adjustment ends with a retune: a reading off pitch is void.";
            case ReliefAdvice.Settle ignored -> "A neck creeps after a turn: it is judged when it has had its time.";
            case ReliefAdvice.TurnRod ignored ->
                "Relief comes before nut and action: it changes every height. Small steps, then look.";
            case ReliefAdvice.WrongWay ignored ->
                "A rod that answers the wrong way is understood before it is turned on.";
            case ReliefAdvice.FreePlay ignored -> "Turns that do not bite do not count.";
            case ReliefAdvice.Stop ignored -> "Stop where turning on could break something.";
            case ActionAdvice.LevelVibrato ignored ->
                "A floating bridge moves with every string: level and blocked, heights hold still.";
            case NutAdvice.FileSlots ignored ->
                "Never past the middle of the band in one pass, and never near the level of the frets: what is filed off does not come back.";
            case NutAdvice.LowerNut ignored ->
                "When every slot is too high, the smallest surplus comes off below and the slots are finished with the file.";
            case NutAdvice.RaiseNut ignored ->
                "A slot is raised only where it stands clearly near the frets or the open string buzzes, and after what is high was filed.";
            case ActionAdvice.TurnScrews t ->
                t.rough()
                        ? order()
                        : "A change at the fret needs that change times string length over fret distance at the saddle: about twice at 12.";
            case ActionAdvice.ReworkSaddle ignored ->
                "A change at the fret needs that change times string length over fret distance at the saddle: about twice at 12.";
            case ToneAdvice.MoveSaddles ignored ->
                "Sharp: lengthen. Flat: shorten. A cent at 12 is the string's length over 1731.";
            case ToneAdvice.SaddleLimit ignored -> "A saddle at its end asks for its cause before it is forced.";
            case ToneAdvice.SaddleStayed ignored -> "A screw may back out without moving its saddle.";
            case ToneAdvice.SaddleWrongWay ignored ->
                "What answers the wrong way is understood before it is turned on.";
            case ToneAdvice.ReplaceString ignored -> "Intonation cannot be better than the string.";
            case ToneAdvice.NutFirst ignored ->
                "Sharp in the first frets is the nut, sharper and sharper up the neck the saddle.";
            case PickupAdvice.TurnPickup ignored -> "Pickups come last: their gaps follow every height.";
            case PickupAdvice.TiredSpring ignored -> "A pickup that does not follow its screw cannot be set.";
            case ActionAdvice.ShimNeck ignored -> AT_ITS_END;
            case ActionAdvice.LookAtSaddle ignored ->
                "What is sanded off does not come back: a saddle keeps 2 mm above its bridge, or it is not sanded.";
            case ActionAdvice.BridgeLimit ignored -> AT_ITS_END;
            case Advice.Done ignored -> "Nothing needs doing is a result too.";
            case Advice.Finished ignored ->
                "Done when every station agreed on is in its band, or as near as it goes, and was looked at since the last move.";
            case Advice.ClosedJob ignored -> "What was measured last is as left.";
        };
    }

    private String order() {
        return state.chosen().order().reason();
    }

    /** The schools that an advice at a station follows. */
    String school(Station station) {
        WorkOrder order = state.chosen().order();
        return "Order: " + order.label() + ". Target: " + targetLabel(station) + ".";
    }

    /** The name of the target at a station. */
    String targetLabel(Station station) {
        if (station == Station.INTONATION)
            return Tones.of(state).ways().where().label() + ", against the "
                    + (Tones.of(state).ways().reference() == IntonationWays.Reference.OPEN
                            ? "open string"
                            : "harmonic");
        if (station == Station.PICKUPS) return "the usual gaps of each kind";
        @Nullable String code = code(station);
        return code == null ? "set by hand" : label(station, code);
    }

    /** Why the target at a station is what it is. */
    String targetReason(Station station) {
        String code = code(station);
        if (code == null) return "Bands typed for this job.";
        return switch (station) {
            case RELIEF ->
                schools.relief().stream()
                        .filter(s -> s.code().equals(code))
                        .map(ReliefSchool::reason)
                        .findFirst()
                        .orElse("");
            case NUT ->
                schools.nut().stream()
                        .filter(s -> s.code().equals(code))
                        .map(NutSchool::reason)
                        .findFirst()
                        .orElse("");
            case ACTION ->
                schools.action().stream()
                        .filter(s -> s.code().equals(code))
                        .map(ActionSchool::reason)
                        .findFirst()
                        .orElse("");
            case INTONATION, PICKUPS -> "";
        };
    }

    @Nullable
    String code(Station station) {
        return switch (station) {
            case RELIEF -> state.chosen().the(ReliefTarget.class).school();
            case NUT -> state.chosen().the(NutTarget.class).school();
            case ACTION -> state.chosen().the(ActionTarget.class).school();
            case INTONATION, PICKUPS -> null;
        };
    }

    /** The label of a school; its code when the shop no longer has it. */
    private String label(Station station, String code) {
        return switch (station) {
            case RELIEF ->
                schools.relief().stream()
                        .filter(s -> s.code().equals(code))
                        .map(ReliefSchool::label)
                        .findFirst()
                        .orElse(code);
            case NUT ->
                schools.nut().stream()
                        .filter(s -> s.code().equals(code))
                        .map(NutSchool::label)
                        .findFirst()
                        .orElse(code);
            case ACTION ->
                schools.action().stream()
                        .filter(s -> s.code().equals(code))
                        .map(ActionSchool::label)
                        .findFirst()
                        .orElse(code);
            case INTONATION, PICKUPS -> code;
        };
    }

    /** What a topic that was declined is about, in words. */
    static String topic(String topic) {
        if (topic.startsWith("leave-")) return topic.substring(6).toLowerCase(Locale.ROOT);
        if (topic.startsWith("found-")) return topic.substring(6).toLowerCase(Locale.ROOT) + " before the work";
        return switch (topic) {
            case "relief" -> "relief";
            case "file" -> "nut slots too high";
            case "nut-low" -> "nut slots too low";
            case "nut-underside" -> "the nut's underside";
            case "action" -> "action";
            case "rough-action" -> "a rough setting of the saddle";
            case "bridge-limit" -> "the bridge's travel";
            case "intonation" -> "intonation";
            case "nut-first" -> "a nut that is too high";
            case "recheck" -> "the last look";
            case "vibrato-level" -> "levelling the vibrato";
            default ->
                topic.startsWith("closer-") || topic.startsWith("again-")
                        ? "another look at the "
                                + topic.substring(topic.indexOf('-') + 1).toLowerCase(Locale.ROOT)
                        : topic.startsWith("measure-")
                                ? "readings of the " + topic.substring(8).toLowerCase(Locale.ROOT)
                                : topic.startsWith("file-") ? "slot " + topic.substring(5) : pitchTopic(topic);
        };
    }

    private static String pitchTopic(String topic) {
        int last = topic.lastIndexOf('-') + 1;
        return topic.startsWith("saddle-")
                ? "a saddle's travel"
                : topic.startsWith("string-")
                        ? "the doubt about string " + topic.substring(last)
                        : topic.startsWith("pickup-") || topic.startsWith("spring-") ? "a pickup" : topic;
    }

    /** What the button says that leaves an advice out; null when it cannot be left out. */
    @Nullable
    String decline(Advice advice) {
        return switch (advice) {
            case Advice.Measure m -> {
                String what = m.station().label().toLowerCase(Locale.ROOT);
                boolean alone = state.chosen().scope().size() == 1;
                yield switch (m.reason()) {
                    // with one station agreed on, leaving it unread would leave nothing
                    case FIRST -> alone ? null : m.station().height() ? "Leave the " + what : "Not before the work";
                    case NOT_READ, STALE, BEFORE_WORK -> alone ? null : "Leave the " + what;
                    case FINER_TOOL, ONCE_MORE, CONTRADICTED, ACCUSED -> "Take it as it is";
                    case SECOND_LOOK -> "Leave the " + what;
                    case RECHECK -> "Hand over without it";
                };
            }
            case ReliefAdvice.TurnRod ignored -> "Leave the relief";
            case ReliefAdvice.Stop ignored -> "Leave the relief and go on";
            case ActionAdvice.LevelVibrato ignored -> "Measure it floating";
            case NutAdvice.FileSlots ignored -> "Leave the slots";
            case NutAdvice.LowerNut ignored -> "Not from below";
            case NutAdvice.RaiseNut ignored -> "Leave them low";
            case ActionAdvice.TurnScrews ignored -> "Leave the heights";
            case ActionAdvice.ReworkSaddle ignored -> "Leave the saddle";
            case ToneAdvice.MoveSaddles ignored -> "Leave the intonation";
            case ToneAdvice.SaddleLimit ignored -> "Go on as far as it goes";
            case ToneAdvice.SaddleStayed ignored -> "It did move";
            case ToneAdvice.SaddleWrongWay ignored -> "Go on all the same";
            case ToneAdvice.ReplaceString ignored -> "Keep the string";
            case ToneAdvice.NutFirst ignored -> "Go on with the saddles";
            case PickupAdvice.TurnPickup ignored -> "Leave this pickup";
            case PickupAdvice.TiredSpring ignored -> "Leave it so";
            case ActionAdvice.ShimNeck ignored -> "Go on as far as it goes";
            case ActionAdvice.LookAtSaddle ignored -> "Sand it without looking";
            case ActionAdvice.BridgeLimit ignored -> "Go on as far as it goes";
            default -> null;
        };
    }

    /** Whether the station of an advice can be left until the others are done. */
    boolean canWait(Advice advice) {
        boolean others = state.chosen().scope().stream()
                .anyMatch(s -> s != advice.station() && state.agreed(s) && !state.left(s));
        boolean first = state.putOff().getOrDefault(advice.station(), 0) < 2;
        return others && first && decline(advice) != null && !(advice instanceof ActionAdvice.LevelVibrato);
    }
}
