package barytone.core.station;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.advice.Outfit;
import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A job on paper: readings and moves are noted one after the other, and what is advised is asked for. */
abstract class PaperJob {

    static final double[] GOOD_NUT = {0.15, 0.145, 0.14, 0.135, 0.13, 0.125};
    static final double[] GOOD_ACTION = {1.8, 1.7, 1.6, 1.5, 1.4, 1.3};

    InstrumentSpec spec = InstrumentKind.ELECTRIC.usual();
    JobDefaults defaults = Stations.usual(spec, Touch.MEDIUM);
    Toolkit tools = Toolkit.USUAL;
    Effort effort = Effort.USUAL;
    final List<LoggedEvent> log = new ArrayList<>();
    Instant now = Instant.parse("2031-03-04T09:00:00Z");

    PaperJob on(BridgeKind bridge, NeckJoint joint) {
        Fittings f = spec.fittings();
        spec = spec.with(new Fittings(
                bridge, bridge.screwed() ? 0.5 : 0, joint, 0, f.bridgeSpread(), f.nut(), f.nutWidth(), f.strings()));
        defaults = Stations.usual(spec, Touch.MEDIUM);
        return this;
    }

    PaperJob add(JobEvent event) {
        now = now.plusSeconds(20);
        log.add(new LoggedEvent(log.size() + 1L, now, event));
        return this;
    }

    PaperJob reading(int string, Station station, Tool tool, Gap gap) {
        return add(new JobEvent.ReadingTaken(string, state().method(station), tool, gap, Position.PLAYING, ""));
    }

    PaperJob relief(double bass, double treble) {
        return reading(spec.bassString(), Station.RELIEF, Tool.LEAF, around(bass))
                .reading(1, Station.RELIEF, Tool.LEAF, around(treble));
    }

    static Gap around(double mm) {
        return new Gap.Between(mm - 0.01, mm + 0.01);
    }

    PaperJob nut(double... mm) {
        for (int i = 0; i < mm.length; i++) reading(mm.length - i, Station.NUT, Tool.LEAF, around(mm[i]));
        return this;
    }

    PaperJob action(double... mm) {
        for (int i = 0; i < mm.length; i++) reading(mm.length - i, Station.ACTION, Tool.CALIPER, new Gap.Of(mm[i]));
        return this;
    }

    PaperJob good() {
        return relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
    }

    /** What else is agreed on besides the heights. */
    PaperJob agreed(Station... stations) {
        defaults = defaults.scope(Set.of(stations));
        return this;
    }

    JobState state() {
        return Stations.replay(spec, defaults, log);
    }

    Advice advice() {
        return NextMove.advise(state(), new Outfit(tools, effort), now);
    }

    static double[] raised(double[] by, double... mm) {
        double[] sum = mm.clone();
        for (int i = 0; i < sum.length; i++) sum[i] += by.length == 1 ? by[0] : by[i];
        return sum;
    }
}
