package barytone.core.station.frets;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.TestResult;
import barytone.core.clearance.BoardSense;
import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.RoomSpread;
import barytone.core.clearance.WhatIf;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The room that the readings of a job leave its notes, worked out once for each. */
public final class Clearances implements Board.Forecast {
    private final List<List<ClearanceMap.Note>> notes;
    private final double[] sd;

    private Clearances(List<List<ClearanceMap.Note>> notes, double[] sd) {
        this.notes = notes;
        this.sd = sd;
    }

    /**
     * Of a job over crowns as they should be, for a usual hand: what the hunt asks, which weighs high crowns and heavy hands itself. Null while relief or action were not
     * read, for nothing is forecast from what is usual.
     */
    public static @Nullable Clearances of(JobState job) {
        return asHeard(job, BoardSense.NONE);
    }

    /** What the notes that were heard, and the tests that were made, tell of the crowns and of the hand. */
    static BoardSense sense(JobState job) {
        FretState frets = FretState.of(job);
        InstrumentSpec spec = job.spec();
        return BoardSense.of(
                spec,
                spec.everyString().stream().map(s -> job.estimate().likely(s)).toList(),
                RoomSpread.of(spec, job.estimate()),
                heightsRead(job) ? frets.notes() : List.of(),
                frets.tests().stream()
                        .filter(t -> t.fret() != null && rocker(t))
                        .map(t -> new BoardSense.Rocked(t.fret() == null ? 0 : t.fret(), t.sign()))
                        .toList(),
                frets.tests().stream()
                        .filter(t -> t.outcome() == Outcome.DIVOT)
                        .map(TestResult::fret)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet()),
                frets.tests().stream()
                        .map(Clearances::shape)
                        .reduce(
                                BoardSense.Shape.LEVEL,
                                (before, told) -> told == BoardSense.Shape.LEVEL ? before : told),
                job.a4());
    }

    /** A fret that a rocker rocks on stands up; one that moves under the thumb does too. */
    private static boolean rocker(TestResult test) {
        return test.test() == BuzzTest.ROCKER || (test.test() == BuzzTest.THUMB_FRET_END && test.sign());
    }

    private static BoardSense.Shape shape(TestResult test) {
        return switch (test.outcome()) {
            case RISES -> BoardSense.Shape.RISES;
            case FALLS_AWAY -> BoardSense.Shape.FALLS_AWAY;
            case S_SHAPED -> BoardSense.Shape.S_SHAPED;
            default -> BoardSense.Shape.LEVEL;
        };
    }

    /** Of a job over the crowns, and for the hand, that were heard; null while relief or action were not read. */
    static @Nullable Clearances asHeard(JobState job, BoardSense sense) {
        if (!heightsRead(job)) return null;
        InstrumentSpec spec = job.spec();
        Crowns crowns = sense.asCrowns();
        double hand = sense.handTold() ? sense.hand() : 1;
        return new Clearances(
                spec.everyString().stream()
                        .map(s -> WhatIf.notes(spec, s, job.estimate().likely(s), crowns, Touch.MEDIUM, hand, job.a4()))
                        .toList(),
                RoomSpread.of(spec, job.estimate()));
    }

    private static boolean heightsRead(JobState job) {
        return job.read(Station.RELIEF) && job.read(Station.ACTION);
    }

    /** The notes of a string, from the open one on. */
    public List<ClearanceMap.Note> notes(int string) {
        return notes.get(string - 1);
    }

    @Override
    public double margin(int string, int fret) {
        return notes.get(string - 1).get(fret).margin();
    }

    @Override
    public double sd(int string, int fret) {
        return sd[string - 1];
    }
}
