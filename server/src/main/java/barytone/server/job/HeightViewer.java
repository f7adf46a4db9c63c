package barytone.server.job;

import barytone.core.bridge.SaddleArc;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.joblog.JobState;
import barytone.core.joblog.SlotFlaw;
import barytone.core.neck.Allowed;
import barytone.core.neck.BoardRadius;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ActionSchool;
import barytone.core.plan.Advice;
import barytone.core.plan.Judged;
import barytone.core.plan.NutAdvisor;
import barytone.core.plan.Station;
import barytone.core.plan.WorkOrder;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.LeafSet;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Puts the nut and action stations of a job into the form that the page draws. */
final class HeightViewer {
    private static final int LEAVES_SHOWN = 8;

    /** Taller gaps than this are not read with leaves, mm. */
    private static final double LEAF_REACH = 1.2;

    private final JobState state;
    private final LengthUnit unit;
    private final Words words;
    private final Bench bench;
    private final Rules rules;

    HeightViewer(JobState state, LengthUnit unit, Words words, Bench bench) {
        this.state = state;
        this.unit = unit;
        this.words = words;
        this.bench = bench;
        this.rules = new Rules(state, bench.schools());
    }

    JobView.HeightView station(Station station) {
        GapMethod method = state.method(station);
        return new JobView.HeightView(
                station,
                words.method(station),
                new JobView.HeightHabitView(
                        pressed(method),
                        method.gaugeFret(),
                        state.tool(station).code(),
                        state.position(station) == Position.FLAT),
                methods(station),
                tools(bench.tools(), unit),
                state.strings(station).stream().map(s -> row(station, s)).toList(),
                remarks(station),
                target(station));
    }

    private static int pressed(GapMethod method) {
        return switch (method) {
            case GapMethod.NutPressed m -> m.heldFret();
            case GapMethod.ActionCapo ignored -> 1;
            case GapMethod.NutOpen ignored -> 0;
            case GapMethod.Action ignored -> 0;
            case GapMethod.Relief ignored -> 0;
        };
    }

    private List<JobView.HeightChoice> methods(Station station) {
        if (station == Station.NUT)
            return List.of(
                    new JobView.HeightChoice("Pressed at 3, gauge at fret 1", 3, 1),
                    new JobView.HeightChoice("Pressed at 2, gauge at fret 1", 2, 1),
                    new JobView.HeightChoice("Open string, gauge at fret 1", 0, 1));
        List<JobView.HeightChoice> choices = new ArrayList<>();
        for (int fret : new int[] {12, 17, 14, 15, 10}) {
            if (fret > state.spec().frets()) continue;
            choices.add(new JobView.HeightChoice("Open string at fret " + fret, 0, fret));
        }
        choices.add(new JobView.HeightChoice("Capo at 1, at fret 12", 1, 12));
        return choices;
    }

    /** The shop's ways of measuring first, finest first; then the others. */
    static List<JobView.ToolChoice> tools(Toolkit owned, LengthUnit unit) {
        return Arrays.stream(Tool.values())
                .sorted(Comparator.comparing((Tool t) -> !owned.measuring().contains(t))
                        .thenComparingDouble(Tool::spread))
                .map(t -> new JobView.ToolChoice(
                        t.code(),
                        t.label() + (owned.measuring().contains(t) ? "" : ", not among the shop's tools"),
                        "± " + unit.showWithUnit(t.spread())))
                .toList();
    }

    /** One string of a ledger. */
    JobView.LedgerRow row(Station station, int string) {
        Judged judged = Judged.of(state, station, string);
        GapMethod shown = state.method(station);
        Normal now = state.estimate().now(string, shown);
        Band band = judged.shownBy(shown, state.estimate());
        String side = string == 1 ? "treble" : string == state.spec().bassString() ? "bass" : "";
        return new JobView.LedgerRow(
                string,
                state.spec().stringName(string),
                side,
                state.found(station, string).map(n -> unit.show(n.mean())).orElse(null),
                judged.read() ? unit.show(now.mean()) : null,
                judged.read() ? unit.show(now.sd()) : null,
                words.verdict(judged),
                words.verdictText(judged),
                unit.show(band.low()) + " – " + unit.show(band.high()),
                leaves(now.mean()));
    }

    private List<JobView.LeafView> leaves(double expected) {
        LeafSet owned = bench.tools().leaves();
        if (expected > LEAF_REACH || owned.sizes().isEmpty()) return List.of();
        return owned.around(expected, LEAVES_SHOWN).stream()
                .map(mm -> new JobView.LeafView(mm, unit.show(mm)))
                .toList();
    }

