package barytone.core.plan;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.Supports;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PairedSaddle;
import barytone.core.intonation.SaddleFit;
import barytone.core.intonation.Sounded;
import barytone.core.joblog.JobState;
import barytone.core.joblog.Tones;
import barytone.core.neck.StringLine;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Decides the next move at the intonation station: what to sound next, and where each saddle goes. */
public final class IntonationAdvisor {
    /** A move must better the worst string of its saddle by this, in cents at 12. */
    private static final double WORTH = 0.3;

    /** Edges of a fixed saddle's top that no crown can stand on, mm each. */
    private static final double EDGE = 0.4;

    private static final int EIGHTH = 2;

    private IntonationAdvisor() {}

    /** The advice for a job whose heights stand as they shall. */
    static Advice advise(JobState job) {
        List<Integer> unread = unread(job);
        if (!unread.isEmpty()) return new Advice.Measure(Station.INTONATION, unread, Advice.Measure.Reason.FIRST);
        Optional<Advice> odd = oddString(job);
        if (odd.isPresent()) return odd.get();
        Optional<Advice> answer = answered(job);
        if (answer.isPresent()) return answer.get();
        List<Integer> stale = job.spec().everyString().reversed().stream()
                .filter(s -> Intoned.of(job, s).stale())
                .toList();
        if (!stale.isEmpty()) return new Advice.Measure(Station.INTONATION, stale, Advice.Measure.Reason.STALE);
        List<Integer> nut = job.spec().everyString().reversed().stream()
                .filter(s -> Intoned.of(job, s).nutToBlame(job))
                .toList();
        if (!nut.isEmpty() && !job.declined(Advice.NutFirst.TOPIC)) return new Advice.NutFirst(nut);
        List<Advice.MoveSaddles.Step> steps = steps(job);
        Optional<Advice.MoveSaddles.Step> tooFar = steps.stream()
                .filter(s -> s.shortBy() > 0 && !job.declined(Advice.SaddleLimit.topic(s.support())))
                .findFirst();
        if (tooFar.isPresent()) return new Advice.SaddleLimit(tooFar.get());
        if (!steps.isEmpty()) return new Advice.MoveSaddles(steps);
        return new Advice.Done(Station.INTONATION, reason(job));
    }

    private static Advice.Done.Reason reason(JobState job) {
        boolean allIn = job.spec().everyString().stream()
                .allMatch(s -> Intoned.of(job, s).outside() == 0);
        boolean moved = job.tones().moved().stream().anyMatch(m -> m != 0);
        return !allIn
                ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                : moved ? Advice.Done.Reason.IN_BAND : Advice.Done.Reason.LEAVE_IT;
    }

    /** Strings with a chosen fret that was never read, lowest first. */
    static List<Integer> unread(JobState job) {
        return job.spec().everyString().reversed().stream()
                .filter(s -> !Intoned.of(job, s).complete(job.tones().ways()))
                .toList();
    }

    private static Optional<Advice> oddString(JobState job) {
        for (int s : job.spec().everyString().reversed())
            if (Intoned.falseString(job, s) && !job.declined(Advice.ReplaceString.topic(s)))
                return Optional.of(new Advice.ReplaceString(s, Intoned.disagreement(job, s)));
        return Optional.empty();
    }

    /** A saddle that did not go with its screw, or went the other way, is understood before it is moved on. */
    private static Optional<Advice> answered(JobState job) {
        for (Map.Entry<Integer, Tones.Answer> e : job.tones().answers().entrySet()) {
            if (e.getValue() == Tones.Answer.WRONG_WAY && !job.declined(Advice.SaddleWrongWay.topic(e.getKey())))
                return Optional.of(new Advice.SaddleWrongWay(e.getKey()));
            if (e.getValue() == Tones.Answer.STAYED && !job.declined(Advice.SaddleStayed.topic(e.getKey())))
                return Optional.of(
                        new Advice.SaddleStayed(e.getKey(), job.tones().owed().getOrDefault(e.getKey(), 0.0)));
        }
        return Optional.empty();
    }

