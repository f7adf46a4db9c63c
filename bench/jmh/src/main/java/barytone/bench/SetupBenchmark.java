package barytone.bench;

import barytone.core.clearance.ClearanceMap;
import barytone.core.estimate.Move;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.SetupModel;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.IntonationForecast;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.ReliefHabit;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.strings.MusicString;
import barytone.core.strings.StringSet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** The what-if of a whole six-string, and the replay of a long job on a twelve-string. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class SetupBenchmark {
    private SetupEstimate sixString;
    private StringSet set;
    private double[] tensions;
    private InstrumentSpec twelve;
    private ReliefTarget target;
    private ReliefHabit habit;
    private List<LoggedEvent> log;

    @Setup
    public void prepare() {
        InstrumentSpec electric = new InstrumentSpec(
                InstrumentKind.ELECTRIC,
                InstrumentKind.ELECTRIC.usual().tuning(),
                648,
                24,
                16,
                254,
                InstrumentKind.ELECTRIC.usual().rod(),
                InstrumentKind.ELECTRIC.usual().access(),
                false);
        SetupModel model = electric.model(false);
        sixString = SetupEstimate.before(model);
        for (int s = 1; s <= 6; s++)
            sixString = sixString
                    .given(s, new GapMethod.Action(12), new Evidence.Point(1.8, 0.03))
                    .given(s, new GapMethod.NutPressed(3), new Evidence.Point(0.1, 0.01));
        set = StringSet.parse("10 13 17 26w 36w 46w");
        tensions = set.tensions(electric.tuning(), 648, 440).stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
        twelve = InstrumentKind.TWELVE_STRING.usual();
        target = ReliefSchool.MIDDLE.target(twelve, Touch.MEDIUM);
        habit = new ReliefHabit(target.method(), Tool.LEAF, Position.PLAYING, false);
        log = log();
    }

    private List<LoggedEvent> log() {
        Random random = new Random(12);
        List<LoggedEvent> events = new ArrayList<>();
        Instant start = Instant.parse("2031-03-04T09:00:00Z");
        for (int i = 0; i < 200; i++) {
            int string = 1 + random.nextInt(12);
            JobEvent event = switch (i % 10) {
                case 3 -> new ReliefEvent.RodTurned(new Turns(1 + random.nextInt(2)), false, false);
                case 4 -> new JobEvent.Retuned();
                case 5 ->
                    new JobEvent.ReadingTaken(
                            string % 2 == 0 ? 1 : 12,
                            target.method(),
                            Tool.LEAF,
                            new Gap.Of(0.2),
                            Position.PLAYING,
                            "");
                case 7 -> new JobEvent.Moved(new Move.SlotFiled(string, 3));
                default ->
                    new JobEvent.ReadingTaken(
                            string,
                            new GapMethod.Action(12),
                            Tool.CARD,
                            new Gap.Of(1.6 + random.nextDouble(0.6)),
                            Position.PLAYING,
                            "");
            };
            events.add(new LoggedEvent(i + 1L, start.plusSeconds(40L * i), event));
        }
        return events;
    }

    /** A rod turn's effect on 6 x 24 clearances and 6 x 24 intonation errors. */
    @Benchmark
    public void whatIfOfASixString(Blackhole hole) {
        SetupEstimate after = sixString.after(new Move.RodTurned(0.125, false));
        for (int s = 1; s <= 6; s++) {
            StringLine line = after.model().line(s);
            StringState state = after.likely(s);
            MusicString string = set.strings().get(s - 1);
            hole.consume(ClearanceMap.of(line, state, tensions[s - 1], 0.6, 0.2));
            hole.consume(IntonationForecast.cents(line, state, string, tensions[s - 1]));
        }
    }

    /** 200 events of a twelve-string job replayed from the first. */
    @Benchmark
    public JobState replayOfATwelveString() {
        return Stations.replay(
                twelve, Stations.usual(twelve, Touch.MEDIUM).choosing(target).with(habit), log);
    }
}
