package barytone.core.workshop;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.instrument.Touch;
import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.GrowingJob;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.pickup.Pickup;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.NextMove;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodWays;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Does exactly what the next move says, nothing else, until it says that the work is done; answers only what can be seen, felt or heard at a bench. */
final class DiligentTechnician {
    private static final int MOST_STEPS = 400;

    /** A neck that moves this much is heard in the pitch, mm of relief. */
    private static final double HEARD = 0.02;

    /** When a job begins. */
    private static final Instant START = Instant.parse("2031-03-04T09:00:00Z");

    private final Workpiece instrument;
    private final Reader tools;
    private final WorkingOn work;
    private final GrowingJob job;
    private final @Nullable Score score;
    private Instant now = START;
    private long entries;
    private int wrongWays;
    private boolean finished;

    DiligentTechnician(Workpiece instrument, Reader tools) {
        this(instrument, tools, null);
    }

    /** The same with somebody who knows the truth looking on. */
    DiligentTechnician(Workpiece instrument, Reader tools, @Nullable Touch touch) {
        this.instrument = instrument;
        this.tools = tools;
        this.job = Stations.begin(instrument.spec(), instrument.defaults());
        this.score = touch == null ? null : new Score(instrument, job(), touch);
        this.work = new WorkingOn(instrument, tools, job());
    }

    private JobState job() {
        return job.state();
    }

    /** Works until the advice is that nothing remains. */
    WorkingOn work() {
        for (int i = 0; i < MOST_STEPS; i++) {
            JobState job = job();
            if (score != null) score.observe(job);
            Advice advice = NextMove.advise(job, Outfit.with(tools.owned()), now);
            if (advice instanceof Advice.Finished || advice instanceof Advice.Done) {
                finished = true;
                return work;
            }
            follow(job, advice);
        }
        return work;
    }

    /** The log that the work left. */
    List<LoggedEvent> log() {
        return job.log();
    }

    /** Whether the advice came to an end. */
    boolean finished() {
        return finished;
    }

    /** How long it took, minutes. */
    double minutes() {
        return Duration.between(START, now).toSeconds() / 60.0;
    }

    /** What the onlooker saw. */
    Score score() {
        return Objects.requireNonNull(score, "nobody looks on");
    }

    private void note(JobEvent event, int seconds) {
        now = now.plusSeconds(seconds);
        job.add(new LoggedEvent(++entries, now, event));
    }

