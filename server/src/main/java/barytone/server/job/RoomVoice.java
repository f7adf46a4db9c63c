package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.estimate.SetupEstimate;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a station says of its own advice and events. A fact has one sentence, whoever tells it: the next move, the tape, the record.
 *
 * @param <A> the sealed family of its advice
 * @param <E> the sealed family of its events
 */
public abstract class RoomVoice<A extends Advice, E extends JobEvent> {
    private final Station station;
    private final Class<A> advices;
    private final Class<E> events;

    protected RoomVoice(Station station, Class<A> advices, Class<E> events) {
        this.station = station;
        this.advices = advices;
        this.events = events;
    }

    /** Whose voice it is. */
    public final Station station() {
        return station;
    }

    /** What to do, why, and what to beware of; empty when the advice is another's. */
    final Optional<Said> of(Advice advice) {
        return advices.isInstance(advice) ? Optional.of(said(advices.cast(advice))) : Optional.empty();
    }

    /** The rule that an advice follows; empty when it is another's. */
    final Optional<String> ruleOf(Advice advice) {
        return advices.isInstance(advice) ? Optional.of(rule(advices.cast(advice))) : Optional.empty();
    }

    /** What the button says that leaves an advice out; empty when it is another's, or cannot be left out. */
    final Optional<String> declineOf(Advice advice) {
        return advices.isInstance(advice) ? Optional.ofNullable(decline(advices.cast(advice))) : Optional.empty();
    }

    /** An entry of the tape; empty when it is another's. */
    final Optional<String> lineOf(JobEvent event) {
        return events.isInstance(event) ? Optional.of(line(events.cast(event))) : Optional.empty();
    }

    protected abstract Said said(A advice);

    protected abstract String rule(A advice);

    protected abstract @Nullable String decline(A advice);

    protected abstract String line(E event);

    /** What a topic of its advice is about, when it was declined; empty when it is another's. */
    protected Optional<String> topic(Topic topic) {
        return Optional.empty();
    }

    /** What is asked for when its notes or gaps, that no gauge under a string reads, are to be read. */
    protected Said reading(Advice.Measure measure, List<String> why, boolean first) {
        throw new IllegalStateException(station + " is read with a gauge under the strings");
    }

    /** What to think of when the strings are brought to pitch after work here: why, and how. */
    protected List<String> retuning() {
        return List.of(
                "The strings were slack or moved. A reading off pitch is void.",
                "Seat the strings at nut and saddle first.");
    }

    /** What a move of heights changes here, where that is no height. */
    protected List<JobView.Ripple> ripple(SetupEstimate after) {
        return List.of();
    }

    /** The unit of what is expected here. */
    protected abstract String suffix();

    /** What it is called in a verdict. */
    protected abstract String subject();

    /** What a verdict of its own says instead of the usual; empty for the usual one. */
    protected Optional<Said> verdict(Advice.Done done) {
        return Optional.empty();
    }

    /** What is still out of its band, in a sentence; empty when nothing is. */
    protected abstract String standing();

    /** Why what is out is not moved any farther; empty when there is nothing to say. */
    protected String whyLeft() {
        return "";
    }

    /** What goes on record with the job, and is said when it is handed over: what will not last, what is not as it should be. */
    protected List<String> onRecord() {
        return List.of();
    }

    /** What else is to be thought of when the job is handed over. */
    protected List<String> handingOver() {
        return List.of();
    }

    /** The code of the school that its target comes from; null when it was set by hand, or comes from none. */
    public @Nullable String school() {
        return null;
    }

    /** The name of its target. */
    public abstract String targetLabel();

    /** Why its target is what it is. */
    public String targetReason() {
        return "";
    }
}
