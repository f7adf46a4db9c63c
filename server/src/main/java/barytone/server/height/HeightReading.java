package barytone.server.height;

import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.server.job.Addition;
import barytone.server.web.RequestKey;

/**
 * The way of reading nut or action.
 *
 * @param pressed nut: the fret held, 0 for open; action: 1 with a capo at 1
 * @param fret action: the fret at which it is read; nut: 1
 */
public record HeightReading(long after, @RequestKey String key, int pressed, int fret, String tool, boolean flat)
        implements Addition {
    /**
     * What is noted of it.
     *
     * @throws barytone.core.quantity.NotAllowedException when this neck cannot be read by that method
     */
    public JobEvent event(JobState state, GapMethod method) {
        // refuses a fret that this neck does not have
        Allowed.whole("fret", method.gaugeFret(), 1, state.spec().frets());
        state.spec().line().form(method);
        return new JobEvent.HeightHabitSet(
                new HeightHabit(method, Tool.ofCode(tool), flat ? Position.FLAT : Position.PLAYING));
    }
}
