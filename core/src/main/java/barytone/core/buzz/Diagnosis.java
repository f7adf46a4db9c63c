package barytone.core.buzz;

import java.util.List;
import java.util.Optional;

/**
 * What may be wrong, and which test tells most of it.
 *
 * <p>A note sounds wrong with {@code 1 - (1 - leak) prod(1 - p_c(note))} over the causes present; the posterior is summed over no cause, each one and every pair.
 *
 * @param suspects by falling probability, those left out that are next to impossible
 * @param next empty when no test tells anything that matters
 */
public record Diagnosis(List<Suspect> suspects, Optional<NextTest> next) {
    /** A cause this likely is acted on. */
    public static final double SURE = 0.9;

    /** A cause that is confirmed is acted on from here. */
    private static final double LIKELY = 0.6;

    /** When no other is more than a fifth as likely. */
    private static final double AHEAD = 5;

    public Diagnosis {
        suspects = List.copyOf(suspects);
    }

    /** Of what is heard, known and tested on a board. */
    public static Diagnosis of(Board board, BuzzMap map, Findings findings, List<TestResult> tests) {
        Posterior posterior = new Posterior(board, map, findings, tests);
        return new Diagnosis(posterior.suspects(), new TestChoice(posterior).best());
    }

    /** The likeliest cause, when it is likely enough to act on: nearly certain, or confirmed and far ahead of any other. */
    public Optional<Suspect> settled() {
        return suspects.stream().findFirst().filter(s -> s.probability() >= SURE || (s.confirmed() && ahead(s)));
    }

    private boolean ahead(Suspect first) {
        double second = suspects.size() < 2 ? 0 : suspects.get(1).probability();
        return first.probability() >= LIKELY && first.probability() >= AHEAD * second;
    }
}
