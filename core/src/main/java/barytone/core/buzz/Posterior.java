package barytone.core.buzz;

import barytone.core.buzz.cause.Causes;
import barytone.core.playoff.PlayedNote;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How likely each set of causes is: none, one or two of them, each at its places. */
final class Posterior {
    /** A note sounds wrong though nothing is, or is marked so by mistake. */
    private static final double LEAK = 0.02;

    /** Sets that are less likely than the best by this are left out. */
    private static final double NEGLIGIBLE = 1e-5;

    /** Suspects below this are not named. */
    private static final double NAMED = 0.002;

    /** A chance of a note that counts as explained. */
    private static final double EXPLAINED = 0.25;

    /** Notes that ring clean where a cause would spoil them as often as this speak against it. */
    private static final double WOULD_SPOIL = 0.5;

    /**
     * A set of causes.
     *
     * @param one null for none
     * @param two null for one or none
     */
    record Causing(@Nullable Hypothesis one, @Nullable Hypothesis two, double probability) {
        List<Hypothesis> all() {
            List<Hypothesis> all = new ArrayList<>(2);
            if (one != null) all.add(one);
            if (two != null) all.add(two);
            return all;
        }
    }

    final Board board;
    final Findings findings;
    final List<TestResult> tests;
    final List<Causing> sets;
    private final Witnesses heard;

    Posterior(Board board, BuzzMap map, Findings findings, List<TestResult> tests) {
        this.board = board;
        this.findings = findings;
        this.tests = List.copyOf(tests);
        heard = new Witnesses(board, map, tests);
        List<Hypothesis> hypotheses = new ArrayList<>();
        for (Cause cause : Causes.ALL) {
            double odds = cause.odds(board);
            if (odds <= 0) continue;
            List<Place> places = cause.places(board);
            double total = places.stream().mapToDouble(Place::weight).sum();
            for (Place place : places)
                hypotheses.add(new Hypothesis(cause, place, odds * place.weight() / total, findings, heard));
        }
        sets = weighed(hypotheses);
    }

    private List<Causing> weighed(List<Hypothesis> hypotheses) {
        hypotheses.sort(Comparator.comparingDouble((Hypothesis h) -> -h.odds));
        List<Causing> found = new ArrayList<>();
        double best = likelihood(null, null, 0);
        found.add(new Causing(null, null, best));
        for (Hypothesis h : hypotheses) {
            double weight = h.odds * likelihood(h, null, 0);
            best = Math.max(best, weight);
            found.add(new Causing(h, null, weight));
        }
        // a second cause that nothing speaks for is no news
        List<Hypothesis> telling =
                hypotheses.stream().filter(Hypothesis::explainsSomething).toList();
        for (int i = 0; i < telling.size(); i++) {
            Hypothesis a = telling.get(i);
            for (int j = i + 1; j < telling.size(); j++) {
                Hypothesis b = telling.get(j);
                // no set is likelier than its odds
                if (a.odds * b.odds < best * NEGLIGIBLE) break;
                if (a.cause == b.cause && a.place.fret() == b.place.fret() && a.place.fret() > 0) continue;
                double weight = a.odds * b.odds * likelihood(a, b, best * NEGLIGIBLE / (a.odds * b.odds));
                if (weight < best * NEGLIGIBLE) continue;
                best = Math.max(best, weight);
                found.add(new Causing(a, b, weight));
            }
        }
        double sum = found.stream().mapToDouble(Causing::probability).sum();
        return found.stream()
                .map(c -> new Causing(c.one(), c.two(), c.probability() / sum))
                .filter(c -> c.probability() > NEGLIGIBLE)
                .sorted(Comparator.comparingDouble(c -> -c.probability()))
                .toList();
    }

    /**
     * Of what is heard and tested, given these causes and no other; clean notes and findings are in their odds.
     *
     * @param matters below this it may be given as 0
     */
    private double likelihood(@Nullable Hypothesis a, @Nullable Hypothesis b, double matters) {
        double least = matters <= 0 ? Double.NEGATIVE_INFINITY : Math.log(matters);
        double log = 0;
        double product = 1;
        int last = heard.says.length - 1;
        for (int i = 0; i <= last; i++) {
            double left = 1 - LEAK;
            if (a != null) left *= a.leaves[i];
            if (b != null) left *= b.leaves[i];
            product *= 1 - left;
            // one logarithm for all that say equally much
            if (i == last || heard.says[i] != heard.says[i + 1] || product < 1e-10) {
                log += heard.says[i] * Math.log(product);
                product = 1;
                // it can only become less
                if (log < least) return 0;
            }
        }
        for (int t = 0; t < tests.size(); t++) log += Math.log(chance(tests.get(t), t, a, b));
        return Math.exp(log);
    }

