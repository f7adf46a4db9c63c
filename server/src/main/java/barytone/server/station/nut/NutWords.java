package barytone.server.station.nut;

import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.LengthUnit;
import barytone.core.station.action.BridgeAdvisor;
import barytone.core.station.nut.NeverBelowFrets;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutAdvisor;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.nut.NutState;
import barytone.core.station.nut.SlotFlaw;
import barytone.server.job.JobView;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Says what to do at the nut. */
public final class NutWords extends RoomVoice<NutAdvice, NutEvent> {
    private static final String FILE_CAUTION =
            "Dust of bone, shell and metal: keep it wet or take it off, mask on. File away from you.";

    private final JobState state;
    private final LengthUnit unit;
    private final LengthUnit gauges;
    private final Words words;
    private final Shop.Schools schools;

    NutWords(JobState state, Words words, Shop.Schools schools) {
        super(Station.NUT, NutAdvice.class, NutEvent.class);
        this.state = state;
        this.unit = words.units().nut();
        this.gauges = words.units().gauge();
        this.schools = schools;
        this.words = words;
    }

    @Override
    protected Said said(NutAdvice advice) {
        return switch (advice) {
            case NutAdvice.FileSlots f -> file(f);
            case NutAdvice.LowerNut l ->
                lower(l).orElse(
                                "File the slots instead",
                                "Every slot is then filed by its whole surplus, one after the other.",
                                JobView.Anyway.DECLINE);
            case NutAdvice.RaiseNut r -> raise(r);
        };
    }

    @Override
    protected String rule(NutAdvice advice) {
        return switch (advice) {
            case NutAdvice.FileSlots ignored ->
                "Never past the middle of the band in one pass, and never near the level of the frets: what is filed off does not come back.";
            case NutAdvice.LowerNut ignored ->
                "When every slot is too high, the smallest surplus comes off below and the slots are finished with the file.";
            case NutAdvice.RaiseNut ignored ->
                "A slot is raised only where it stands clearly near the frets or the open string buzzes, and after what is high was filed.";
        };
    }

    @Override
    protected @Nullable String decline(NutAdvice advice) {
        return switch (advice) {
            case NutAdvice.FileSlots ignored -> "Leave the slots";
            case NutAdvice.RaiseNut ignored -> "Leave them low";
            default -> null;
        };
    }

    @Override
    protected String line(NutEvent event) {
        return switch (event) {
            case NutEvent.SlotsFiled e ->
                "Filed "
                        + String.join(
                                ", ",
                                e.slots().stream()
                                        .map(f -> "slot " + f.string() + " " + f.strokes()
                                                + (f.light() ? " light strokes" : " strokes"))
                                        .toList());
            case NutEvent.NutReworked e ->
                "Nut " + way(e.way())
                        + (e.material() == null ? "" : ", " + e.material().label())
                        + ", " + words.strings(e.strings())
                        + (e.change() == 0 ? "" : ": " + Words.change(unit, e.change()));
            case NutEvent.SlotChecked e ->
                "Slot " + e.string() + ": "
                        + (e.flaws().isEmpty()
                                ? "good"
                                : String.join(
                                        ", ",
                                        e.flaws().stream().map(SlotFlaw::label).toList()));
            case NutEvent.NutTargetSet e ->
                "Nut target: " + Words.school(e.target().school());
        };
    }

    @Override
    public @Nullable String school() {
        return NutTarget.of(state).school();
    }

    @Override
    public String targetLabel() {
        String code = school();
        return code == null ? "set by hand" : ofShop(code).map(NutSchool::label).orElse(code);
    }

    @Override
    public String targetReason() {
        String code = school();
        return code == null
                ? "Bands typed for this job."
                : ofShop(code).map(NutSchool::reason).orElse("");
    }

    private Optional<NutSchool> ofShop(String code) {
        return schools.nut().stream().filter(s -> s.code().equals(code)).findFirst();
    }

    @Override
    protected String suffix() {
        return words.units().nut().suffix();
    }

    @Override
    protected String subject() {
        return "The nut";
    }

    @Override
    protected String standing() {
        return words.stillOut(Station.NUT);
    }

    @Override
    protected List<String> onRecord() {
        return NutState.of(state).temporary()
                ? List.of("A temporary repair was made at the nut: note a date to look at it again.")
                : List.of();
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        if (topic.equals(NutAdvice.RaiseNut.TOPIC)) return Optional.of("nut slots too low");
        if (topic.equals(NutAdvice.LowerNut.TOPIC)) return Optional.of("the nut's underside");
        if (!topic.is(NutAdvice.FileSlots.Slot.KIND)) return Optional.empty();
        return Optional.of(topic.of().isEmpty() ? "nut slots too high" : "slot " + topic.of());
    }

    private static String way(NutEvent.NutReworked.Way way) {
        return switch (way) {
            case UNDERSIDE_SANDED -> "sanded underneath";
            case SHIMMED -> "shimmed, temporary";
            case FILLED -> "filled, temporary";
            case RENEWED -> "renewed";
        };
    }

    Said file(NutAdvice.FileSlots f) {
        List<JobView.StepView> steps = f.slots().stream()
                .map(s -> new JobView.StepView(
                        s.string() + " " + state.spec().stringName(s.string()),
                        strokes(s),
                        file(s),
                        unit.show(s.expected().mean()) + " ± "
                                + unit.show(s.expected().sd()),
                        NutAdvice.FileSlots.Slot.topic(s.string()).code()))
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
                .filter(s -> NeverBelowFrets.strokesLeft(state.estimate(), s) < 8)
                .toList();
        String caution = near.isEmpty()
                ? FILE_CAUTION
                : FILE_CAUTION + " " + Words.sentence(words.strings(near)) + " would be level with the frets in about "
                        + Math.round(NeverBelowFrets.strokesLeft(state.estimate(), near.getFirst()))
                        + " strokes: never below.";
        why.addAll(beforeFiling());
        return Said.move(
                        f.slots().size() == 1
                                ? "File slot " + f.slots().getFirst().string() + " "
                                        + state.spec()
                                                .stringName(f.slots().getFirst().string()) + ": "
                                        + strokes(f.slots().getFirst())
                                : "File " + f.slots().size() + " slots, then tune once",
                        why,
                        caution,
                        steps,
                        "Filed")
                .otherwise(
                        "filed",
                        f.slots().stream().map(NutAdvice.FileSlots.Slot::string).toList());
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
                        null,
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
                        "Sanded and back")
                .otherwise("underside-sanded", List.of());
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
                                                + unit.showWithUnit(r.amount())
                                                + " under the nut brings them past the wish.",
                                        "Card or veneer under the whole nut, a little more than needed, so that the slots can be filed to their height.",
                                        "Better still: a new nut. A card shim is temporary and gets a follow-up date."),
                                FILE_CAUTION,
                                List.of(),
                                "Shimmed")
                        .otherwise("shimmed", List.of())
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
                                "Filled")
                        .otherwise("filled", r.low());
    }
}
