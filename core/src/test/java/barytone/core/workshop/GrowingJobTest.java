package barytone.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.job.GrowingJob;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.reading.Gap;
import barytone.core.station.Stations;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.relief.ReliefEvent;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A job that is played on entry by entry against its log played from the start. */
class GrowingJobTest {
    private final List<JobState> states = new ArrayList<>();

    private void grown(Workpiece instrument, List<LoggedEvent> log) {
        GrowingJob job = Stations.begin(instrument.spec(), instrument.defaults());
        states.add(job.state());
        for (LoggedEvent entry : log) {
            job.add(entry);
            states.add(job.state());
        }
    }

    /** Each state as the log up to there gives it: looked at when all is done, so that none was touched by what came later. */
    private void everyStateIsThatOf(Workpiece instrument, List<LoggedEvent> log) {
        for (int n = 0; n <= log.size(); n++)
            assertThat(told(states.get(n)))
                    .as("after %d of %d entries", n, log.size())
                    .isEqualTo(told(Stations.replay(instrument.spec(), instrument.defaults(), log.subList(0, n))));
    }

    /** All that a state says; of its estimate what it expects to be read. */
    private static String told(JobState job) {
        StringBuilder told = new StringBuilder(job.toString().replaceAll("SetupEstimate@\\w+", ""));
        for (Station station : Station.HEIGHTS)
            for (int string : job.strings(station))
                told.append(job.estimate().now(string, job.method(station))).append('\n');
        return told.toString();
    }

    private static LoggedEvent next(List<LoggedEvent> log, JobEvent event) {
        LoggedEvent last = log.getLast();
        return new LoggedEvent(last.seq() + 1, last.at().plus(Duration.ofSeconds(40)), event);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void eachStateOfAWholeJobIsThatOfItsLog(int index) {
        SplittableRandom random = ProvingGround.random(7, index);
        RealInstrument instrument = new RealInstrument(World.BENCH, random.split());
        DiligentTechnician technician =
                new DiligentTechnician(instrument, new RealReader(World.BENCH, random.split()), instrument.touch());
        technician.work();
        List<LoggedEvent> log = technician.log();
        assertThat(log).hasSizeGreaterThan(20);
        grown(instrument, log);
        everyStateIsThatOf(instrument, log);
    }

    @Test
    void whatIsSaidOfEarlierEntriesHoldsFromTheStart() {
        SplittableRandom random = ProvingGround.random(7, 5);
        VirtualInstrument instrument = new VirtualInstrument(random.split());
        DiligentTechnician technician = new DiligentTechnician(instrument, new VirtualTools(random.split()));
        technician.work();
        List<LoggedEvent> log = new ArrayList<>(technician.log());
        long turn = first(log, ReliefEvent.RodTurned.class).seq();
        LoggedEvent first = first(log, JobEvent.ReadingTaken.class);
        JobEvent.ReadingTaken usual = (JobEvent.ReadingTaken) first.event();
        JobEvent doubted = new JobEvent.ReadingTaken(
                usual.string(), usual.method(), usual.tool(), new Gap.Of(1.5), usual.position(), "");
        long behind = log.getLast().seq();
        for (JobEvent event : List.of(
                new JobEvent.Undone(turn),
                usual,
                new JobEvent.Redone(turn),
                usual,
                new ReliefEvent.RodTurnedOtherWay(turn),
                usual,
                new ReliefEvent.RodRanFree(turn),
                usual,
                new JobEvent.ReadingDropped(first.seq()),
                usual,
                doubted,
                new JobEvent.ReadingKept(behind + 11),
                usual,
                doubted,
                new JobEvent.ReadingMoved(behind + 14),
                usual,
                new ReliefEvent.RodDirectionLearned(true),
                usual,
                new ToneEvent.LengthDirectionLearned(false),
                usual)) log.add(next(log, event));
        grown(instrument, log);
        everyStateIsThatOf(instrument, log);
    }

    private static LoggedEvent first(List<LoggedEvent> log, Class<? extends JobEvent> kind) {
        return log.stream()
                .filter(entry -> kind.isInstance(entry.event()))
                .findFirst()
                .orElseThrow();
    }
}
