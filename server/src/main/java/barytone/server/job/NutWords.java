package barytone.server.job;

import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.station.action.BridgeAdvisor;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutAdvisor;
import java.util.ArrayList;
import java.util.List;

/** Says what to do at the nut. */
final class NutWords {
    private static final String FILE_CAUTION =
            "Dust of bone, shell and metal: keep it wet or take it off, mask on. File away from you.";

    private final JobState state;
    private final LengthUnit unit;
    private final LengthUnit gauges;
    private final Words words;

    NutWords(JobState state, Units units, Words words) {
        this.state = state;
        this.unit = units.nut();
        this.gauges = units.gauge();
        this.words = words;
    }

    Said file(NutAdvice.FileSlots f) {
        List<JobView.StepView> steps = f.slots().stream()
                .map(s -> new JobView.StepView(
                        s.string() + " " + state.spec().stringName(s.string()),
                        strokes(s) + ", " + file(s),
                        unit.show(s.expected().mean()) + " ± "
                                + unit.show(s.expected().sd()),
                        NutAdvice.FileSlots.Slot.topic(s.string())))
                .toList();
        List<String> why = new ArrayList<>();
        why.add(
                f.learned()
                        ? "This nut has been giving " + perStroke(f.bite().mean(), unit) + "."
                        : "The bite is not known on this nut yet: about "
                                + perStroke(f.bite().mean(), unit)
                                + " is usual. So few strokes each that a file twice as keen spoils nothing; what they did teaches the next pass.");
        if (f.slots().stream().anyMatch(NutAdvice.FileSlots.Slot::underTwoStrokes))
            why.add("What remains is under two strokes' worth: light strokes, and look after each.");
        why.add(
                "Along the line from string to tuner; the floor falls gently towards the tuner and the string leaves at the front edge.");
        List<Integer> near = f.slots().stream()
                .map(NutAdvice.FileSlots.Slot::string)
                .filter(s -> NutAdvisor.strokesToFretLevel(state.estimate(), s) < 8)
                .toList();
        String caution = near.isEmpty()
                ? FILE_CAUTION
                : FILE_CAUTION + " " + Words.sentence(words.strings(near)) + " would be level with the frets in about "
                        + Math.round(NutAdvisor.strokesToFretLevel(state.estimate(), near.getFirst()))
                        + " strokes: never below.";
        why.addAll(beforeFiling());
        return Said.move(
                f.slots().size() == 1
                        ? "File slot " + f.slots().getFirst().string() + " "
                                + state.spec().stringName(f.slots().getFirst().string()) + ": "
                                + strokes(f.slots().getFirst())
                        : "File " + f.slots().size() + " slots, then tune once",
                why,
                caution,
                steps,
                "Filed");
    }

    private List<String> beforeFiling() {
        List<String> warnings = new ArrayList<>();
        if (state.left(Station.RELIEF) || !state.agreed(Station.RELIEF))
            warnings.add("Relief is not settled on this job: what is filed now may not suit it later.");
        if (BridgeAdvisor.far(state))
            warnings.add(
                    "The saddle is still far from its target: an open reading at the first fret looks wrong until it is near.");
        List<Integer> flawed = NutAdvisor.flawed(state);
        if (!flawed.isEmpty())
            warnings.add("The slot of " + words.strings(flawed)
                    + " was found wrong in shape: put that right with the same strokes.");
        return warnings;
    }

    private static String strokes(NutAdvice.FileSlots.Slot s) {
        return s.strokes() + (s.light() ? " light" : "") + (s.strokes() == 1 ? " stroke" : " strokes");
    }

    private String file(NutAdvice.FileSlots.Slot s) {
        if (s.file() == null)
            return "no owned file fits: borrow one of "
                    + gauges.showWithUnit(state.spec().gauge(s.string()));
        String width = gauges.showWithUnit(s.file().width()) + " file";
        return s.file().rolled() ? width + ", rolled sideways for the width" : width;
    }

    /** What a stroke takes off: so little that millimetres would be noughts. */
    static String perStroke(double mm, LengthUnit unit) {
        return (unit == LengthUnit.MM ? Math.round(mm * 1000) + " µm" : unit.showWithUnit(mm)) + " per stroke";
    }

    Said lower(NutAdvice.LowerNut l) {
        List<JobView.StepView> steps = l.remains().entrySet().stream()
                .map(e -> new JobView.StepView(
                        e.getKey() + " " + state.spec().stringName(e.getKey()),
                        "then " + unit.showChange(e.getValue()) + " " + unit.suffix() + " left",
                        unit.show(HeightVerdict.of(state, Station.NUT, e.getKey())
                                        .value()
                                        .mean()
                                - fall(l, e.getKey())),
                        null))
                .toList();
        return Said.move(
                "Sand " + unit.showWithUnit(l.amount()) + " off the underside of the nut",
                List.of(
                        "Every slot is too high. " + Words.sentence(words.string(l.governing()))
                                + " has the least to give; that much comes off below, less a little for the file.",
                        "On a flat surface, the nut held upright against a block. Check with a caliper at both ends.",
                        "A glued nut: score the finish around it first, then tap it out gently."),
                "Dust: wet or take it off, mask on. Hold small parts in a clamp, not in the fingers.",
                steps,
                "Sanded and back");
    }

    private double fall(NutAdvice.LowerNut l, int string) {
        HeightVerdict j = HeightVerdict.of(state, Station.NUT, string);
        return l.amount() * j.leverage(state.estimate());
    }

    Said raise(NutAdvice.RaiseNut r) {
        String which = words.strings(r.low());
        return r.shim()
                ? Said.move(
                        "Shim the nut, then file",
                        List.of(
                                Words.sentence(which) + " are too low to be filed right. About "
                                        + unit.showWithUnit(r.amount()) + " under the nut brings them past the wish.",
                                "Card or veneer under the whole nut, a little more than needed, so that the slots can be filed to their height.",
                                "Better still: a new nut. A card shim is temporary and gets a follow-up date."),
                        FILE_CAUTION,
                        List.of(),
                        "Shimmed")
                : Said.move(
                        "Fill the slot of " + which + ", then file",
                        List.of(
                                r.unknown()
                                        ? "There is no gap: how much is missing is unknown. Fill it well above the frets."
                                        : "It stands near the frets: the open string will buzz on fret 1. About "
                                                + unit.showWithUnit(r.amount()) + " fills it past the wish.",
                                "Glue and powder of the nut's own stuff, a little more than needed, filed to height when hard. It is temporary and will fail one day: say so. A new nut is the lasting way."),
                        "Glue and accelerator: ventilate, gloves, glasses. " + FILE_CAUTION,
                        List.of(),
                        "Filled");
    }
}
