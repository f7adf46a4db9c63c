package barytone.core.station.nut;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Decides the next move at the nut. A stroke too many ruins it, so a pass never goes past the middle of the band, stays inside the
 * band with all but certainty, and never comes near the level of the frets.
 */
public final class NutAdvisor {
    /** A pass goes so far that it ends under the band only with this much luck against it, in sd. */
    private static final double CARE = 3.6;

    /** A pass rests on one reading, and a reading can be wrong: so few strokes at once do not ruin a slot. */
    private static final int MOST_STROKES = 6;

    /** So many more than in the pass before it. */
    private static final int MORE_STROKES = 1;

    private static final int MOST_LIGHT = 3;

    /** The bite counts as learned when its spread is under this share of it. */
    private static final double LEARNED = 0.4;

    /** With every slot at least this much above the middle of its band the underside is sanded first, mm at the slot. */
    private static final double UNDERSIDE_FROM = 0.15;

    /** What sanding the underside leaves for the file, mm at the slot. */
    private static final double LEFT_FOR_FILE = 0.06;

    /** With every slot this much under the middle of its band another nut is wanted than this one, mm at the slot. */
    private static final double ANOTHER_NUT = 0.15;

    /** A fill thinner than this cannot be made, mm. */
    private static final double LEAST_RAISED = 0.10;

    private static final double OVER_SHARE = 1.2;
    private static final double OVER = 0.03;

    /** More low slots than this are raised together. */
    private static final int MOST_FILLED = 2;

    private final JobState job;
    private final Outfit means;
    private final SetupEstimate estimate;
    private final List<HeightVerdict> slots;

    private NutAdvisor(JobState job, Outfit means) {
        this.job = job;
        this.means = means;
        this.estimate = job.estimate();
        this.slots = HeightLook.judged(job, Station.NUT);
    }

    /** Whether the bite of a stroke was learned on this nut, rather than taken from the usual. */
    public static boolean biteLearned(SetupEstimate estimate) {
        Normal bite = estimate.filingBite();
        return bite.sd() < LEARNED * bite.mean();
    }

    static Advice advise(JobState job, Outfit means) {
        return HeightLook.wanted(job, means, Station.NUT, slot -> leavesLow(job, slot))
                .orElseGet(() -> new NutAdvisor(job, means).advise());
    }

    private Advice advise() {
        // what is high is filed before anything is raised
        Optional<Advice> underside = underside();
        if (underside.isPresent()) return underside.get();
        Optional<Advice> file = fileHigh();
        if (file.isPresent()) return file.get();
        List<HeightVerdict> low = tooLow();
        if (!low.isEmpty() && !job.declined(NutAdvice.RaiseNut.TOPIC)) return raise(low);
        boolean asNear = slots.stream().anyMatch(j -> j.read() && j.outside() != 0);
        boolean worked = job.workedAt(Station.NUT);
        boolean barely = slots.stream().anyMatch(this::isHigh) && !worthASlackening();
        if (barely) return new Advice.Done(Station.NUT, Advice.Done.Reason.NOT_WORTH_IT);
        return new Advice.Done(
                Station.NUT,
                asNear
                        ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                        : worked ? Advice.Done.Reason.IN_BAND : Advice.Done.Reason.LEAVE_IT);
    }

