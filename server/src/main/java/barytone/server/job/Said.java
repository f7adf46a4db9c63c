package barytone.server.job;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is said of an advice; rule, school and ripple are added to it.
 *
 * @param steps what to do on each slot, screw or side
 * @param strings to read
 * @param event the entry that it is about
 * @param follow what the button says that ticks it off
 */
public record Said(
        String kind,
        String headline,
        List<String> why,
        @Nullable String caution,
        JobView.@Nullable TurnView turn,
        List<JobView.StepView> steps,
        List<Integer> strings,
        @Nullable Long event,
        @Nullable String follow) {

    /** A move that is ticked off with a button. */
    public static Said move(
            String headline, List<String> why, String caution, List<JobView.StepView> steps, String follow) {
        return new Said("move", headline, why, caution, null, steps, List.of(), null, follow);
    }

    /** The rod is turned. */
    public static Said turn(String headline, List<String> why, String caution, JobView.TurnView turn) {
        return new Said("turn", headline, why, caution, turn, List.of(), List.of(), null, "Turned " + turn.amount());
    }

    /** The same, ticked off with a button that says so. */
    public Said followed(String says) {
        return new Said(kind, headline, why, caution, turn, steps, strings, event, says);
    }

    /** Something to be known or decided. */
    public static Said plain(String kind, String headline, List<String> why, @Nullable String caution) {
        return new Said(kind, headline, why, caution, null, List.of(), List.of(), null, null);
    }

    /** About an earlier entry. */
    public static Said about(String kind, String headline, List<String> why, @Nullable String caution, long event) {
        return new Said(kind, headline, why, caution, null, List.of(), List.of(), event, null);
    }

    /** What the button does: to the reading when nothing else is done here. */
    JobView.Does does() {
        return switch (kind) {
            case "done" -> JobView.Does.CLOSE;
            case "closed" -> JobView.Does.REOPEN;
            case "measure", "measure-again", "proud" -> JobView.Does.READ;
            default -> follow == null ? JobView.Does.NOTHING : JobView.Does.FOLLOW;
        };
    }

    /** What it says; null when there is none. */
    @Nullable
    String button() {
        return switch (does()) {
            case READ -> "Go to the reading";
            case CLOSE -> "Close the job";
            case REOPEN -> "Reopen";
            case FOLLOW, NOTHING -> follow;
        };
    }

    /** Strings to read. */
    public static Said reading(
            String kind, String headline, List<String> why, List<Integer> strings, @Nullable Long event) {
        return new Said(kind, headline, why, null, null, List.of(), strings, event, null);
    }
}
