package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.job.WorkOrder;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The answer to “why?”: the rule that an advice follows, and the school. */
final class Rules {
    private final JobState state;
    private final Voices voices;

    Rules(JobState state, Voices voices) {
        this.state = state;
        this.voices = voices;
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
                    case CONDEMNED -> "A single reading condemns no slot.";
                    case BEFORE_WORK ->
                        "Nothing irreversible on old evidence: read since the last move, by a tool that can see it.";
                    case RECHECK ->
                        "Before hand-over what was moved, or moved along, is read once more, unless it is in its band with all but certainty.";
                };
            case Advice.MeasureAgain ignored ->
                "A reading over three standard deviations from what was expected is measured again before it is believed.";
            case Advice.AgreeDamage ignored ->
                "Damage stops the job until it is agreed what happens: nothing loads what is giving way.";
            case Advice.Waits ignored ->
                "What cures is left alone, and nothing is changed on wood that the air has moved or before the player has said so.";
            case Advice.PutOn ignored ->
                "The neck bends to the whole set: what is read without a string is read again when it is on.";
            case Advice.Retune ignored -> "Every adjustment ends with a retune: a reading off pitch is void.";
            case Advice.Done ignored -> "Nothing needs doing is a result too.";
            case Advice.Finished ignored ->
                "Done when every station agreed on is in its band, or as near as it goes, and was looked at since the last move.";
            case Advice.ClosedJob ignored -> "What was measured last is as left.";
            default -> voices.first(voice -> voice.ruleOf(advice)).orElse("");
        };
    }

    /** The schools that an advice at a station follows. */
    String school(Station station) {
        WorkOrder order = state.chosen().order();
        return "Order: " + order.label() + ". Target: " + voices.of(station).targetLabel() + ".";
    }

    /** What a topic that was declined is about, in words. */
    String topic(Topic topic) {
        String at = topic.station().map(s -> s.label().toLowerCase(Locale.ROOT)).orElse("");
        if (topic.is(JobState.LEAVE)) return at;
        if (topic.is(Advice.Measure.FOUND)) return at + " before the work";
        if (topic.equals(Advice.PutOn.MISSING)) return "the missing strings";
        if (topic.equals(Advice.Measure.LAST_LOOK)) return "the last look";
        // as earlier versions called it, too
        if (topic.is(Advice.Measure.CLOSER) || topic.is("again")) return "another look at the " + at;
        if (topic.is(JobState.FORMERLY_UNREAD)) return "readings of the " + at;
        return voices.first(voice -> voice.topic(topic)).orElse(topic.code());
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
                    case FIRST -> alone ? null : m.station().height() ? "Leave the " + what : "Leave it until its turn";
                    case NOT_READ, STALE, BEFORE_WORK -> alone ? null : "Leave the " + what;
                    case FINER_TOOL, ONCE_MORE, CONTRADICTED, ACCUSED, CONDEMNED -> "Take it as it is";
                    case SECOND_LOOK -> "Leave the " + what;
                    case RECHECK -> "Leave it unread";
                };
            }
            case Advice.PutOn ignored -> "Read without it";
            default -> voices.first(voice -> voice.declineOf(advice)).orElse(null);
        };
    }

    /** Whether the station of an advice can be left until the others are done. */
    boolean canWait(Advice advice, boolean declinable) {
        boolean others = state.chosen().scope().stream()
                .anyMatch(s -> s != advice.station() && state.agreed(s) && !state.left(s));
        boolean first = state.putOff().getOrDefault(advice.station(), 0) < 2;
        return others && first && declinable && advice.canWait();
    }
}