    private Optional<Advice> fileHigh() {
        List<Integer> risky = new ArrayList<>();
        List<NutAdvice.FileSlots.Slot> filing = new ArrayList<>();
        List<Integer> high = new ArrayList<>();
        for (HeightVerdict slot : slots) {
            if (!isHigh(slot) || job.declined(NutAdvice.FileSlots.Slot.topic(slot.string()))) continue;
            high.add(slot.string());
            Optional<NutAdvice.FileSlots.Slot> pass = file(slot);
            pass.ifPresent(filing::add);
            if (pass.isEmpty()) risky.add(slot.string());
        }
        if (high.isEmpty()) return Optional.empty();
        if (filing.isEmpty()) return HeightLook.unsettled(job, means, risky);
        // what is barely out is filed beside others, and alone only where it is worth a slackening of its own
        if (!worthASlackening()) return Optional.empty();
        // all in one slackening: each is filed so little that no bite of a file ruins it
        Optional<Advice> look = HeightLook.before(
                job,
                means,
                Station.NUT,
                filing.stream().map(NutAdvice.FileSlots.Slot::string).toList());
        return look.isPresent()
                ? look
                : Optional.of(
                        new NutAdvice.FileSlots(List.copyOf(filing), estimate.filingBite(), biteLearned(estimate)));
    }

    private boolean worthASlackening() {
        return slots.stream()
                .anyMatch(j -> isHigh(j) && j.outWith(means.effort().worthASlackening()));
    }

    /** Too high, and still too high once relief and action are where they shall be. */
    private boolean isHigh(HeightVerdict slot) {
        return slot.read()
                && slot.outside() > 0
                && slot.band().outside(slot.value().mean() - falling(slot)) > 0;
    }

    /** What will go of a gap without the file, mm; what comes on top of it is not filed for. */
    private double falling(HeightVerdict slot) {
        return Math.max(0, slot.passing(job));
    }

    private double surplus(HeightVerdict slot) {
        return slot.surplus() - falling(slot);
    }

    /**
     * Slots to be raised: clearly near the frets by what is known of them, or buzzing when the open string is played; or all of them far below what is
     * wanted, so that it is another nut that is wanted. A slot that is merely under a school's band is left.
     */
    private List<HeightVerdict> tooLow() {
        List<HeightVerdict> near = slots.stream()
                .filter(j -> j.read() && (j.outside() < 0 || buzzes(j.string())))
                .filter(j -> buzzes(j.string()) || NeverBelowFrets.near(estimate, j))
                .toList();
        if (!near.isEmpty()) return near;
        boolean anotherNut = slots.stream().allMatch(j -> j.read() && -atSlot(j, j.surplus()) > ANOTHER_NUT);
        return anotherNut ? slots : List.of();
    }

    /** Whether a slot is too low, and left for all that. */
    static boolean leavesLow(JobState job, HeightVerdict slot) {
        return slot.station() == Station.NUT
                && slot.outside() < 0
                && new NutAdvisor(job, Outfit.USUAL).tooLow().stream().noneMatch(low -> low.string() == slot.string());
    }

    private boolean buzzes(int string) {
        return NutState.of(job).slots().getOrDefault(string, List.of()).contains(SlotFlaw.OPEN_BUZZES);
    }

    /** A change of the judged gap as a change of the slot. */
    private double atSlot(HeightVerdict j, double gap) {
        return gap / j.leverage(estimate);
    }

    private Advice raise(List<HeightVerdict> low) {
        List<Integer> strings = low.stream().map(HeightVerdict::string).toList();
        Optional<Advice> look = HeightLook.before(job, means, Station.NUT, strings);
        if (look.isPresent()) return look.get();
        // a single reading may be a slip of the keyboard, and condemns no slot
        List<Integer> once = low.stream()
                .filter(j -> j.repeats() < 2 && !buzzes(j.string()))
                .map(HeightVerdict::string)
                .toList();
        if (!once.isEmpty() && !job.declined(Advice.Measure.closer(Station.NUT)))
            return new Advice.Measure(Station.NUT, once, Advice.Measure.Reason.CONDEMNED);
        double amount =
                low.stream().mapToDouble(j -> atSlot(j, -j.surplus())).max().orElse(0);
        boolean shim = low.size() > MOST_FILLED;
        boolean unknown = low.stream().anyMatch(HeightVerdict::noGap);
        // raised a little past the wish, so that it can be filed to it: what is too low again would have to be raised
        // again
        return new NutAdvice.RaiseNut(strings, Math.max(LEAST_RAISED, amount) * OVER_SHARE + OVER, shim, unknown);
    }

