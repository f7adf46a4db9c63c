package barytone.bench;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzMap;
import barytone.core.buzz.Diagnosis;
import barytone.core.buzz.Findings;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.SetupGaps;
import barytone.core.clearance.TargetFinder;
import barytone.core.clearance.WhatIf;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.StringState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

/** The diagnosis of a board on which every note was marked, what another setup would do, and how low a board can go. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class HuntBenchmark {
    private InstrumentSpec spec;
    private Board board;
    private BuzzMap map;
    private SetupGaps gaps;
    private List<Double> slots;

    /** Every note of a six-string marked once, a third of them bad. */
    @Setup
    public void mark() {
        spec = InstrumentKind.ELECTRIC.usual();
        board = Board.of(spec, null);
        List<PlayedNote> notes = new ArrayList<>();
        for (int s = 1; s <= 6; s++)
            for (int f = 0; f <= 22; f++)
                notes.add(new PlayedNote(
                        s, f, f < 4 || f == 8 || f > 19 ? NoteMark.BUZZ : NoteMark.CLEAN, Pluck.NORMAL, false));
        map = BuzzMap.of(notes);
        gaps = new SetupGaps(
                0.2, 0.18, List.of(0.05, 0.05, 0.05, 0.05, 0.06, 0.08), List.of(1.5, 1.55, 1.6, 1.65, 1.75, 1.8));
        slots = gaps.states(spec).stream().map(StringState::slotHeight).toList();
    }

    /** Causes and the next test. */
    @Benchmark
    public Diagnosis diagnosisOfAFullMap() {
        return Diagnosis.of(board, map, Findings.NONE, List.of());
    }

    /** Every gap, margin and cent of another setup. */
    @Benchmark
    public WhatIf whatIfOfEveryNote() {
        return WhatIf.of(spec, gaps.states(spec), Crowns.EVEN, Touch.MEDIUM, 440);
    }

    /** The lowest clean setup over a high crown. */
    @Benchmark
    public TargetFinder targetFinder() {
        return TargetFinder.of(
                spec, slots, new Crowns(Map.of(9, 0.06)), Touch.MEDIUM, 0.05, TargetFinder.Bounds.WIDE, 440);
    }
}