    /** What every saddle should do, those that should stay left out; from bass to treble. */
    public static List<Advice.MoveSaddles.Step> steps(JobState job) {
        Supports along = job.spec().lengthwise();
        List<Double> wanted = wanted(job, along);
        List<Advice.MoveSaddles.Step> steps = new ArrayList<>();
        boolean together = job.spec().fittings().bridge() == BridgeKind.FLOATING;
        for (int j = 0; j < along.size(); j++) {
            double back = wanted.get(j);
            Turns clockwise = Turns.NONE;
            if (job.spec().fittings().bridge().lengthScrewed()) {
                clockwise = turns(job, back);
                back = clockwise.value()
                        * job.tones().screwPitch().mean()
                        * (job.tones().clockwiseBack() ? 1 : -1);
            }
            double room = room(job, j, back);
            double shortBy = Math.max(0, Math.abs(back) - room);
            if (shortBy > 0 && job.declined(Advice.SaddleLimit.topic(j))) {
                // as far as it goes
                back = Math.signum(back) * room;
                shortBy = 0;
                if (!clockwise.isZero()) clockwise = towardsNone(job, back);
            }
            Map<Integer, Double> before = new TreeMap<>();
            Map<Integer, Double> after = new TreeMap<>();
            for (int s : along.strings(j)) {
                Intoned now = Intoned.of(job, s);
                before.put(s, now.offset());
                double got = together ? along.atStrings(wanted).get(s - 1) : back;
                after.put(s, now.offset() + got * centsPerMm(job, s));
            }
            steps.add(new Advice.MoveSaddles.Step(j, back, clockwise, before, after, shortBy));
        }
        if (together) return needed(job, steps.getFirst()) || needed(job, steps.getLast()) ? steps : List.of();
        return steps.stream().filter(s -> needed(job, s)).toList();
    }

    private static boolean needed(JobState job, Advice.MoveSaddles.Step step) {
        if (step.back() == 0) return false;
        List<Integer> deciding = deciding(job, step.support());
        boolean out = deciding.stream().anyMatch(s -> Intoned.of(job, s).outside() != 0);
        return out && worst(job, step.before(), deciding) - worst(job, step.after(), deciding) > WORTH;
    }

    /** The strings for which a support is moved: all that it carries, of a pair the favoured one alone. */
    private static List<Integer> deciding(JobState job, int support) {
        Supports along = job.spec().lengthwise();
        List<Integer> strings = along.strings(support);
        if (strings.size() != 2 || job.spec().fittings().bridge() != BridgeKind.BARRELS) return strings;
        int place = 0;
        for (int j = 0; j < support; j++) if (along.strings(j).size() == 2) place++;
        return switch (job.tones().ways().pair(place)) {
            case SPLIT -> strings;
            case FAVOUR_FIRST -> List.of(strings.getFirst());
            case FAVOUR_SECOND -> List.of(strings.getLast());
        };
    }

    /** The worst of some strings, against what is good enough on each. */
    private static double worst(JobState job, Map<Integer, Double> cents, List<Integer> deciding) {
        return cents.entrySet().stream()
                .filter(e -> deciding.contains(e.getKey()))
                .mapToDouble(e -> Math.abs(e.getValue()) - job.tones().ways().tolerance(e.getKey()))
                .max()
                .orElse(0);
    }

