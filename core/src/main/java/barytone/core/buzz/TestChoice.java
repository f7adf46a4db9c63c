package barytone.core.buzz;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Chooses the test with the largest expected fall of the entropy of what is to be done, and where, per minute; among equals the one that disturbs nothing, then the
 * quicker one.
 */
final class TestChoice {
    /** Less than this is not worth any time, bits. */
    private static final double WORTH = 0.04;

    /** A test that tells less than this a minute is not proposed, bits. */
    private static final double WORTH_A_MINUTE = 0.03;

    /** What disturbs strings or parts must tell this much more. */
    private static final double DISTURBS = 0.7;

    /** Sets looked at; the rest is next to nothing. */
    private static final int SETS = 250;

    /** Strings and frets that are tried for a test. */
    private static final int PLACES = 6;

    private final Posterior posterior;
    private final List<Posterior.Causing> sets;
    /** By set: which of the things that may have to be done is its own. */
    private final int[] remedies;

    private final int different;

    TestChoice(Posterior posterior) {
        this.posterior = posterior;
        List<Posterior.Causing> top = posterior.sets.stream().limit(SETS).toList();
        double sum = top.stream().mapToDouble(Posterior.Causing::probability).sum();
        sets = top.stream()
                .map(s -> new Posterior.Causing(s.one(), s.two(), s.probability() / sum))
                .toList();
        Map<String, Integer> numbers = new HashMap<>();
        remedies = sets.stream().mapToInt(set -> number(numbers, remedy(set))).toArray();
        different = numbers.size();
    }

    /** What is to be done and where, for a set. */
    private static String remedy(Posterior.Causing set) {
        return set.all().stream()
                // what nothing speaks for is not done anything about
                .filter(Hypothesis::worthARemedy)
                .map(h -> h.cause.remedy() + " " + h.place.string() + " " + h.place.fret())
                .sorted()
                .collect(Collectors.joining(", "));
    }

    private static int number(Map<String, Integer> numbers, String remedy) {
        numbers.putIfAbsent(remedy, numbers.size());
        return numbers.getOrDefault(remedy, 0);
    }

    Optional<NextTest> best() {
        double before = entropy(null);
        if (before < WORTH) return Optional.empty();
        NextTest best = null;
        double most = WORTH_A_MINUTE;
        for (BuzzTest test : BuzzTest.values()) {
            if (test == BuzzTest.PLUGGED) continue;
            for (NextTest next : places(test)) {
                double bits = before - after(next);
                double rate = bits / test.minutes() * (test.disturbs() ? DISTURBS : 1);
                if (bits >= WORTH && rate > most) {
                    most = rate;
                    best = new NextTest(test, next.string(), next.fret(), bits);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Where a test could be made that was not made there yet and is not answered already. */
    private List<NextTest> places(BuzzTest test) {
        Map<Integer, Double> on = new TreeMap<>();
        for (Posterior.Causing set : sets)
            for (Hypothesis h : set.all()) {
                if (!h.cause.speaksTo(test)) continue;
                int place = switch (test.where()) {
                    case BOARD -> 0;
                    case STRING -> h.place.string() > 0 ? h.place.string() : mostHeard(h);
                    case FRET -> h.place.fret();
                };
                if (test.where() == BuzzTest.Where.FRET && place == 0) continue;
                on.merge(place, set.probability(), Double::sum);
            }
        return on.entrySet().stream()
                .sorted(Map.Entry.<Integer, Double>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .limit(PLACES)
                .map(Map.Entry::getKey)
                .map(place -> new NextTest(
                        test,
                        test.where() == BuzzTest.Where.STRING ? place : null,
                        test.where() == BuzzTest.Where.FRET ? place : null,
                        0))
                .filter(next -> !made(next))
                .toList();
    }

    /** The string on which most of what a cause explains is heard. */
    private int mostHeard(Hypothesis h) {
        int string = 1;
        double most = -1;
        for (int s = posterior.board.strings(); s >= 1; s--) {
            double heard = posterior.heardOn(h, s);
            if (heard > most) {
                most = heard;
                string = s;
            }
        }
        return string;
    }

    private boolean made(NextTest next) {
        int string = next.string() == null ? 0 : next.string();
        return posterior.findings.answers(next.test(), string)
                || posterior.tests.stream()
                        .anyMatch(t -> t.test() == next.test()
                                && (t.string() == null
                                        || next.string() == null
                                        || t.string().equals(next.string()))
                                && (t.fret() == null
                                        || next.fret() == null
                                        || t.fret().equals(next.fret())));
    }

    /** Expected entropy once a test is made. */
    private double after(NextTest next) {
        List<Outcome> outcomes = next.test().outcomes();
        List<TestResult> results = outcomes.stream()
                .map(o -> new TestResult(next.test(), o, next.string(), next.fret()))
                .toList();
        double[][] chances = new double[sets.size()][];
        for (int i = 0; i < sets.size(); i++) {
            double[] shown = new double[outcomes.size()];
            for (int o = 1; o < shown.length; o++) {
                double hidden = 1 - next.test().mistaken(outcomes.get(o));
                for (Hypothesis h : sets.get(i).all())
                    if (h.cause.met(h.place, results.get(o)))
                        hidden *= 1 - h.cause.chanceOf(next.test(), outcomes.get(o));
                shown[o] = 1 - hidden;
            }
            chances[i] = Posterior.normed(shown);
        }
        double expected = 0;
        for (int o = 0; o < outcomes.size(); o++) {
            double[] left = new double[sets.size()];
            double sum = 0;
            for (int i = 0; i < left.length; i++) {
                left[i] = sets.get(i).probability() * chances[i][o];
                sum += left[i];
            }
            if (sum > 0) expected += sum * entropy(left);
        }
        return expected;
    }

    /** Entropy of what is to be done, in bits, by weights of the sets; their own where none are given. */
    private double entropy(double @Nullable [] weights) {
        double[] byRemedy = new double[different];
        double sum = 0;
        for (int i = 0; i < remedies.length; i++) {
            double weight = weights == null ? sets.get(i).probability() : weights[i];
            byRemedy[remedies[i]] += weight;
            sum += weight;
        }
        double entropy = 0;
        for (double weight : byRemedy) if (weight > 0) entropy -= weight / sum * Math.log(weight / sum) / Math.log(2);
        return entropy;
    }
}