    private List<String> remarks(Station station) {
        List<String> remarks = new ArrayList<>();
        if (!state.agreed(station))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        if (station == Station.NUT && state.chosen().nut().method() instanceof GapMethod.NutOpen)
            remarks.add(
                    "The open target holds for relief and saddle at their targets; the bands shown are what this reads now.");
        if (station == Station.NUT && state.method(station) instanceof GapMethod.NutOpen && !anyRead(Station.ACTION))
            remarks.add(
                    "An open reading includes the slope to the saddle: read the action too, and the slot is known.");
        if (station == Station.NUT) {
            List<Integer> below = new ArrayList<>();
            for (int s : state.strings(station)) {
                Normal h = state.estimate().slotHeight(s);
                if (state.look(station, s).isPresent() && h.mean() + h.sd() < 0) below.add(s);
            }
            if (!below.isEmpty())
                remarks.add(
                        "Below the level of the frets: " + words.strings(below) + ". The open string lies on fret 1.");
        }
        if (station == Station.ACTION && state.tool(station).spread() > 0.1)
            remarks.add(
                    "A ruler leaves ± " + unit.showWithUnit(state.tool(station).spread())
                            + " on each string: a card or caliper tells more.");
        if (state.position(station) == Position.FLAT)
            remarks.add(
                    "Read flat on the bench: these readings count less. Turn it to playing position for a verdict.");
        return remarks;
    }

    private boolean anyRead(Station station) {
        return state.strings(station).stream()
                .anyMatch(s -> state.look(station, s).isPresent());
    }

    private JobView.HeightTargetView target(Station station) {
        List<JobView.TypedBandView> bands = new ArrayList<>();
        for (int s : state.strings(station).reversed()) {
            Band band = Judged.of(state, station, s).shownBy(state.method(station), state.estimate());
            bands.add(new JobView.TypedBandView(
                    s, state.spec().stringName(s), unit.show(band.low()), unit.show(band.high())));
        }
        return new JobView.HeightTargetView(
                rules.code(station),
                Words.sentence(rules.targetLabel(station)),
                rules.targetReason(station),
                bands,
                station == Station.NUT ? nutSchools() : actionSchools(),
                station == Station.NUT
                        ? List.of()
                        : Arrays.stream(ActionSchool.Style.values())
                                .map(s -> new JobView.StyleView(s, s.label()))
                                .toList());
    }

    private List<JobView.HeightSchoolView> nutSchools() {
        return bench.schools().nut().stream()
                .map(s -> new JobView.HeightSchoolView(
                        s.code(),
                        s.label(),
                        "bass " + words.band(s.bass()) + ", treble " + words.band(s.treble()) + ", "
                                + words.method(s.method()),
                        s.reason()))
                .toList();
    }

    private List<JobView.HeightSchoolView> actionSchools() {
        ActionSchool.Family family = ActionSchool.Family.of(state.spec().kind());
        return bench.schools().action().stream()
                .filter(s -> s.family() == family)
                .map(s -> new JobView.HeightSchoolView(
                        s.code(),
                        s.label(),
                        "bass " + unit.show(s.bass()) + ", treble " + unit.show(s.treble()) + " ± "
                                + unit.show(s.tolerance()) + " at 12, "
                                + s.steps().label()
                                + (s.lowExtra() > 0 ? ", floppy low strings " + unit.showChange(s.lowExtra()) : ""),
                        s.reason()))
                .toList();
    }

    JobView.NutBenchView nutBench() {
        Normal bite = state.estimate().filingBite();
        boolean learned = NutAdvisor.biteLearned(state.estimate());
        return new JobView.NutBenchView(
                state.spec().fittings().nut().label(),
                NutWords.perStroke(bite.mean(), unit)
                        + (learned ? ", learned on this nut" : ", usual, not learned yet"),
                widthText(state.spec().fittings().nutWidth()),
                state.temporary(),
                state.strings(Station.NUT).stream().map(this::slot).toList(),
                Arrays.stream(SlotFlaw.values())
                        .map(f -> new JobView.FlawView(f, f.label(), f.consequence()))
                        .toList());
    }

    /** A width as it was stated: a plain number of millimetres, or the other unit's own. */
    private String widthText(double width) {
        return unit == LengthUnit.MM ? Allowed.plain(width) + " mm" : unit.showWithUnit(width);
    }

    private JobView.SlotView slot(int string) {
        double gauge = state.spec().gauge(string);
        String file = bench.tools()
                .fileFor(gauge)
                .map(f -> unit.showWithUnit(f.width()) + (f.rolled() ? ", rolled sideways" : ""))
                .orElse("none owned fits");
        boolean read = state.look(Station.NUT, string).isPresent();
        return new JobView.SlotView(
                string,
                state.spec().stringName(string),
                unit.showWithUnit(gauge),
                file,
                read ? "about " + Math.round(NutAdvisor.strokesToFretLevel(state.estimate(), string)) : null,
                state.slots().containsKey(string),
                state.slots().getOrDefault(string, List.of()));
    }