    private void follow(JobState job, Advice advice) {
        switch (advice) {
            case Advice.Measure m when m.station() == Station.INTONATION -> listen(m.strings());
            case Advice.Measure m
            when m.station() == Station.PICKUPS -> m.strings().forEach(this::readPickup);
            case Advice.Measure m -> {
                boolean closely = m.reason() == Advice.Measure.Reason.ONCE_MORE
                        || m.reason() == Advice.Measure.Reason.CONDEMNED
                        || m.reason() == Advice.Measure.Reason.RECHECK;
                for (int s : m.strings()) read(job, m.station(), s, m.tool(), closely);
            }
            case Advice.MeasureAgain m ->
                read(job, m.station(), m.first().string(), m.first().reading().tool(), false);
            case Advice.Retune ignored -> {
                work.retune();
                note(new JobEvent.Retuned(), 90);
            }
            case Advice.Waits waits -> {
                Instant until = waits.waitsUntil().orElse(now);
                work.rest(Duration.between(now, until));
                now = until;
            }
            case ReliefAdvice.Settle settle -> {
                work.rest(Duration.between(now, settle.until()));
                now = settle.until();
            }
            case ReliefAdvice.TurnRod turn -> {
                double heard = work.turnRod(turn.net(), RodWays.of(job).step());
                note(new ReliefEvent.RodTurned(turn.net(), turn.path().size() > 1, instrument.ranFree()), 60);
                boolean tightened =
                        (turn.net().sixteenths() > 0) != ReliefState.of(job).reversed();
                // tightening sharpens: a clear answer the other way tells that the rod works the other way
                if (Math.abs(heard) > HEARD && heard > 0 != tightened)
                    note(
                            new ReliefEvent.RodDirectionLearned(
                                    !ReliefState.of(job).reversed()),
                            5);
                if (instrument.stiff()) note(new ReliefEvent.RodStiff(), 5);
                if (score != null) score.rodTurned();
                work.rest(Duration.ofSeconds(60));
                wrongWays = 0;
            }
            case ReliefAdvice.WrongWay ignored -> {
                // first the reading is doubted, so both sides are read again; when they say the same, the rod works the
                // other way
                if (wrongWays++ == 0) for (int s : job.reliefStrings()) read(job, Station.RELIEF, s, null, false);
                else
                    note(
                            new ReliefEvent.RodDirectionLearned(
                                    !ReliefState.of(job).reversed()),
                            5);
            }
            case ReliefAdvice.FreePlay free ->
                note(new ReliefEvent.RodRanFree(free.step().turn()), 5);
            case ToneAdvice.MoveSaddles move -> moveSaddles(move);
            case ToneAdvice.SaddleStayed move -> moveSaddles(move);
            case ToneAdvice.SaddleLimit limit -> note(new JobEvent.Answered(limit.topic(), false), 5);
            case ToneAdvice.SaddleWrongWay way -> note(new JobEvent.Answered(way.topic(), false), 5);
            case ToneAdvice.ReplaceString replace -> {
                if (score != null) score.stringCondemned(replace.string());
                work.sounding().renew(replace.string());
                note(new ToneEvent.StringRenewed(replace.string()), 300);
            }
            case ToneAdvice.NutFirst nut -> {
                if (score != null) nut.strings().forEach(score::nutAccused);
                note(new JobEvent.Answered(nut.topic(), false), 5);
            }
            case PickupAdvice.TurnPickup turn -> {
                PickupAdvice.TurnPickup.Step step = turn.step();
                work.turnPickup(step.pickup(), step.bass(), step.treble());
                note(turn.event(), 40);
            }
            case PickupAdvice.TiredSpring spring -> note(new JobEvent.Answered(spring.topic(), false), 5);
            case ReliefAdvice.Stop stop -> note(new JobEvent.Answered(stop.topic(), false), 5);
            case ActionAdvice.LevelVibrato ignored ->
                note(new JobEvent.Answered(ActionAdvice.LevelVibrato.TOPIC, true), 60);
            case Advice.Adjusting move -> {
                Adjustment meant = move.event(instrument.spec());
                Adjustment event = instrument.possible(meant);
                if (score != null) score.move(event);
                work.adjust(event, move instanceof ActionAdvice.TurnScrews turn && turn.raising());
                if (score != null) score.moved(event);
                note(event, 180);
                work.rest(Duration.ofSeconds(180));
                // a screw that came to its end: what room is left is put on record
                if (!event.equals(meant)) note(instrument.travel(), 30);
            }
            case ActionAdvice.LookAtSaddle ignored ->
                note(new ActionEvent.SaddleProudRead(tools.ruled(instrument.proud())), 20);
            case ActionAdvice.BridgeLimit limit -> note(new JobEvent.Answered(limit.topic(), false), 5);
            case Advice.Done ignored -> throw new IllegalStateException("done is not a move");
            case Advice.Finished ignored -> throw new IllegalStateException("finished is not a move");
            case Advice.ClosedJob ignored -> throw new IllegalStateException("closed is not a move");
            default -> throw new IllegalStateException("nobody in the workshop can do " + advice);
        }
    }

    /** Sounds what is asked for, note by note, as the page asks for it; a string that was sounded is not gone back to. */
    private void listen(List<Integer> strings) {
        for (int s : strings) {
            for (Sounded sounded : Intonation.of(job()).notes(s)) {
                double cents = work.hear(s, sounded);
                note(
                        new ToneEvent.PitchRead(
                                s,
                                sounded,
                                cents,
                                Ear.TUNER,
                                null,
                                false,
                                false,
                                String.format(Locale.ROOT, "%.1f", cents)),
                        20);
            }
        }
    }

    private void readPickup(int pickup) {
        for (Pickup.Side side : Pickup.Side.values()) {
            double gap = work.readPickup(pickup, side);
            note(new PickupEvent.PickupRead(pickup, side, gap, String.format(Locale.ROOT, "%.1f", gap)), 20);
        }
    }

    private void moveSaddles(Advice.Adjusting move) {
        ToneEvent.SaddlesMoved meant = (ToneEvent.SaddlesMoved) move.event(instrument.spec());
        ToneEvent.SaddlesMoved event = (ToneEvent.SaddlesMoved) instrument.possible(meant);
        work.adjust(event, true);
        note(event, 60 * event.slackens(instrument.spec()).size());
        for (int j = 0; j < event.back().size(); j++) {
            boolean stopped = !event.clockwise().get(j).equals(meant.clockwise().get(j))
                    || !event.back().get(j).equals(meant.back().get(j));
            if (stopped) note(work.sounding().room(j), 10);
        }
    }

    private Position position(JobState job, Station station) {
        return tools.says() == Position.FLAT ? Position.FLAT : job.position(station);
    }

    private void read(JobState job, Station station, int string, @Nullable Tool finer, boolean closely) {
        Tool tool = finer == null ? job.tool(station) : finer;
        Gap gap = work.read(string, job.method(station), tool, closely);
        note(new JobEvent.ReadingTaken(string, job.method(station), tool, gap, position(job, station), ""), 20);
    }
}
