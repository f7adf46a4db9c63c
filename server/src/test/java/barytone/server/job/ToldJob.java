package barytone.server.job;

import barytone.core.advice.Outfit;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.reading.Toolkit;
import barytone.core.station.NextMove;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.relief.ReliefSchool;
import barytone.server.shop.Shop;
import barytone.server.station.StationDoors;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * A job on paper and what is said of it.
 *
 * @param <T> the test that tells it, so that entries can be strung together
 */
abstract class ToldJob<T extends ToldJob<T>> {
    private static final Instant NINE = Instant.parse("2031-03-04T09:00:00Z");

    final List<LoggedEvent> log = new ArrayList<>();
    InstrumentSpec spec = InstrumentKind.ELECTRIC.usual();
    Toolkit tools = Toolkit.USUAL;
    LengthUnit unit = LengthUnit.MM;

    abstract T self();

    JobDefaults defaults() {
        return Stations.usual(spec, Touch.MEDIUM);
    }

    final T add(JobEvent event) {
        log.add(new LoggedEvent(log.size() + 1L, now(), event));
        return self();
    }

    private Instant now() {
        return NINE.plusSeconds(20L * log.size());
    }

    final JobState state() {
        return Stations.replay(spec, defaults(), log);
    }

    final JobView.AdviceView told() {
        JobState state = state();
        Shop.Schools schools = new Shop.Schools(ReliefSchool.USUAL, NutSchool.USUAL, ActionSchool.USUAL);
        Words words = new Words(state, Units.all(unit));
        Bench bench = new Bench(Outfit.with(tools), schools);
        return new AdviceWords(state, words, bench, new StationDoors().doors().voices(state, words, bench), now())
                .advice(NextMove.advise(state, Outfit.with(tools), now()));
    }

    static String all(JobView.AdviceView told) {
        return told.headline() + " " + String.join(" ", told.why()) + " " + told.caution();
    }
}
