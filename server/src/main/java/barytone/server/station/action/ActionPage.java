package barytone.server.station.action;

import barytone.core.advice.Advice;
import barytone.core.bridge.SaddleArc;
import barytone.core.bridge.Supports;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.job.Station;
import barytone.core.neck.BoardRadius;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.action.ActionState;
import barytone.server.height.HeightPage;
import barytone.server.height.HeightView;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What the page shows of the action and of the bridge that sets it. */
final class ActionPage extends HeightPage {
    private final Units units;
    private final Advice advice;
    private final @Nullable SetupEstimate after;
    private final ActionWords actionWords;

    ActionPage(Shown shown) {
        super(Station.ACTION, shown);
        this.units = words.units();
        this.advice = shown.advice();
        this.after = shown.after();
        this.actionWords = shown.voices().the(ActionWords.class);
    }

    @Override
    public Map<String, Object> parts() {
        List<HeightView.StyleView> styles = Arrays.stream(ActionSchool.Style.values())
                .map(s -> new HeightView.StyleView(s, s.label()))
                .toList();
        return Map.of("action", view(methods(), remarks(), target(actionSchools(), styles)), "bridge", bridge());
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>(
                statedOtherwise(state.chosen().the(ActionTarget.class).method()));
        remarks.addAll(ofTheTool());
        words.threadDiffers().ifPresent(remarks::add);
        return remarks;
    }

    private List<HeightView.HeightChoice> methods() {
        List<HeightView.HeightChoice> choices = new ArrayList<>();
        for (int fret : new TreeSet<>(List.of(state.spec().actionFret(), 10, 14, 15, 17))) {
            if (fret > state.spec().frets()) continue;
            choices.add(new HeightView.HeightChoice("Open string at fret " + fret, 0, fret));
        }
        int usual = state.spec().actionFret();
        choices.sort(Comparator.comparing((HeightView.HeightChoice c) -> c.fret() != usual));
        choices.add(new HeightView.HeightChoice("Capo at 1, at fret " + usual, 1, usual));
        return choices;
    }

    private List<HeightView.HeightSchoolView> actionSchools() {
        ActionSchool.Family family = ActionSchool.Family.of(state.spec().kind());
        return bench.schools().action().stream()
                .filter(s -> s.family() == family)
                .map(s -> new HeightView.HeightSchoolView(
                        s.code(),
                        s.label(),
                        "bass " + unit.show(s.bass()) + ", treble " + unit.show(s.treble()) + " ± "
                                + unit.show(s.tolerance()) + " at 12, "
                                + s.steps().label()
                                + (s.lowExtra() > 0 ? ", floppy low strings " + unit.showChange(s.lowExtra()) : ""),
                        s.reason()))
                .toList();
    }

    private BridgeView bridge() {
        var fittings = state.spec().fittings();
        var travel = ActionState.of(state).travel();
        var pattern = ActionState.of(state).pattern();
        return new BridgeView(
                words.units().saddle().heading(),
                fittings.bridge(),
                fittings.bridge().label(),
                fittings.bridge().screwed(),
                supports(),
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
                across(),
                arc());
    }

    private List<BridgeView.ScrewView> supports() {
        Supports supports = state.spec().supports();
        List<BridgeView.ScrewView> views = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++)
            views.add(new BridgeView.ScrewView(
                    supports.names().get(i),
                    net(ActionState.of(state).screws().get(i)),
                    !ActionState.of(state).screws().get(i).isZero(),
                    supports.places().get(i),
                    move(i)));
        return views;
    }

    /** What an advice asks of a support, in words; null when nothing. */
    private @Nullable String move(int support) {
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

    private List<BridgeView.CrossView> across() {
        List<BridgeView.CrossView> across = new ArrayList<>();
        List<Double> z = state.spec().acrossBridge();
        BoardRadius board = state.spec().board();
        double saddle = state.spec().line().saddle();
        for (int s = 1; s <= state.spec().strings(); s++) {
            HeightVerdict j = HeightVerdict.of(state, Station.ACTION, s);
            double surface = -board.fall(saddle, z.get(s - 1));
            double now = state.estimate().saddleHeight(s).mean();
            double ratio = 1 / j.leverage(state.estimate());
            across.add(new BridgeView.CrossView(
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
}