    private static double chance(TestResult result, int t, @Nullable Hypothesis a, @Nullable Hypothesis b) {
        List<Outcome> outcomes = result.test().outcomes();
        double signs = 0;
        double asked = 0;
        for (int o = 1; o < outcomes.size(); o++) {
            double hidden = 1 - result.test().mistaken(outcomes.get(o));
            if (a != null) hidden *= a.hides[t][o - 1];
            if (b != null) hidden *= b.hides[t][o - 1];
            signs += 1 - hidden;
            if (outcomes.get(o) == result.outcome()) asked = 1 - hidden;
        }
        double usual = usual(signs);
        return (result.outcome() == outcomes.getFirst() ? usual : asked) / (signs + usual);
    }

    /** What is left for what a test shows where nothing is wrong, its signs not made to one yet. */
    private static double usual(double signs) {
        return Math.max(0.02, 1 - signs);
    }

    /** Chances of the signs of a test, made to one with what it shows where nothing is wrong. */
    static double[] normed(double[] shown) {
        double signs = 0;
        for (int o = 1; o < shown.length; o++) signs += shown[o];
        shown[0] = usual(signs);
        double sum = signs + shown[0];
        for (int o = 0; o < shown.length; o++) shown[o] /= sum;
        return shown;
    }

    /** How much of what a cause explains is heard on a string. */
    double heardOn(Hypothesis h, int string) {
        double sum = 0;
        for (PlayedNote note : heard.bad) if (note.string() == string) sum += h.spoils(note);
        for (BuzzMap.Region region : heard.said) if (region.strings().contains(string)) sum += 0.1;
        return sum;
    }

    /** By falling probability. */
    List<Suspect> suspects() {
        Map<Cause, Map<Place, Double>> places = new HashMap<>();
        for (Causing set : sets)
            for (Hypothesis h : set.all())
                places.computeIfAbsent(h.cause, c -> new HashMap<>()).merge(h.place, set.probability(), Double::sum);
        List<Suspect> suspects = new ArrayList<>();
        for (Cause cause : Causes.ALL) {
            Map<Place, Double> at = places.getOrDefault(cause, Map.of());
            double probability = Math.min(
                    1, at.values().stream().mapToDouble(Double::doubleValue).sum());
            if (probability < NAMED) continue;
            Place place = at.entrySet().stream()
                    .max(Map.Entry.<Place, Double>comparingByValue()
                            .thenComparing(e -> -e.getKey().string())
                            .thenComparing(e -> -e.getKey().fret())
                            // places that are as likely are told in one order, whenever they are asked for
                            .thenComparing(e -> -e.getKey().span().ordinal())
                            .thenComparing(e -> -e.getKey().kind()))
                    .orElseThrow()
                    .getKey();
            suspects.add(new Suspect(cause, place, probability, because(cause, place)));
        }
        suspects.sort(Comparator.comparingDouble(s -> -s.probability()));
        return suspects;
    }

    private List<Reason> because(Cause cause, Place place) {
        Hypothesis h = new Hypothesis(cause, place, 1, Findings.NONE, heard);
        List<Reason> because = new ArrayList<>();
        for (TestResult result : tests) {
            if (!cause.speaksTo(result.test()) || !cause.met(place, result)) continue;
            boolean own = cause.chanceOf(result.test(), result.outcome())
                    > result.test().mistaken(result.outcome());
            because.add(new Reason.Tested(result, result.sign() && own));
        }
        List<PlayedNote> explained =
                heard.bad.stream().filter(n -> h.spoils(n) >= EXPLAINED).toList();
        if (!explained.isEmpty()) because.add(new Reason.Explains(explained, heard.bad.size()));
        for (Zone zone : heard.zones) if (cause.chanceFrom(zone) >= EXPLAINED) because.add(new Reason.ComesFrom(zone));
        for (Findings known : findings.apart()) {
            double ratio = cause.fits(known, place, board);
            if (ratio > 1.4 || ratio < 0.6) because.add(new Reason.Found(known, ratio > 1));
        }
        for (BuzzMap.Region region : heard.said)
            if (h.overall(region) >= EXPLAINED) because.add(new Reason.Said(region));
        List<PlayedNote> clean =
                heard.clean.stream().filter(n -> h.spoils(n) >= WOULD_SPOIL).toList();
        if (!clean.isEmpty()) because.add(new Reason.RingsClean(clean));
        return because;
    }
}
