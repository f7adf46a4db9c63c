package barytone.server.job;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.LengthUnit;
import java.util.ArrayList;
import java.util.List;

/** What a move changes besides what it is made for, and by how much. */
final class Ripples {
    /** A change smaller than this is no ripple, mm. */
    private static final double STILL = 0.004;

    private final JobState state;
    private final Words words;
    private final Voices voices;

    Ripples(JobState state, Words words, Voices voices) {
        this.state = state;
        this.words = words;
        this.voices = voices;
    }

    /**
     * The heights that a move changes.
     *
     * @param after the setup as expected after it
     * @param withOwn the strings of its own station too, each one; the other stations always show the lowest and the highest string
     */
    List<JobView.Ripple> of(SetupEstimate after, Station own, boolean withOwn) {
        List<JobView.Ripple> ripple = new ArrayList<>();
        if (withOwn && own.height()) for (int s : state.strings(own)) add(ripple, after, own, s);
        for (Station station : Station.HEIGHTS)
            if (station != own) for (int s : List.of(state.spec().bassString(), 1)) add(ripple, after, station, s);
        if (own.height()) ripple.addAll(voices.ripple(after));
        return ripple;
    }

    private void add(List<JobView.Ripple> ripple, SetupEstimate after, Station station, int string) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        GapMethod method = judged.method();
        Normal then = after.now(string, method);
        double change = then.mean() - state.estimate().now(string, method).mean();
        if (Math.abs(change) < STILL) return;
        LengthUnit unit = words.unit(station);
        boolean known = judged.known() && !judged.noGap();
        ripple.add(new JobView.Ripple(
                label(method) + ", " + string + " " + state.spec().stringName(string) + ", " + unit.heading(),
                known ? unit.show(judged.value().mean()) : judged.noGap() ? "no gap" : "not read",
                known ? unit.show(judged.value().mean() + change) + " ± " + unit.show(then.sd()) : "",
                unit.showChange(change)));
    }

    private static String label(GapMethod method) {
        return switch (method) {
            case GapMethod.NutPressed m -> "Nut, pressed at " + m.heldFret();
            case GapMethod.NutOpen ignored -> "Nut, open";
            case GapMethod.Action m -> "Action at " + m.gaugeFret();
            case GapMethod.ActionCapo m -> "Action at " + m.gaugeFret() + ", capo";
            case GapMethod.Relief m -> "Relief at " + m.gaugeFret();
        };
    }
}
