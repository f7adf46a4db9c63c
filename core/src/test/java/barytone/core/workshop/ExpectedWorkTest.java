package barytone.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.station.Stations;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.worktime.ExpectedWork;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What is expected to be left to do, against what was left to do on instruments of the proving ground that are not those it was made from. */
class ExpectedWorkTest {
    private static final int INSTRUMENTS = 150;

    private static boolean isMove(LoggedEvent entry, Station station) {
        return station == Station.RELIEF
                ? entry.event() instanceof ReliefEvent.RodTurned
                : entry.event() instanceof Adjustment adjustment && adjustment.station() == station;
    }

    private static boolean isReading(LoggedEvent entry, Station station) {
        return entry.event() instanceof JobEvent.ReadingTaken reading && Station.of(reading.method()) == station;
    }

    private record Sums(double expectedMoves, double moves, double expectedReadings, double readings) {
        Sums and(ExpectedWork expected, List<LoggedEvent> rest, Station station) {
            return new Sums(
                    expectedMoves + expected.moves(),
                    moves + rest.stream().filter(e -> isMove(e, station)).count(),
                    expectedReadings + expected.readings(),
                    readings + rest.stream().filter(e -> isReading(e, station)).count());
        }
    }

    @Test
    void readingsAndMovesFollowFromHowFarOutItReads() {
        Map<Station, Sums> sums = new EnumMap<>(Station.class);
        for (int i = 0; i < INSTRUMENTS; i++) {
            SplittableRandom random = ProvingGround.random(99, i);
            VirtualInstrument instrument = new VirtualInstrument(random.split());
            DiligentTechnician technician = new DiligentTechnician(instrument, new VirtualTools(random.split()));
            technician.work();
            List<LoggedEvent> log = technician.log();
            int first = 0;
            while (first < log.size()
                    && !isMove(log.get(first), Station.RELIEF)
                    && !(log.get(first).event() instanceof Adjustment)) first++;
            JobState asFound = Stations.replay(instrument.spec(), instrument.defaults(), log.subList(0, first));
            List<LoggedEvent> rest = log.subList(first, log.size());
            ExpectedWork.of(asFound)
                    .forEach((station, expected) -> sums.merge(
                            station,
                            new Sums(0, 0, 0, 0).and(expected, rest, station),
                            (a, b) -> new Sums(
                                    a.expectedMoves + b.expectedMoves,
                                    a.moves + b.moves,
                                    a.expectedReadings + b.expectedReadings,
                                    a.readings + b.readings)));
        }
        assertThat(sums).containsOnlyKeys(Station.HEIGHTS);
        assertThat(sums.values()).allSatisfy(sum -> {
            assertThat(sum.expectedMoves / sum.moves).isBetween(0.75, 1.3);
            assertThat(sum.expectedReadings / sum.readings).isBetween(0.75, 1.3);
        });
    }
}