    private static List<Double> wanted(JobState job, Supports along) {
        if (job.spec().fittings().bridge() == BridgeKind.FLOATING) return feet(job, along);
        List<Double> wanted = new ArrayList<>();
        int pair = 0;
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.strings(j);
            if (strings.size() == 1) {
                wanted.add(Intoned.of(job, strings.getFirst()).saddleBack());
                continue;
            }
            wanted.add(pair(job, strings, job.tones().ways().pair(pair)).saddleBack());
            pair++;
        }
        return wanted;
    }

    /** The move of a saddle under two strings, the lower of them first. */
    public static PairedSaddle pair(JobState job, List<Integer> strings, PairedSaddle.Rule rule) {
        return PairedSaddle.of(
                job.spec().line().scale(), member(job, strings.getFirst()), member(job, strings.getLast()), rule);
    }

    private static PairedSaddle.Member member(JobState job, int string) {
        return new PairedSaddle.Member(
                job.spec().lineMoved(job.tones().shift(string)).compensation(),
                Math.clamp(Intoned.of(job, string).offset(), -200, 200));
    }

    /**
     * How far apart the two strings of a saddle want their places, in mm along the string; positive when the lower string wants to
     * be farther back. Over the distance between the strings it is the angle of a compensated barrel.
     */
    public static double wantedOffset(JobState job, List<Integer> strings) {
        return Intoned.of(job, strings.getFirst()).saddleBack()
                - Intoned.of(job, strings.getLast()).saddleBack();
    }

    /** A floating bridge: the two outer strings decide, exactly. */
    private static List<Double> feet(JobState job, Supports along) {
        int low = job.spec().bassString();
        double atLow = Intoned.of(job, low).saddleBack();
        double atHigh = Intoned.of(job, 1).saddleBack();
        double bl = along.shares().get(0).get(low - 1);
        double tl = along.shares().get(1).get(low - 1);
        double bh = along.shares().get(0).get(0);
        double th = along.shares().get(1).get(0);
        double det = bl * th - tl * bh;
        return List.of((atLow * th - tl * atHigh) / det, (bl * atHigh - atLow * bh) / det);
    }

    /** The turns of a length screw that move a saddle back by so much, to the eighth. */
    public static Turns turns(JobState job, double back) {
        double exact = back / job.tones().screwPitch().mean() * (job.tones().clockwiseBack() ? 1 : -1);
        return new Turns(EIGHTH * (int) Math.round(exact * 16 / EIGHTH));
    }

    /** The turns that a room leaves for: rather an eighth too few. */
    private static Turns towardsNone(JobState job, double back) {
        double exact = back / job.tones().screwPitch().mean() * (job.tones().clockwiseBack() ? 1 : -1);
        return new Turns(EIGHTH * (int) (exact * 16 / EIGHTH));
    }

    /** How far a support can go in a direction, mm; infinite when nobody has looked. */
    private static double room(JobState job, int support, double back) {
        Tones.Room read = job.tones().room().get(support);
        if (read != null) return back > 0 ? read.back() : read.forward();
        if (job.spec().fittings().bridge() != BridgeKind.FIXED) return Double.POSITIVE_INFINITY;
        // a crown stands in the middle of its saddle's top until somebody has looked
        double half = job.spec().fittings().length().thickness() / 2 - EDGE;
        double moved = job.tones().moved().get(support);
        return Math.max(0, back > 0 ? half - moved : half + moved);
    }

    /** What a millimetre back changes at 12, in cents; negative. */
    static double centsPerMm(JobState job, int string) {
        StringLine line = job.spec().lineMoved(job.tones().shift(string));
        return SaddleFit.centsPerMm(line.scale(), line.compensation(), 12);
    }

    /** A note to be sounded. */
    public record Wanted(int string, Sounded sounded) {}

    /**
     * The next note to sound and read: string by string from the lowest, open first; empty when every chosen note is read and stands.
     */
    public static Optional<Wanted> nextNote(JobState job) {
        for (int s : job.spec().everyString().reversed()) {
            List<Sounded> notes = notes(job, s);
            if (!notes.isEmpty()) return Optional.of(new Wanted(s, notes.getFirst()));
        }
        return Optional.empty();
    }

    /** The notes of a string that are still to be read. */
    public static List<Sounded> notes(JobState job, int string) {
        Tones tones = job.tones();
        Intoned now = Intoned.of(job, string);
        boolean again = now.stale();
        List<Sounded> frets = new ArrayList<>();
        for (int fret : tones.ways().frets()) {
            boolean here =
                    tones.in(tones.session(string), string, Sounded.at(fret)).isPresent();
            boolean known = now.errors().stream().anyMatch(e -> e.fret() == fret);
            if (!known || (again && !here)) frets.add(Sounded.at(fret));
        }
        boolean harmonic = tones.ways().reference() == IntonationWays.Reference.HARMONIC
                && !tones.age().provisional()
                && tones.in(tones.session(string), string, Sounded.HARMONIC).isEmpty();
        if (frets.isEmpty() && !(again && harmonic)) return List.of();
        List<Sounded> notes = new ArrayList<>();
        if (tones.in(tones.session(string), string, Sounded.OPEN).isEmpty()) notes.add(Sounded.OPEN);
        if (harmonic) notes.add(Sounded.HARMONIC);
        notes.addAll(frets);
        return notes;
    }
}