    /**
     * The bridge.
     *
     * @param after the setup expected after the advice; null when it moves nothing
     */
    JobView.BridgeView bridge(Advice advice, @Nullable SetupEstimate after, BridgeWords bridgeWords) {
        var fittings = state.spec().fittings();
        Normal pitch = state.estimate().screwPitch();
        String pitchText = !fittings.bridge().screwed()
                ? ""
                : unit.showWithUnit(pitch.mean()) + " per turn"
                        + (fittings.threadPitch() != 0
                                ? ", as stated"
                                : pitch.sd() < 0.1 * pitch.mean() ? ", learned" : ", usual, not learned yet");
        var travel = state.travel();
        var pattern = state.pattern();
        return new JobView.BridgeView(
                fittings.bridge(),
                fittings.bridge().label(),
                fittings.bridge().screwed(),
                supports(advice),
                pitchText,
                travel == null
                        ? null
                        : unit.showWithUnit(travel.down()) + " down, " + unit.showWithUnit(travel.up()) + " up",
                bridgeWords.angle(),
                bench.tools().radiusGauges().stream().map(Allowed::plain).toList(),
                pattern == null
                        ? null
                        : "Gauge " + Allowed.plain(pattern.radius()) + " mm: "
                                + (pattern.ringing().isEmpty()
                                        ? "all strings between touch"
                                        : "clear are " + words.strings(pattern.ringing())),
                across(after),
                arc());
    }

    private List<JobView.ScrewView> supports(Advice advice) {
        Supports supports = state.spec().supports();
        List<JobView.ScrewView> views = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++)
            views.add(new JobView.ScrewView(
                    supports.names().get(i),
                    net(state.screws().get(i)),
                    supports.places().get(i),
                    move(advice, i)));
        return views;
    }

    /** What an advice asks of a support, in words; null when nothing. */
    private @Nullable String move(Advice advice, int support) {
        return switch (advice) {
            case Advice.TurnScrews t ->
                t.screws().get(support).isZero()
                        ? null
                        : Words.turned(t.screws().get(support));
            case Advice.ReworkSaddle r -> {
                double change = support == 0 ? r.bass() : r.treble();
                yield change == 0 ? null : unit.showWithUnit(Math.abs(change)) + (change < 0 ? " off" : " up");
            }
            default -> null;
        };
    }

    private static String net(Turns turns) {
        return turns.isZero()
                ? "as found"
                : turns.amount() + (turns.sixteenths() > 0 ? " up" : " down") + " since as found";
    }

    private List<JobView.CrossView> across(@Nullable SetupEstimate after) {
        List<JobView.CrossView> across = new ArrayList<>();
        List<Double> z = state.spec().acrossBridge();
        BoardRadius board = state.spec().board();
        double saddle = state.spec().line().saddle();
        for (int s = 1; s <= state.spec().strings(); s++) {
            Judged j = Judged.of(state, Station.ACTION, s);
            double surface = -board.fall(saddle, z.get(s - 1));
            double now = state.estimate().saddleHeight(s).mean();
            double ratio = 1 / j.leverage(state.estimate());
            across.add(new JobView.CrossView(
                    s,
                    state.spec().stringName(s),
                    z.get(s - 1),
                    surface,
                    surface + now,
                    surface + now + (j.band().low() - j.value().mean()) * ratio,
                    surface + now + (j.band().high() - j.value().mean()) * ratio,
                    after == null ? null : surface + after.saddleHeight(s).mean(),
                    words.verdict(j)));
        }
        return across;
    }

    private String arc() {
        List<Double> heights = new ArrayList<>();
        for (int s = 1; s <= state.spec().strings(); s++)
            heights.add(state.estimate().saddleHeight(s).mean());
        SaddleArc arc = SaddleArc.of(
                state.spec().board(), state.spec().line().saddle(), state.spec().acrossBridge(), heights);
        BoardRadius board = state.spec().board();
        double at = board.at(state.spec().line().saddle());
        String surface = Double.isInfinite(at) ? "flat" : "radius " + Math.round(at) + " mm";
        return "Strings: "
                + (arc.radius().isPresent()
                        ? "radius about " + Math.round(arc.radius().getAsDouble()) + " mm"
                        : "on a line, or sagging in the middle")
                + ". Board carried on to the saddle: " + surface + ".";
    }

    JobView.OrderView order() {
        return new JobView.OrderView(
                state.chosen().order(),
                Arrays.stream(WorkOrder.values())
                        .map(o -> new JobView.OrderChoice(o, o.label(), o.reason()))
                        .toList(),
                state.chosen().scope().stream().sorted().toList());
    }
}
