package barytone.server.station.frets;

import barytone.core.advice.Advice;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Hint;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.Zone;
import barytone.core.buzz.cause.Causes;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.station.frets.FretAdvice;
import barytone.core.station.frets.FretEvent;
import barytone.core.station.frets.FretState;
import barytone.server.buzz.BuzzWords;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said of frets and buzz. */
final class FretWords extends RoomVoice<FretAdvice, FretEvent> {
    private static final String HUNT =
            "Listen unplugged first; what the amplifier does not carry may be left, and is noted.";

    private static final String BOARD = "Go to the board";

    private final JobState state;
    private final BuzzWords words;

    FretWords(JobState state) {
        super(Station.FRETS, FretAdvice.class, FretEvent.class);
        this.state = state;
        this.words = BuzzWords.of(state.spec());
    }

    @Override
    protected Said said(FretAdvice advice) {
        return switch (advice) {
            case FretAdvice.Play p -> play(p);
            case FretAdvice.MakeTest t -> test(t.next(), t.leading());
            case FretAdvice.Cure c -> cure(c.suspect());
            case FretAdvice.Undecided u -> undecided(u.suspects());
        };
    }

    private Said play(FretAdvice.Play play) {
        if (play.notes().isEmpty())
            return Said.question(
                    "play",
                    "Play where it hurts, and mark what buzzes and what rings",
                    List.of(
                            "The player says that it buzzes. A note that rings clean tells as much as one that does not.",
                            HUNT),
                    BOARD);
        return Said.question(
                "play",
                "Play again: " + words.notes(play.notes()),
                List.of("Something was moved or mended since it sounded wrong."),
                BOARD);
    }

    private Said test(NextTest next, Suspect leading) {
        List<String> why = new ArrayList<>();
        why.add(Words.sentence(words.title(leading)) + " is the likeliest, " + percent(leading) + ".");
        why.addAll(words.because(leading).stream().limit(2).toList());
        why.add(
                next.bits() > 0
                        ? "This test tells most for its " + minutes(next.test()) + "."
                        : "It is confirmed before anything is done about it.");
        return Said.question("test", words.next(next), why, "Go to the answers");
    }

    private Said cure(Suspect suspect) {
        List<String> why = new ArrayList<>();
        why.add(Words.sentence(words.title(suspect)) + ", " + percent(suspect) + ".");
        why.addAll(words.because(suspect).stream().limit(3).toList());
        why.add(
                switch (suspect.cause().remedy().kind()) {
                    case MOVE -> "Then the same notes are played again.";
                    case OFFER -> "It is a line on the quote. When it is done the same notes are played again.";
                    case REFERRAL -> "It goes to a repairer who does this.";
                    case TALK -> "It is the player's to decide.";
                });
        String caution = suspect.cause().remedy().caution();
        return Said.move(
                suspect.cause().remedy().label(), why, caution.isEmpty() ? null : caution, List.of(), "Done about it");
    }

    private Said undecided(List<Suspect> suspects) {
        List<String> why = new ArrayList<>();
        for (Suspect suspect : suspects)
            why.add(Words.sentence(words.title(suspect)) + ", " + percent(suspect) + ": "
                    + Words.within(suspect.cause().remedy().label()) + ".");
        why.add("Mark more notes, clean ones too; or note with whom it is accepted.");
        return Said.question("undecided", "No test tells more than is known", why, BOARD);
    }

    static String percent(Suspect suspect) {
        // nothing of this is certain
        return Math.min(99, Math.round(100 * suspect.probability())) + " %";
    }

    static String minutes(BuzzTest test) {
        return test.minutes() < 1
                ? "half a minute"
                : test.minutes() == 1 ? "minute" : number(test.minutes()) + " minutes";
    }

    private static String number(double minutes) {
        return minutes == Math.rint(minutes) ? String.valueOf((int) minutes) : String.valueOf(minutes);
    }

    @Override
    protected String rule(FretAdvice advice) {
        return switch (advice) {
            case FretAdvice.Play ignored -> "Every note is played again after a remedy.";
            case FretAdvice.MakeTest ignored -> "The test that tells most for its time, what disturbs nothing first.";
            case FretAdvice.Cure ignored -> "A cause that is sure and confirmed is cured.";
            case FretAdvice.Undecided ignored -> "What cannot be told apart is not worked at.";
        };
    }

    @Override
    protected @Nullable String decline(FretAdvice advice) {
        return "Leave the buzz";
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        return topic.is(FretAdvice.Play.KIND)
                        || topic.is(FretAdvice.MakeTest.KIND)
                        || topic.is(FretAdvice.Cure.KIND)
                        || topic.is(FretAdvice.Undecided.KIND)
                ? Optional.of("a buzz")
                : Optional.empty();
    }

    @Override
    protected String line(FretEvent event) {
        return switch (event) {
            case FretEvent.ZonesHeard e ->
                e.zones().isEmpty()
                        ? "No noise from elsewhere"
                        : "Noise: "
                                + e.zones().stream().sorted().map(Zone::label).collect(Collectors.joining(", "));
            case FretEvent.HintsNoted e ->
                e.hints().isEmpty()
                        ? "Nothing else is known of the noise"
                        : "The noise: "
                                + e.hints().stream().sorted().map(Hint::label).collect(Collectors.joining(", "));
            case FretEvent.BuzzTested e -> words.tested(e.result());
            case FretEvent.CauseRemedied e -> "Done about it: " + remedied(e);
        };
    }

    /** What was done about a cause. */
    String remedied(FretEvent.CauseRemedied event) {
        Optional<Cause> cause = Causes.byCode(event.cause());
        String where = (event.string() > 0 ? ", " + words.string(event.string()) : "")
                + (event.fret() > 0 ? ", at " + event.fret() : "");
        return cause.map(c -> Words.within(c.title()) + where + " ("
                        + Words.within(c.remedy().label()) + ")")
                .orElse(event.cause() + where);
    }

    @Override
    protected String suffix() {
        return "";
    }

    @Override
    protected String subject() {
        return "What is heard";
    }

    @Override
    protected Optional<Said> verdict(Advice.Done done) {
        FretState frets = FretState.of(state);
        return Optional.of(Said.done(
                frets.done().isEmpty() ? "Nothing buzzes" : "The buzz is gone",
                frets.bad().isEmpty()
                        ? List.of("All that was played rings clean.")
                        : List.of("What is heard is known to " + state.playOff().by() + " and accepted: "
                                + words.notes(frets.bad()) + "."),
                null));
    }

    @Override
    protected String standing() {
        FretState frets = FretState.of(state);
        return frets.open().isEmpty() ? "" : Words.sentence(words.notes(frets.open())) + " sound wrong.";
    }

    @Override
    protected List<String> onRecord() {
        FretState frets = FretState.of(state);
        // what is heard, and who accepts it, is told of the whole job
        return frets.done().stream()
                .map(done -> "Buzz: " + remedied(done) + ".")
                .toList();
    }

    @Override
    public String targetLabel() {
        return "every note rings clean";
    }
}
