package barytone.core.worktime;

import barytone.core.advice.Effort;
import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.worktime.Task.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * How long each kind of work takes here: what is usual, drawn towards what was observed. Times are log-normal; what is usual is worth three observations, and so is the
 * whole shop where one kind of instrument with its bridge, or one pair of hands, is asked for (shrinkage, as in model.md section 17).
 */
public final class StepTimes {
    /** What is thought before anything was observed is worth so many observations. */
    private static final double WORTH = 3;

    /** Spread of the logarithm of one piece of work, before anything was observed. */
    private static final double SPREAD = 0.6;

    /** A posterior: the mean of the logarithm, its variance for one case, and how many cases it comes from. */
    private record Belief(double mean, double variance, int count) {
        Belief after(List<Worked> worked) {
            int n = worked.size();
            if (n == 0) return this;
            double sum = worked.stream().mapToDouble(w -> Math.log(w.minutes())).sum();
            double centre = (WORTH * mean + sum) / (WORTH + n);
            double squares = worked.stream()
                    .mapToDouble(w -> Math.pow(Math.log(w.minutes()) - centre, 2))
                    .sum();
            double apart = WORTH * Math.pow(mean - centre, 2);
            return new Belief(centre, (WORTH * variance + squares + apart) / (WORTH + n), n);
        }

        Minutes minutes() {
            return new Minutes(mean, Math.sqrt(variance * (1 + 1 / (WORTH + count))));
        }
    }

    private record Special(Task task, InstrumentKind kind, BridgeKind bridge) {}

    private record Hands(Task task, String by) {}

    private final Effort effort;
    private final Map<Task, List<Worked>> all;
    private final Map<Special, List<Worked>> special;
    private final Map<Hands, List<Worked>> hands;
    private final Map<Task, Belief> beliefs = new HashMap<>();

    private StepTimes(Effort effort, List<Worked> worked) {
        this.effort = effort;
        this.all = by(worked, Worked::task);
        this.special = by(worked, w -> new Special(w.task(), w.kind(), w.bridge()));
        this.hands = by(worked, w -> new Hands(w.task(), w.by()));
    }

    private static <K> Map<K, List<Worked>> by(List<Worked> worked, Function<Worked, K> key) {
        Map<K, List<Worked>> grouped = new HashMap<>();
        for (Worked w : worked)
            grouped.computeIfAbsent(key.apply(w), k -> new ArrayList<>()).add(w);
        return grouped;
    }

    /** What is usual, corrected by what was observed. */
    public static StepTimes learned(Effort effort, List<Worked> worked) {
        return new StepTimes(effort, worked);
    }

    /** The same where nothing was observed yet. */
    public static StepTimes usual(Effort effort) {
        return learned(effort, List.of());
    }

    /** How often a kind of work was observed. */
    public int observed(Task task) {
        return all.getOrDefault(task, List.of()).size();
    }

    /** How long it takes in this shop. */
    public Minutes of(Task task) {
        return belief(task).minutes();
    }

    /** How long it takes on a kind of instrument with a kind of bridge. */
    public Minutes of(Task task, InstrumentKind kind, BridgeKind bridge) {
        return belief(task)
                .after(special.getOrDefault(new Special(task, kind, bridge), List.of()))
                .minutes();
    }

    /** How long it takes somebody. */
    public Minutes of(Task task, String by) {
        return belief(task)
                .after(hands.getOrDefault(new Hands(task, by), List.of()))
                .minutes();
    }

    private Belief belief(Task task) {
        return beliefs.computeIfAbsent(
                task, t -> new Belief(Math.log(usually(t)), SPREAD * SPREAD, 0).after(all.getOrDefault(t, List.of())));
    }

    /** Minutes before anything was observed: what the shop says of itself, where it does. */
    private double usually(Task task) {
        if (task.kind() == Kind.MOVE && task.station() != null)
            return switch (task.station()) {
                case RELIEF -> 1.5;
                case NUT -> effort.slackening();
                case ACTION -> 2;
                default -> 2.5;
            };
        return switch (task.kind()) {
            case READING -> effort.reading();
            case MOVE -> 2;
            case RETUNE -> effort.retune();
            case ROUND -> 2 * effort.slackening();
            case TALK -> 1;
            case HAND_OVER -> 3;
        };
    }
}