    private Optional<Advice> underside() {
        if (job.declined(NutAdvice.LowerNut.TOPIC)) return Optional.empty();
        double least = Double.POSITIVE_INFINITY;
        int governing = 0;
        for (HeightVerdict j : slots) {
            if (!isHigh(j)) return Optional.empty();
            double surplus = atSlot(j, surplus(j));
            if (surplus < least) {
                least = surplus;
                governing = j.string();
            }
        }
        if (slots.isEmpty() || least < UNDERSIDE_FROM) return Optional.empty();
        Optional<Advice> look = HeightLook.before(job, means, Station.NUT, job.strings(Station.NUT));
        if (look.isPresent()) return look;
        double amount = least - LEFT_FOR_FILE;
        Map<Integer, Double> remains = new LinkedHashMap<>();
        for (HeightVerdict j : slots) remains.put(j.string(), surplus(j) - amount * j.leverage(estimate));
        return Optional.of(new NutAdvice.LowerNut(amount, governing, remains));
    }

    private Optional<NutAdvice.FileSlots.Slot> file(HeightVerdict slot) {
        int strokes = 0;
        int most = most(slot.string());
        while (strokes < most && safe(slot, strokes + 1)) strokes++;
        boolean light = strokes == 0;
        if (light) {
            // near the end a stroke with hardly any pressure takes half
            while (strokes < Math.min(most, MOST_LIGHT) && safe(slot, (strokes + 1) * NutEvent.Filing.LIGHT)) strokes++;
            if (strokes == 0) {
                if (!worthRisking(slot)) return Optional.empty();
                strokes = 1;
            }
        }
        return Optional.of(new NutAdvice.FileSlots.Slot(
                slot.string(),
                strokes,
                light,
                surplus(slot),
                means.tools().fileFor(job.spec().gauge(slot.string())).orElse(null),
                after(slot, strokes * (light ? NutEvent.Filing.LIGHT : 1)),
                atSlot(slot, surplus(slot)) < 2 * estimate.filingBite().mean()));
    }

    /**
     * Never much more than in the pass before: where that one did next to nothing it was perhaps not made as it was ticked, and what looks like a dull file is one that will
     * bite.
     */
    private int most(int string) {
        Integer before = NutState.of(job).strokes().get(string);
        return before == null ? MOST_STROKES : Math.min(MOST_STROKES, before + MORE_STROKES);
    }

    private boolean safe(HeightVerdict slot, double strokes) {
        Normal gap = after(slot, strokes);
        double mean = gap.mean() - falling(slot);
        return mean >= slot.band().middle()
                && mean - CARE * gap.sd() >= slot.band().low()
                && NeverBelowFrets.allows(estimate, slot.string(), strokes);
    }

    /** One light stroke that most likely ends in the band is better than a slot that most likely is out of it. */
    private boolean worthRisking(HeightVerdict slot) {
        Normal then = after(slot, NutEvent.Filing.LIGHT);
        Normal shown = new Normal(then.mean() - falling(slot), then.sd());
        return NeverBelowFrets.allows(estimate, slot.string(), NutEvent.Filing.LIGHT)
                && shown.mean() >= slot.band().low()
                && shown.between(slot.band().low(), slot.band().high())
                        > slot.reckoned().between(slot.band().low(), slot.band().high()) + 0.1;
    }

    private Normal after(HeightVerdict slot, double strokes) {
        return estimate.after(new Move.SlotFiled(slot.string(), strokes)).now(slot.string(), slot.method());
    }

    /** Strings whose slots were seen to be wrong in shape, with what was found. */
    public static List<Integer> flawed(JobState job) {
        List<Integer> strings = new ArrayList<>();
        NutState.of(job).slots().forEach((s, flaws) -> {
            if (!flaws.isEmpty()) strings.add(s);
        });
        return strings;
    }
}
