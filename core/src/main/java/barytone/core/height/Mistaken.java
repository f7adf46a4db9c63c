package barytone.core.height;

import barytone.core.estimate.SetupEstimate;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a reading that does not fit would fit: made in another way than was said, or under another string. It is told as a guess and changes nothing.
 *
 * @param string under which it would fit
 * @param method by which it would fit
 */
public record Mistaken(int string, GapMethod method) {
    /** It would fit when it lies within so many spreads of what another reading would be. */
    private static final double FITS = 1.5;

    /** The likeliest way in which a doubted reading came about, where one fits well. */
    public static Optional<Mistaken> of(JobState job, TakenReading doubted) {
        JobEvent.ReadingTaken read = doubted.reading();
        List<Mistaken> others = new ArrayList<>();
        for (GapMethod other : otherWays(job, read.method())) {
            boolean known = job.look(Station.of(other), read.string()).isPresent();
            if (known) others.add(new Mistaken(read.string(), other));
        }
        for (int s : List.of(read.string() - 1, read.string() + 1)) {
            boolean there = s >= 1 && s <= job.spec().strings();
            if (there && job.look(doubted.station(), s).isPresent()) others.add(new Mistaken(s, read.method()));
        }
        SetupEstimate estimate = job.estimate();
        return others.stream()
                .filter(m -> m.surprise(estimate, doubted) < FITS)
                .min(Comparator.comparingDouble(m -> m.surprise(estimate, doubted)));
    }

    private double surprise(SetupEstimate estimate, TakenReading doubted) {
        return estimate.surprise(string, method, doubted.reading().means(), doubted.evidence());
    }

    /**
     * Two neighbours whose readings stand in doubt and would each fit under the other: typed, or measured, in the wrong order. The lower number first; empty where there
     * are none.
     */
    public static Optional<Integer> swapped(JobState job) {
        List<TakenReading> doubts = job.doubts();
        return doubts.stream()
                .filter(d -> doubts.stream()
                        .anyMatch(o -> o.station() == d.station()
                                && o.string() == d.string() + 1
                                && fitsUnder(job, d, o.string())
                                && fitsUnder(job, o, d.string())))
                .map(TakenReading::string)
                .findFirst();
    }

    private static boolean fitsUnder(JobState job, TakenReading doubted, int string) {
        return of(job, doubted).filter(m -> m.string() == string).isPresent();
    }

    private static List<GapMethod> otherWays(JobState job, GapMethod method) {
        return switch (method) {
            case GapMethod.NutPressed ignored -> List.of(new GapMethod.NutOpen());
            case GapMethod.NutOpen ignored -> List.of(new GapMethod.NutPressed(3));
            case GapMethod.Action m -> List.of(new GapMethod.ActionCapo(Math.max(2, m.gaugeFret())));
            case GapMethod.ActionCapo m -> List.of(new GapMethod.Action(m.gaugeFret()));
            case GapMethod.Relief m -> List.copyOf(reliefWays(job, m));
        };
    }

    /** Held at the last fret, held at 12, gauged a fret beside. */
    public static List<GapMethod.Relief> reliefWays(JobState job, GapMethod.Relief said) {
        List<GapMethod.Relief> ways = new ArrayList<>();
        for (int high : List.of(job.spec().frets(), 12))
            if (high != said.heldHigh() && high > said.gaugeFret())
                ways.add(new GapMethod.Relief(said.heldLow(), high, said.gaugeFret()));
        for (int gauge : List.of(said.gaugeFret() - 1, said.gaugeFret() + 1))
            if (gauge > said.heldLow() && gauge < said.heldHigh())
                ways.add(new GapMethod.Relief(said.heldLow(), said.heldHigh(), gauge));
        return ways;
    }
}
