package barytone.core.height;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringState;
import java.util.List;

/** A fixed saddle is one rigid piece: two readings tell where it stands, and the strings between follow its top. */
public final class Rigid {
    /** How far the top of a saddle may be from its even arc under a string between, mm (1 sd). */
    private static final double ARC = 0.06;

    private Rigid() {}

    /** Whether the saddle of a job is one rigid piece. */
    public static boolean saddle(JobState job) {
        return job.spec().fittings().bridge().mechanism().rigid();
    }

    /** Whether a string lies between two outer ones that were read on a rigid saddle, so that its action follows from theirs. */
    static boolean carries(JobState job, Station station, int string) {
        int bass = job.spec().bassString();
        return station == Station.ACTION
                && saddle(job)
                && string != 1
                && string != bass
                && job.look(station, 1).isPresent()
                && job.look(station, bass).isPresent();
    }

    /** The strings whose action must be read: the outer two of a rigid saddle, all on other bridges; lowest first. */
    public static List<Integer> actionStrings(JobState job) {
        List<Integer> on = job.strings(Station.ACTION);
        return saddle(job) && on.size() > 2 ? List.of(on.getFirst(), on.getLast()) : on;
    }

    /** The action of a string between, from the saddle's height under the outer two; its top follows the board. */
    static Normal between(JobState job, int string, GapMethod method) {
        SetupEstimate now = job.estimate();
        List<Double> z = job.spec().acrossBridge();
        int bass = job.spec().bassString();
        double share = (z.get(string - 1) - z.getLast()) / (z.getFirst() - z.getLast());
        double height = share * now.saddleHeight(1).mean()
                + (1 - share) * now.saddleHeight(bass).mean();
        LinearForm form = now.model().line(string).form(method);
        StringState likely = now.likely(string);
        double mean = form.at(new StringState(likely.curvature(), likely.slotHeight(), height));
        double saddleSd = Math.hypot(
                ARC,
                share * now.saddleHeight(1).sd()
                        + (1 - share) * now.saddleHeight(bass).sd());
        double slotSd = now.slotHeight(string).sd();
        return new Normal(mean, Math.hypot(form.saddleHeight() * saddleSd, form.slotHeight() * slotSd));
    }
}
