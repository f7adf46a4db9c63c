package barytone.core.station.intonation;

import barytone.core.bridge.Mechanism;
import barytone.core.bridge.Supports;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobState;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Where each saddle of a job goes: the moves that bring its strings within their tolerance, as far as there is room. */
final class SaddleSteps {
    /** A move must better the worst string of its saddle by this, in cents at 12. */
    private static final double WORTH = 0.3;

    /** Nobody pushes a foot by less, mm. */
    private static final double LEAST_PUSH = 0.1;

    /** Edges of a fixed saddle's top that no crown can stand on, mm each. */
    private static final double EDGE = 0.4;

    private static final int EIGHTH = 2;

    /** The most turns at once, in eighths. */
    private static final double MOST = 8.0 * Turns.MOST_AT_ONCE;

    private final JobState job;
    private final Intonation all;
    private final Supports along;

    SaddleSteps(JobState job, Intonation all) {
        this.job = job;
        this.all = all;
        this.along = job.spec().lengthwise();
    }

    /** What every saddle should do, those that should stay left out; from bass to treble. */
    List<ToneAdvice.MoveSaddles.Step> steps() {
        if (job.spec().fittings().bridge().mechanism().along() == Mechanism.Along.FEET) return feetSteps();
        List<Double> wanted = wanted();
        List<ToneAdvice.MoveSaddles.Step> steps = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            double back = wanted.get(j);
            Turns clockwise = Turns.NONE;
            if (job.spec().fittings().bridge().lengthScrewed()) {
                clockwise = turns(back);
                back = moves(clockwise);
            }
            double room = room(j, back);
            double shortBy = Math.max(0, Math.abs(back) - room);
            if (shortBy > 0 && job.declined(ToneAdvice.SaddleLimit.topic(j))) {
                // as far as it goes
                back = Math.signum(back) * room;
                shortBy = 0;
                if (job.spec().fittings().bridge().lengthScrewed()) {
                    // rather an eighth too few
                    clockwise = new Turns(EIGHTH * (int) (eighths(back)));
                    back = moves(clockwise);
                }
            }
            Map<Integer, Double> before = new TreeMap<>();
            Map<Integer, Double> after = new TreeMap<>();
            for (int s : along.strings(j)) {
                Intoned now = all.at(s);
                before.put(s, now.offset());
                after.put(s, now.offset() + back * now.centsPerMm());
            }
            steps.add(new ToneAdvice.MoveSaddles.Step(j, back, clockwise, before, after, shortBy));
        }
        return steps.stream().filter(s -> needed(s)).toList();
    }

    private boolean needed(ToneAdvice.MoveSaddles.Step step) {
        if (step.back() == 0) return false;
        List<Integer> deciding = deciding(step.support());
        boolean out = deciding.stream().anyMatch(this::out);
        return out && worst(step.before(), deciding) - worst(step.after(), deciding) > WORTH;
    }

    private boolean out(int string) {
        Intoned at = all.at(string);
        return at.outside() != 0 && !at.chased(job);
    }

    /** The strings for which a support is moved: all that it carries, of a pair the favoured one alone. */
    private List<Integer> deciding(int support) {
        List<Integer> strings = along.strings(support);
        if (strings.size() != 2 || !job.spec().fittings().bridge().mechanism().paired()) return strings;
        int place = 0;
        for (int j = 0; j < support; j++) if (along.strings(j).size() == 2) place++;
        return switch (Tones.of(job).ways().pair(place)) {
            case SPLIT -> strings;
            case FAVOUR_FIRST -> List.of(strings.getFirst());
            case FAVOUR_SECOND -> List.of(strings.getLast());
        };
    }

    /** The worst of some strings, against what is good enough on each. */
    private double worst(Map<Integer, Double> cents, List<Integer> deciding) {
        return cents.entrySet().stream()
                .filter(e -> deciding.contains(e.getKey()))
                .mapToDouble(e -> Math.abs(e.getValue()) - Tones.of(job).ways().tolerance(e.getKey()))
                .max()
                .orElse(0);
    }

    private List<Double> wanted() {
        List<Double> wanted = new ArrayList<>();
        int pair = 0;
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.strings(j);
            if (strings.size() == 1) {
                wanted.add(all.at(strings.getFirst()).saddleBack());
                continue;
            }
            wanted.add(pair(strings, Tones.of(job).ways().pair(pair)).saddleBack());
            pair++;
        }
        return wanted;
    }

    /** The move of a saddle under two strings, the lower of them first. */
    private BarrelSplit pair(List<Integer> strings, BarrelSplit.Rule rule) {
        return BarrelSplit.of(job.spec().line().scale(), member(strings.getFirst()), member(strings.getLast()), rule);
    }

    private BarrelSplit.Member member(int string) {
        return new BarrelSplit.Member(
                ToneForecast.line(job.spec(), string, Tones.of(job).shift(string))
                        .compensation(),
                Math.clamp(all.at(string).offset(), -200, 200));
    }

    /** The moves of a floating bridge, which stands on two feet: the two outer strings decide. */
    private List<ToneAdvice.MoveSaddles.Step> feetSteps() {
        List<Double> wanted = feet();
        List<Double> moves = new ArrayList<>();
        boolean[] stopped = new boolean[2];
        for (int j = 0; j < 2; j++) {
            double back = wanted.get(j);
            double room = room(j, back);
            stopped[j] = Math.abs(back) > room && job.declined(ToneAdvice.SaddleLimit.topic(j));
            moves.add(stopped[j] ? Math.signum(back) * room : back);
        }
        if (stopped[0] != stopped[1]) {
            // one foot is as far as it goes: the other makes the best of it
            int free = stopped[0] ? 1 : 0;
            double best = bestBeside(free, moves.get(1 - free));
            moves.set(free, Math.signum(best) * Math.min(Math.abs(best), room(free, best)));
        }
        List<Double> got = along.atStrings(moves);
        Map<Integer, Double> before = new TreeMap<>();
        Map<Integer, Double> after = new TreeMap<>();
        for (int s : job.spec().everyString()) {
            Intoned now = all.at(s);
            before.put(s, now.offset());
            after.put(s, now.offset() + got.get(s - 1) * now.centsPerMm());
        }
        List<Integer> outer = outer();
        boolean out = outer.stream().anyMatch(this::out);
        boolean pushes = moves.stream().anyMatch(m -> Math.abs(m) >= LEAST_PUSH);
        if (!out || !pushes || together(before) - together(after) <= WORTH) return List.of();
        List<ToneAdvice.MoveSaddles.Step> steps = new ArrayList<>();
        for (int j = 0; j < 2; j++)
            steps.add(new ToneAdvice.MoveSaddles.Step(
                    j,
                    moves.get(j),
                    Turns.NONE,
                    before,
                    after,
                    Math.max(0, Math.abs(moves.get(j)) - room(j, moves.get(j)))));
        return steps;
    }

    /** How far off the outer strings are together, cents. */
    private double together(Map<Integer, Double> cents) {
        return Math.hypot(cents.getOrDefault(job.spec().bassString(), 0.0), cents.getOrDefault(1, 0.0));
    }

    private List<Integer> outer() {
        return List.of(job.spec().bassString(), 1);
    }

    /** How far back one foot should go while the other goes by so much, mm: both outer strings as near as they can be. */
    private double bestBeside(int free, double other) {
        double towards = 0;
        double power = 0;
        for (int s : outer()) {
            Intoned at = all.at(s);
            double slope = at.centsPerMm() * along.shares().get(free).get(s - 1);
            double left =
                    at.offset() + at.centsPerMm() * along.shares().get(1 - free).get(s - 1) * other;
            towards -= slope * left;
            power += slope * slope;
        }
        return towards / power;
    }

    /** Where both feet put the outer strings exactly, mm back. */
    private List<Double> feet() {
        int low = job.spec().bassString();
        double atLow = all.at(low).saddleBack();
        double atHigh = all.at(1).saddleBack();
        double bl = along.shares().get(0).get(low - 1);
        double tl = along.shares().get(1).get(low - 1);
        double bh = along.shares().get(0).get(0);
        double th = along.shares().get(1).get(0);
        double det = bl * th - tl * bh;
        return List.of((atLow * th - tl * atHigh) / det, (bl * atHigh - atLow * bh) / det);
    }

    /** The turns of a length screw that move a saddle back by so much, to the eighth. */
    private Turns turns(double back) {
        return new Turns(EIGHTH * (int) Math.round(Math.clamp(eighths(back), -MOST, MOST)));
    }

    private double eighths(double back) {
        return back / moves(new Turns(EIGHTH));
    }

    /** How far back a length screw moves its saddle, mm. */
    private double moves(Turns clockwise) {
        return clockwise.value()
                * Tones.of(job).screwPitch().mean()
                * (Tones.of(job).clockwiseBack() ? 1 : -1);
    }

    /** How far a support can go in a direction, mm; infinite when nobody has looked. */
    private double room(int support, double back) {
        Tones.Room read = Tones.of(job).room().get(support);
        if (read != null) return back > 0 ? read.back() : read.forward();
        if (job.spec().fittings().bridge().mechanism().along() != Mechanism.Along.FILED)
            return Double.POSITIVE_INFINITY;
        // a crown stands in the middle of its saddle's top until somebody has looked
        double half = job.spec().fittings().length().thickness() / 2 - EDGE;
        double moved = Tones.of(job).moved().get(support);
        return Math.max(0, back > 0 ? half - moved : half + moved);
    }
}
