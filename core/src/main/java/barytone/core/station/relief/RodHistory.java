package barytone.core.station.relief;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.job.JobEvent;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the rod was asked and what it answered: turns between two looks at the relief are one step. */
final class RodHistory {
    private final InstrumentSpec spec;
    private final List<RodStep> steps = new ArrayList<>();
    private final Map<Integer, Normal> changes = new HashMap<>();
    private @Nullable SetupEstimate before;
    private boolean unmeasured;

    RodHistory(InstrumentSpec spec) {
        this.spec = spec;
    }

    List<RodStep> steps() {
        return List.copyOf(steps);
    }

    /** The last step, when what it did was read. */
    Optional<RodStep> measured() {
        return steps.isEmpty() || steps.getLast().change() == null ? Optional.empty() : Optional.of(steps.getLast());
    }

    /** A turn that bit; the setup is as estimated before it. */
    void turned(long seq, Turns net, SetupEstimate estimate) {
        RodStep open = steps.isEmpty() ? null : steps.getLast();
        if (open != null && open.change() == null && !unmeasured) {
            steps.removeLast();
            steps.add(new RodStep(seq, open.net().plus(net), null));
        } else {
            before = estimate;
            unmeasured = false;
            changes.clear();
            steps.add(new RodStep(seq, net, null));
        }
    }

    /** A double-action rod may be in its dead zone until it has answered in this direction. */
    boolean mayRunFree(Turns net) {
        return spec.rod() == RodType.DOUBLE
                && steps.stream()
                        .filter(s -> s.net().sixteenths() * net.sixteenths() > 0)
                        .map(RodStep::change)
                        .noneMatch(change -> change != null && Math.abs(change.mean()) > 2 * change.sd());
    }

    /**
     * A relief was read that had no gap, or had none before: what the rod did cannot be told from it.
     *
     * @param over whether a gap is there again, so that the next turn is another step
     */
    void unmeasured(boolean over) {
        if (over && !steps.isEmpty() && steps.getLast().change() == null) unmeasured = true;
    }

    /** Compares a reading with what the same method would have read before the step. */
    void answered(JobEvent.ReadingTaken e, Evidence evidence, GapMethod.Relief standard) {
        if (steps.isEmpty() || before == null || unmeasured || !(e.method() instanceof GapMethod.Relief)) return;
        Normal then = before.now(e.string(), e.method(), e.means());
        // a one-sided finding only measures a change that it contradicts
        if (evidence instanceof Evidence.Below b && b.limit() >= then.mean()) return;
        if (evidence instanceof Evidence.Above a && a.limit() <= then.mean()) return;
        double value = switch (evidence) {
            case Evidence.Point p -> p.value();
            case Evidence.Below b -> b.limit();
            case Evidence.Above a -> a.limit();
        };
        double toStandard = spec.line().form(standard).curvature()
                / spec.line().form(e.method()).curvature();
        changes.put(
                e.string(), new Normal(value - then.mean(), Math.hypot(then.sd(), evidence.sd())).times(toStandard));
        double mean =
                changes.values().stream().mapToDouble(Normal::mean).average().orElseThrow();
        double variance =
                changes.values().stream().mapToDouble(n -> n.sd() * n.sd()).sum();
        RodStep open = steps.removeLast();
        steps.add(new RodStep(open.turn(), open.net(), new Normal(mean, Math.sqrt(variance) / changes.size())));
    }
}
