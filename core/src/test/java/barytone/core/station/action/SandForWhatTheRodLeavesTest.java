package barytone.core.station.action;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class SandForWhatTheRodLeavesTest {
    private final InstrumentSpec spec = InstrumentKind.FLAT_TOP.usual();
    private final List<LoggedEvent> log = new ArrayList<>();

    private SandForWhatTheRodLeavesTest read(int string, GapMethod method, double mm) {
        log.add(new LoggedEvent(
                log.size() + 1L,
                Instant.parse("2031-03-04T09:00:00Z").plusSeconds(20L * log.size()),
                new JobEvent.ReadingTaken(string, method, Tool.CALIPER, new Gap.Of(mm), Position.PLAYING, "")));
        return this;
    }

    private JobState job() {
        return Stations.replay(spec, Stations.usual(spec, Touch.MEDIUM), log);
    }

    /** What the bass side needs, where it will need so much once the rod has been turned. */
    private double needs(double relief, double then) {
        log.clear();
        JobState empty = job();
        for (int s : new int[] {6, 1}) read(s, empty.method(Station.RELIEF), relief);
        for (int s = 6; s >= 1; s--) read(s, empty.method(Station.NUT), 0.15);
        for (int s : new int[] {6, 1}) read(s, empty.method(Station.ACTION), 3.4);
        JobState job = job();
        List<Double> atTargets = new ArrayList<>(Collections.nCopies(spec.strings(), then));
        return new SandForWhatTheRodLeaves(job, atTargets).needs(HeightVerdict.of(job, Station.ACTION, 6));
    }

    @Test
    void whileTheNeckIsStillToBeStraightenedOnlyWhatItWillLeaveComesOff() {
        assertThat(needs(0.5, -0.3)).isCloseTo(-0.3, within(1e-9));
        assertThat(needs(0.5, 0.2)).isZero();
    }

    @Test
    void onANeckThatIsRightTheWholeOfItComesOff() {
        assertThat(needs(0.2, -0.3)).isLessThan(-1);
    }
}
