package barytone.core.station.frets;

import barytone.core.buzz.Board;
import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.WhatIf;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The room that the readings of a job leave its notes, worked out once for each. */
public final class Clearances implements Board.Forecast {
    private final List<List<ClearanceMap.Note>> notes;
    private final double[] sd;

    private Clearances(List<List<ClearanceMap.Note>> notes, double[] sd) {
        this.notes = notes;
        this.sd = sd;
    }

    /** Of a job; null while relief or action were not read, for nothing is forecast from what is usual. */
    public static @Nullable Clearances of(JobState job) {
        if (unread(job, Station.RELIEF) || unread(job, Station.ACTION)) return null;
        InstrumentSpec spec = job.spec();
        List<List<ClearanceMap.Note>> notes = new ArrayList<>();
        double[] sd = new double[spec.strings() + 1];
        for (int s = 1; s <= spec.strings(); s++) {
            notes.add(WhatIf.notes(spec, s, job.estimate().likely(s), Crowns.EVEN, Touch.MEDIUM, job.a4()));
            double action = job.estimate()
                    .now(s, new GapMethod.Action(spec.actionFret()))
                    .sd();
            double relief = job.estimate()
                    .now(s, SetupModel.standardRelief(spec.bodyJointFret()))
                    .sd();
            sd[s] = Math.hypot(action / 2, relief);
        }
        return new Clearances(List.copyOf(notes), sd);
    }

    private static boolean unread(JobState job, Station station) {
        return job.looks().getOrDefault(station, Map.of()).isEmpty();
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
        return sd[string];
    }
}
