package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.bridge.SaddleArc;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.job.JobState;
import barytone.core.job.Look;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.job.WorkOrder;
import barytone.core.neck.BoardRadius;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.LeafSet;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.action.ActionState;
import barytone.core.station.nut.NeverBelowFrets;
import barytone.core.station.nut.NutAdvisor;
import barytone.core.station.nut.NutState;
import barytone.core.station.nut.SlotFlaw;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Puts the nut and action stations of a job into the form that the page draws. */
final class HeightViewer {
    private static final int LEAVES_SHOWN = 8;

    /** Taller gaps than this are not read with leaves, mm. */
    private static final double LEAF_REACH = 1.2;

    private final JobState state;
    /** For what belongs to the saddles. */
    private final LengthUnit unit;

    private final Units units;
    private final Words words;
    private final Bench bench;
    private final Voices voices;

    HeightViewer(JobState state, Words words, Bench bench, Voices voices) {
        this.state = state;
        this.units = words.units();
        this.unit = units.action();
        this.words = words;
        this.bench = bench;
        this.voices = voices;
    }

    JobView.HeightView station(Station station) {
        GapMethod method = state.method(station);
        return new JobView.HeightView(
                station,
                words.unit(station).suffix(),
                words.method(station),
                new JobView.HeightHabitView(
                        pressed(method),
                        method.gaugeFret(),
                        state.tool(station).code(),
                        state.position(station) == Position.FLAT),
                methods(station),
                tools(bench.tools(), words.unit(station)),
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
        for (int fret : new TreeSet<>(List.of(state.spec().actionFret(), 10, 14, 15, 17))) {
            if (fret > state.spec().frets()) continue;
            choices.add(new JobView.HeightChoice("Open string at fret " + fret, 0, fret));
        }
        int usual = state.spec().actionFret();
        choices.sort(Comparator.comparing((JobView.HeightChoice c) -> c.fret() != usual));
        choices.add(new JobView.HeightChoice("Capo at 1, at fret " + usual, 1, usual));
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
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        LengthUnit own = words.unit(station);
        String side = string == 1 ? "treble" : string == state.spec().bassString() ? "bass" : "";
        Optional<TakenReading> found = state.found(station, string);
        return new JobView.LedgerRow(
                string,
                state.spec().stringName(string),
                side,
                found.map(words::read).orElse(null),
                found.filter(f -> !f.method().equals(judged.method()))
                        .map(f -> words.method(f.method()))
                        .orElse(null),
                now(judged),
                judged.known() && !judged.asRead(),
                note(judged),
                judged.known() && !judged.asRead() && !judged.noGap()
                        ? own.show(judged.reckoned().sd())
                        : null,
                words.verdict(judged),
                words.verdictText(judged),
                words.band(station, judged.band()),
                leaves(judged.value().mean(), own),
                state.doubt(station, string).map(this::doubt).orElse(null));
    }

    private JobView.DoubtView doubt(TakenReading taken) {
        return new JobView.DoubtView(
                taken.seq(),
                words.read(taken) + " " + words.unit(taken.station()).suffix(),
                words.doubt(taken),
                taken.unturned());
    }

    /** What was read while it stands, else what is reckoned; null while nothing is known. */
    @Nullable
    String now(HeightVerdict judged) {
        if (!judged.known()) return null;
        Look look = judged.look();
        if (judged.asRead() && look != null) return words.read(look.reading());
        // what was read as no gap and has moved since is not known at all
        if (judged.noGap()) return null;
        return words.unit(judged.station()).show(judged.reckoned().mean());
    }

    /** What stands beside it: the reading before the move or by another way; or what is reckoned when that differs by what the tool can see. */
    private @Nullable String note(HeightVerdict judged) {
        LengthUnit own = words.unit(judged.station());
        Look look = judged.look();
        if (look == null) return judged.between() ? "between the outer strings" : null;
        TakenReading read = look.reading();
        if (judged.asRead()) {
            if (judged.noGap()) return null;
            double off = judged.reckoned().mean() - read.mm();
            return Math.abs(off) <= Math.max(read.sees(), read.evidence().sd())
                    ? null
                    : "reckoned " + own.show(judged.reckoned().mean()) + " ± "
                            + own.show(judged.reckoned().sd());
        }
        if (look.stands())
            return "read " + words.read(read) + ", " + words.method(read.method())
                    + (read.reading().position() == Position.FLAT ? ", flat on the bench" : "");
        return "read " + words.read(read) + " before the last move";
    }

    private List<JobView.LeafView> leaves(double expected, LengthUnit own) {
        LeafSet owned = bench.tools().leaves();
        if (expected > LEAF_REACH || owned.sizes().isEmpty()) return List.of();
        return owned.around(expected, LEAVES_SHOWN).stream()
                .map(mm -> new JobView.LeafView(mm, own.show(mm)))
                .toList();
    }

    private List<String> remarks(Station station) {
        List<String> remarks = new ArrayList<>();
        if (!state.agreed(station))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        if (station != Station.RELIEF && !stated(station).equals(state.method(station)))
            remarks.add("The target is stated " + words.method(stated(station))
                    + "; the bands shown are what that comes to in this way of reading.");
        if (station == Station.NUT && state.method(station) instanceof GapMethod.NutOpen && !anyRead(Station.ACTION))
            remarks.add(
                    "An open reading includes the slope to the saddle: read the action too, and the slot is known.");
        List<Integer> noGap = state.strings(station).stream()
                .filter(n -> HeightVerdict.of(state, station, n).noGap())
                .toList();
        if (station == Station.NUT && !noGap.isEmpty())
            remarks.add("No gap under " + words.strings(noGap)
                    + ": the string lies on fret 1 when pressed. How much is missing is unknown.");
        Tool tool = state.tool(station);
        // told once, not six times
        if (state.strings(station).stream()
                .map(n -> HeightVerdict.of(state, station, n))
                .anyMatch(HeightVerdict::asRead))
            remarks.add("The " + tool.label() + " tells "
                    + words.unit(station).showWithUnit(tool.sees()) + " at the least; its readings are good to ± "
                    + words.unit(station).showWithUnit(tool.spread()) + ".");
        if (state.position(station) == Position.FLAT)
            remarks.add(
                    "Read flat on the bench: the verdict reckons with the neck as it is played. One reading in playing position settles it.");
        words.offBy(station, tool).ifPresent(remarks::add);
        if (station == Station.ACTION) words.threadDiffers().ifPresent(remarks::add);
        return remarks;
    }

    private GapMethod stated(Station station) {
        return station == Station.NUT
                ? state.chosen().the(NutTarget.class).method()
                : state.chosen().the(ActionTarget.class).method();
    }

    private boolean anyRead(Station station) {
        return state.strings(station).stream()
                .anyMatch(s -> state.look(station, s).isPresent());
    }

    private JobView.HeightTargetView target(Station station) {
        List<JobView.TypedBandView> bands = new ArrayList<>();
        for (int s : state.strings(station).reversed()) {
            Band band = HeightVerdict.band(state, station, s);
            LengthUnit own = words.unit(station);
            bands.add(new JobView.TypedBandView(
                    s, state.spec().stringName(s), own.show(band.low()), own.show(band.high())));
        }
        return new JobView.HeightTargetView(
                voices.of(station).school(),
                Words.sentence(voices.of(station).targetLabel()),
                voices.of(station).targetReason(),
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
                        "bass " + words.band(Station.NUT, s.bass()) + ", treble "
                                + words.band(Station.NUT, s.treble()) + " "
                                + units.nut().suffix() + ", "
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
                NutWords.perStroke(bite.mean(), units.nut())
                        + (learned ? ", learned on this nut" : ", usual, not learned yet"),
                widthText(state.spec().fittings().nutWidth()),
                NutState.of(state).temporary(),
                state.strings(Station.NUT).stream().map(this::slot).toList(),
                Arrays.stream(SlotFlaw.values())
                        .map(f -> new JobView.FlawView(f, f.label(), f.consequence()))
                        .toList());
    }

    /** A width as it was stated: a plain number of millimetres, or the other unit's own. */
    private String widthText(double width) {
        return Allowed.plain(width) + " mm";
    }

    private JobView.SlotView slot(int string) {
        double gauge = state.spec().gauge(string);
        String file = bench.tools()
                .fileFor(gauge)
                .map(f -> units.gauge().showWithUnit(f.width()) + (f.rolled() ? ", rolled sideways" : ""))
                .orElse("none owned fits");
        boolean read = state.look(Station.NUT, string).isPresent();
        return new JobView.SlotView(
                string,
                state.spec().stringName(string),
                units.gauge().showWithUnit(gauge),
                file,
                read ? "about " + Math.round(NeverBelowFrets.strokesLeft(state.estimate(), string)) : null,
                NutState.of(state).slots().containsKey(string),
                NutState.of(state).slots().getOrDefault(string, List.of()));
    }

    /**
     * The bridge.
     *
     * @param after the setup expected after the advice; null when it moves nothing
     */
    JobView.BridgeView bridge(Advice advice, @Nullable SetupEstimate after, ActionWords actionWords) {
        var fittings = state.spec().fittings();
        var travel = ActionState.of(state).travel();
        var pattern = ActionState.of(state).pattern();
        return new JobView.BridgeView(
                unit.suffix(),
                fittings.bridge(),
                fittings.bridge().label(),
                fittings.bridge().screwed(),
                supports(advice),
                words.screwPitch(),
                travel == null
                        ? null
                        : unit.showWithUnit(travel.leastDown()) + " down, " + unit.showWithUnit(travel.leastUp())
                                + " up",
                actionWords.angle(),
                bench.tools().radiusGauges().stream().map(Allowed::plain).toList(),
                pattern == null
                        ? null
                        : "Gauge " + units.radius().showWithUnit(pattern.radius()) + ": "
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
                    net(ActionState.of(state).screws().get(i)),
                    supports.places().get(i),
                    move(advice, i)));
        return views;
    }

    /** What an advice asks of a support, in words; null when nothing. */
    private @Nullable String move(Advice advice, int support) {
        return switch (advice) {
            case ActionAdvice.TurnScrews t ->
                t.screws().get(support).isZero()
                        ? null
                        : Words.turned(t.screws().get(support));
            case ActionAdvice.ReworkSaddle r -> {
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
            HeightVerdict j = HeightVerdict.of(state, Station.ACTION, s);
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
        String surface = Double.isInfinite(at) ? "flat" : "radius " + radius(at);
        return "Strings: "
                + (arc.radius().isPresent()
                        ? "radius about " + radius(arc.radius().getAsDouble())
                        : "on a line, or sagging in the middle")
                + ". Board carried on to the saddle: " + surface + ".";
    }

    private String radius(double mm) {
        return units.radius() == LengthUnit.MM
                ? Math.round(mm) + " mm"
                : units.radius().showWithUnit(mm);
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
