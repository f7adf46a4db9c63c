package barytone.core.height;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.job.Figure;
import barytone.core.job.JobState;
import barytone.core.job.Look;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The figures of a station whose gaps lie under the strings: under the lowest and under the highest string, always by one method. */
public final class HeightFigures {
    private HeightFigures() {}

    /**
     * As found and as left under both outer strings.
     *
     * @param method in which they are kept: what was read in it stands as read, all else is reckoned
     */
    public static List<Figure> of(JobState job, Station station, GapMethod method) {
        List<Figure> figures = new ArrayList<>();
        for (int string : job.reliefStrings()) {
            Figure.Value found = found(job, station, string, method);
            Figure.Value left = left(job, station, string, method);
            if (found == null && left == null) continue;
            String side = string == 1 ? "treble" : "bass";
            Band band = HeightVerdict.band(job, station, string);
            figures.add(new Figure(
                    station.name().toLowerCase(Locale.ROOT) + "-" + side,
                    station.label() + ", " + side + " side",
                    station == Station.ACTION ? Figure.Measure.GAP : Figure.Measure.SMALL_GAP,
                    method,
                    found,
                    left,
                    HeightVerdict.method(job, station).equals(method) ? band : null));
        }
        return figures;
    }

    private static Figure.@Nullable Value found(JobState job, Station station, int string, GapMethod method) {
        TakenReading read = job.found(station, string).orElse(null);
        if (read == null) return null;
        // what lies beyond no gap is not known
        if (read.method().equals(method) && !read.noGap())
            return new Figure.Value(read.mm(), read.evidence().sd(), true);
        SetupEstimate then = job.beforeMoves() == null ? job.estimate() : job.beforeMoves();
        return reckoned(then, string, method);
    }

    private static Figure.@Nullable Value left(JobState job, Station station, int string, GapMethod method) {
        Look look = job.look(station, string).orElse(null);
        if (look == null) return null;
        TakenReading read = look.reading();
        if (look.stands() && read.method().equals(method) && !read.noGap())
            return new Figure.Value(read.mm(), read.evidence().sd(), true);
        return reckoned(job.estimate(), string, method);
    }

    private static Figure.Value reckoned(SetupEstimate estimate, int string, GapMethod method) {
        Normal now = estimate.now(string, method);
        return new Figure.Value(now.mean(), now.sd(), false);
    }
}
