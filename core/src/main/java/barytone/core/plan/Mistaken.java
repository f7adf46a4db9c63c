package barytone.core.plan;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.joblog.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
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

    /** A habit is spoken of when what fits lies so many spreads, and so great a share, from what is said. */
    private static final double SURE = 2;

    private static final double MUCH = 0.2;

    /** How near the share of another habit must come to what fits. */
    private static final double NEAR = 0.15;

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
     * In what habit relief seems to be read, where turns of the rod moved relief and action otherwise than they move together in the habit that is said. Empty while
     * they fit.
     */
    public static Optional<GapMethod.Relief> habit(JobState job) {
        Normal share = job.reliefShare();
        if (share == null || Math.abs(share.mean() - 1) < Math.max(MUCH, SURE * share.sd())) return Optional.empty();
        GapMethod.Relief said = (GapMethod.Relief) job.method(Station.RELIEF);
        double fits = share.mean();
        return reliefWays(job, said).stream()
                .filter(other -> Math.abs(share(job, said, other) - fits) < NEAR)
                .min(Comparator.comparingDouble(other -> Math.abs(share(job, said, other) - fits)));
    }

    /** What another habit reads for one that is read as said. */
    private static double share(JobState job, GapMethod.Relief said, GapMethod.Relief other) {
        StringLine line = job.spec().line();
        return line.form(other).curvature() / line.form(said).curvature();
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
    private static List<GapMethod.Relief> reliefWays(JobState job, GapMethod.Relief said) {
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
