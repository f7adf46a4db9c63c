package barytone.server.station.nut;

import barytone.core.estimate.Normal;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.station.nut.NeverBelowFrets;
import barytone.core.station.nut.NutAdvisor;
import barytone.core.station.nut.NutState;
import barytone.core.station.nut.SlotFlaw;
import barytone.server.height.HeightPage;
import barytone.server.height.HeightView;
import barytone.server.job.Shown;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** What the page shows of the nut. */
final class NutPage extends HeightPage {
    private final Units units;

    NutPage(Shown shown) {
        super(Station.NUT, shown);
        this.units = words.units();
    }

    @Override
    public Map<String, Object> parts() {
        return Map.of("nut", view(METHODS, remarks(), target(nutSchools(), List.of())), "nutBench", bench());
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>(
                statedOtherwise(state.chosen().the(NutTarget.class).method()));
        if (state.method(Station.NUT) instanceof GapMethod.NutOpen && !actionRead())
            remarks.add(
                    "An open reading includes the slope to the saddle: read the action too, and the slot is known.");
        List<Integer> noGap = state.strings(Station.NUT).stream()
                .filter(n -> HeightVerdict.of(state, Station.NUT, n).noGap())
                .toList();
        if (!noGap.isEmpty())
            remarks.add("No gap under " + words.strings(noGap)
                    + ": the string lies on fret 1 when pressed. How much is missing is unknown.");
        remarks.addAll(ofTheTool());
        return remarks;
    }

    private boolean actionRead() {
        return state.strings(Station.ACTION).stream()
                .anyMatch(s -> state.look(Station.ACTION, s).isPresent());
    }

    private static final List<HeightView.HeightChoice> METHODS = List.of(
            new HeightView.HeightChoice("Pressed at 3, gauge at fret 1", 3, 1),
            new HeightView.HeightChoice("Pressed at 2, gauge at fret 1", 2, 1),
            new HeightView.HeightChoice("Open string, gauge at fret 1", 0, 1));

    private List<HeightView.HeightSchoolView> nutSchools() {
        return bench.schools().nut().stream()
                .map(s -> new HeightView.HeightSchoolView(
                        s.code(),
                        s.label(),
                        "bass " + words.band(Station.NUT, s.bass()) + ", treble "
                                + words.band(Station.NUT, s.treble()) + " "
                                + units.nut().suffix() + ", "
                                + words.method(s.method()),
                        s.reason()))
                .toList();
    }

    private NutBenchView bench() {
        Normal bite = state.estimate().filingBite();
        boolean learned = NutAdvisor.biteLearned(state.estimate());
        return new NutBenchView(
                state.spec().fittings().nut().label(),
                NutWords.perStroke(bite.mean(), units.nut())
                        + (learned ? ", learned on this nut" : ", usual, not learned yet"),
                widthText(state.spec().fittings().nutWidth()),
                NutState.of(state).temporary(),
                state.strings(Station.NUT).stream().map(this::slot).toList(),
                Arrays.stream(SlotFlaw.values())
                        .map(f -> new NutBenchView.FlawView(f, f.label(), f.consequence()))
                        .toList());
    }

    /** A width as it was stated: a plain number of millimetres, or the other unit's own. */
    private String widthText(double width) {
        return Allowed.plain(width) + " mm";
    }

    private NutBenchView.SlotView slot(int string) {
        double gauge = state.spec().gauge(string);
        String file = bench.tools()
                .fileFor(gauge)
                .map(f -> units.gauge().showWithUnit(f.width()) + (f.rolled() ? ", rolled sideways" : ""))
                .orElse("none owned fits");
        boolean read = state.look(Station.NUT, string).isPresent();
        return new NutBenchView.SlotView(
                string,
                state.spec().stringName(string),
                units.gauge().showWithUnit(gauge),
                file,
                read ? "about " + Math.round(NeverBelowFrets.strokesLeft(state.estimate(), string)) : null,
                NutState.of(state).slots().containsKey(string),
                NutState.of(state).slots().getOrDefault(string, List.of()));
    }
}
