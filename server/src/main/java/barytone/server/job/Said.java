package barytone.server.job;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is said of an advice; rule, school and ripple are added to it.
 *
 * @param steps what to do on each slot, screw or side
 * @param strings to read
 * @param event the entry that it is about
 * @param does what its button does
 * @param button what it says; null when there is none
 * @param goOn answers that go on against it, or say that it was otherwise
 * @param otherwise what stands ready where it is told that it was done otherwise
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
        JobView.Does does,
        @Nullable String button,
        List<JobView.GoOn> goOn,
        JobView.@Nullable Otherwise otherwise) {
    private static final String TO_THE_READING = "Go to the reading";

    /** A move that is ticked off with a button. */
    public static Said move(
            String headline, List<String> why, @Nullable String caution, List<JobView.StepView> steps, String says) {
        return new Said(
                "move",
                headline,
                why,
                caution,
                null,
                steps,
                List.of(),
                null,
                JobView.Does.FOLLOW,
                says,
                List.of(),
                null);
    }

    /** The rod is turned. */
    public static Said turn(String headline, List<String> why, String caution, JobView.TurnView turn) {
        return new Said(
                "turn",
                headline,
                why,
                caution,
                turn,
                List.of(),
                List.of(),
                null,
                JobView.Does.FOLLOW,
                "Turned " + turn.amount(),
                List.of(),
                null);
    }

    /** Something to be known or decided. */
    public static Said plain(String kind, String headline, List<String> why, @Nullable String caution) {
        return without(kind, headline, why, caution, null, JobView.Does.NOTHING, null);
    }

    /** About an earlier entry. */
    public static Said about(String kind, String headline, List<String> why, @Nullable String caution, long event) {
        return without(kind, headline, why, caution, event, JobView.Does.NOTHING, null);
    }

    /** A question that is answered in a field of its own. */
    public static Said question(String kind, String headline, List<String> why) {
        return without(kind, headline, why, null, null, JobView.Does.READ, TO_THE_READING);
    }

    /** The same, with what its button says. */
    public static Said question(String kind, String headline, List<String> why, String button) {
        return without(kind, headline, why, null, null, JobView.Does.READ, button);
    }

    /** Nothing more is to be done. */
    public static Said done(String headline, List<String> why, @Nullable String caution) {
        return without("done", headline, why, caution, null, JobView.Does.CLOSE, "Close the job");
    }

    /** The job is closed. */
    static Said closed(String headline, List<String> why) {
        return without("closed", headline, why, null, null, JobView.Does.NOTHING, null)
                .orElse(
                        "Reopen",
                        "The card that was made for this day is given up, and the job is on the bench again.",
                        JobView.Anyway.REOPEN);
    }

    /** Strings to read. */
    public static Said reading(
            String kind, String headline, List<String> why, List<Integer> strings, @Nullable Long event) {
        return new Said(
                kind,
                headline,
                why,
                null,
                null,
                List.of(),
                strings,
                event,
                JobView.Does.READ,
                TO_THE_READING,
                List.of(),
                null);
    }

    /** The same, ticked off with a button that says so. */
    public Said followed(String says) {
        return new Said(
                kind, headline, why, caution, turn, steps, strings, event, JobView.Does.FOLLOW, says, goOn, otherwise);
    }

    /**
     * The same, with an answer that is neither “I did this” nor “leave it”.
     *
     * @param consequence what follows from it, a whole sentence
     */
    public Said orElse(String says, String consequence, JobView.Anyway does) {
        List<JobView.GoOn> all = new ArrayList<>(goOn);
        all.add(new JobView.GoOn(says, consequence, does));
        return new Said(
                kind,
                headline,
                why,
                caution,
                turn,
                steps,
                strings,
                event,
                this.does,
                button,
                List.copyOf(all),
                otherwise);
    }

    /**
     * The same, with what stands ready where it is told that it was done otherwise.
     *
     * @param way how it is advised to be done, as that is sent
     * @param at the strings, supports or pickups that it is advised for
     */
    public Said otherwise(String way, List<Integer> at) {
        JobView.Otherwise ready = new JobView.Otherwise(way, at);
        return new Said(kind, headline, why, caution, turn, steps, strings, event, does, button, goOn, ready);
    }

    /** The same without a button of its own. */
    public Said unfollowed() {
        return new Said(
                kind, headline, why, caution, turn, steps, strings, event, JobView.Does.NOTHING, null, goOn, otherwise);
    }

    /** Neither steps nor strings. */
    private static Said without(
            String kind,
            String headline,
            List<String> why,
            @Nullable String caution,
            @Nullable Long event,
            JobView.Does does,
            @Nullable String button) {
        return new Said(kind, headline, why, caution, null, List.of(), List.of(), event, does, button, List.of(), null);
    }
}
