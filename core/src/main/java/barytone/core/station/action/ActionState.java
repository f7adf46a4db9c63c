package barytone.core.station.action;

import barytone.core.height.RestsOnRelief;
import barytone.core.job.JobState;
import barytone.core.quantity.Turns;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log about the bridge.
 *
 * @param screws turns of each support since as found, from bass to treble, positive raises
 * @param travel how far the saddles can still go; null while not looked at
 * @param proud how far a fixed saddle stands proud of its bridge, mm; null while not looked at
 * @param sanded a saddle was sanded on this job
 * @param shims how often the neck came off for a shim on this job
 * @param neckAngle where a straightedge along the frets meets the bridge; null while not looked at
 * @param pattern the last look with an under-string gauge; null without one
 */
public record ActionState(
        List<Turns> screws,
        @Nullable BridgeTravel travel,
        @Nullable Double proud,
        boolean sanded,
        int shims,
        ActionEvent.@Nullable NeckAngleRead neckAngle,
        ActionEvent.@Nullable GaugePatternRead pattern)
        implements RestsOnRelief {
    public ActionState {
        screws = List.copyOf(screws);
    }

    /** Of a job. */
    public static ActionState of(JobState job) {
        return job.room(ActionState.class);
    }

    /** A saddle is sanded to the relief that was looked at. */
    @Override
    public boolean restsOnRelief() {
        return sanded;
    }
}
