package barytone.core.practice;

import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.JobState;
import barytone.core.joblog.LoggedEvent;
import barytone.core.plan.Advice;
import barytone.core.plan.NextMove;
import barytone.core.plan.Station;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Does exactly what the next move says, nothing else, until it says that the work is done. */
final class DiligentTechnician {
    private static final int MOST_STEPS = 400;

    /** A neck that moves this much is heard in the pitch, mm of relief. */
    private static final double HEARD = 0.02;

    private final VirtualInstrument instrument;
    private final VirtualTools tools;
    private final WorkingOn work;
    private final List<LoggedEvent> log = new ArrayList<>();
    private Instant now = Instant.parse("2031-03-04T09:00:00Z");

    DiligentTechnician(VirtualInstrument instrument, VirtualTools tools) {
        this.instrument = instrument;
        this.tools = tools;
        this.work = new WorkingOn(instrument, tools, job());
    }

    private JobState job() {
        return JobReplay.of(instrument.spec(), instrument.defaults(), log);
    }

    /** Works until the advice is that nothing remains. */
    WorkingOn work() {
        for (int i = 0; i < MOST_STEPS; i++) {
            JobState job = job();
            Advice advice = NextMove.advise(job, tools.owned(), now);
            if (advice instanceof Advice.Finished || advice instanceof Advice.Done) return work;
            follow(job, advice);
        }
        return work;
    }

    /** The log that the work left. */
    List<LoggedEvent> log() {
        return List.copyOf(log);
    }

    private void note(JobEvent event, int seconds) {
        now = now.plusSeconds(seconds);
        log.add(new LoggedEvent(log.size() + 1L, now, event));
    }

    private static IllegalStateException silent() {
        return new IllegalStateException(
                "A simulated instrument has neither pitch nor pickups; they are not agreed on.");
    }

    private void follow(JobState job, Advice advice) {
        switch (advice) {
            case Advice.Measure m -> {
                boolean closely =
                        m.reason() == Advice.Measure.Reason.ONCE_MORE || m.reason() == Advice.Measure.Reason.RECHECK;
                for (int s : m.strings()) read(job, m.station(), s, m.tool(), closely);
            }
            case Advice.MeasureAgain m ->
                read(job, m.station(), m.first().string(), m.first().reading().tool(), false);
            case Advice.Retune ignored -> {
                work.retune();
                note(new JobEvent.Retuned(), 90);
            }
            case Advice.Settle settle -> {
                work.rest(Duration.between(now, settle.until()));
                now = settle.until();
            }
            case Advice.TurnRod turn -> {
                double heard = work.turnRod(turn.net(), job.ways().step());
                note(new JobEvent.RodTurned(turn.net(), turn.path().size() > 1, false), 60);
                boolean tightened = (turn.net().sixteenths() > 0) != job.reversed();
                // tightening sharpens: a clear answer the other way tells that the rod works the other way
                if (Math.abs(heard) > HEARD && heard > 0 != tightened)
                    note(new JobEvent.RodDirectionLearned(!job.reversed()), 5);
            }
            case Advice.WrongWay ignored -> {
                if (instrument.reversed() != job.reversed())
                    note(new JobEvent.RodDirectionLearned(instrument.reversed()), 5);
                // the wrench went where it should: the reading is doubted, so both sides are read again
                else for (int s : job.reliefStrings()) read(job, Station.RELIEF, s, null, false);
            }
            case Advice.FreePlay free ->
                note(new JobEvent.RodRanFree(free.step().turn()), 5);
            case Advice.AtTheSaddles ignored -> throw silent();
            case Advice.TurnPickup ignored -> throw silent();
            case Advice.TiredSpring ignored -> throw silent();
            case Advice.Stop stop -> note(new JobEvent.Answered(stop.topic(), false), 5);
            case Advice.LevelVibrato ignored -> note(new JobEvent.Answered(Advice.LevelVibrato.TOPIC, true), 60);
            case Advice.Adjusting move -> {
                JobEvent.Adjustment event = move.event(instrument.spec());
                work.adjust(event, move instanceof Advice.TurnScrews turn && turn.raising());
                note(event, 180);
            }
            case Advice.BridgeLimit limit -> note(new JobEvent.Answered(limit.topic(), false), 5);
            case Advice.Done ignored -> throw new IllegalStateException("done is not a move");
            case Advice.Finished ignored -> throw new IllegalStateException("finished is not a move");
            case Advice.ClosedJob ignored -> throw new IllegalStateException("closed is not a move");
        }
    }

    private void read(JobState job, Station station, int string, @Nullable Tool finer, boolean closely) {
        Tool tool = finer == null ? job.tool(station) : finer;
        Gap gap = work.read(string, job.method(station), tool, closely);
        note(new JobEvent.ReadingTaken(string, job.method(station), tool, gap, job.position(station), ""), 20);
    }
}
