package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The lit section of a setup that is tried; as it stands now lies behind it. */
public final class TriedSection {
    private final JobState state;
    private final InstrumentSpec spec;
    private final Words words;

    /**
     * Of a job.
     *
     * @param spec of the instrument as it is tried
     */
    public TriedSection(JobState state, InstrumentSpec spec, Units units) {
        this.state = state;
        this.spec = spec;
        this.words = new Words(state, units);
    }

    /** The neck under a string. */
    public JobView.SectionView of(int string, StringState tried) {
        List<JobView.Dimension> dimensions = new ArrayList<>();
        for (Station station : Station.HEIGHTS)
            if (state.strings(station).contains(string)) dimensions.add(dimension(station, string, tried));
        return SectionViewer.tried(spec, string, tried, state.estimate().likely(string), dimensions);
    }

    private JobView.Dimension dimension(Station station, int string, StringState tried) {
        StringLine line = spec.line();
        GapMethod method = HeightVerdict.method(state, station);
        LengthUnit unit = words.unit(station);
        double value = line.gap(method, tried);
        double crown = SectionViewer.above(spec, tried, method.gaugeFret());
        return new JobView.Dimension(
                words.quantity(station),
                method.gaugeFret(),
                SectionViewer.drawn(crown),
                SectionViewer.drawn(crown + value),
                unit.show(value),
                words.quantity(station) + " at " + method.gaugeFret(),
                unit.suffix(),
                stands(station, string, value));
    }

    /** How a gap of the job's own method stands to what is wanted. */
    public Stands stands(Station station, int string, double value) {
        Band band = HeightVerdict.band(state, station, string);
        double outside = band.outside(value);
        return Stands.by(outside);
    }

    /** The gap of a string as the station reads it, in words; null where the station does not read that string. */
    public @Nullable String gap(Station station, int string, StringState tried) {
        return state.strings(station).contains(string)
                ? words.unit(station).show(spec.line().gap(HeightVerdict.method(state, station), tried))
                : null;
    }

    /** The same for itself. */
    public @Nullable Stands stands(Station station, int string, StringState tried) {
        return state.strings(station).contains(string)
                ? stands(station, string, spec.line().gap(HeightVerdict.method(state, station), tried))
                : null;
    }

    /** What a column of gaps is called, with how it is read. */
    public String column(Station station) {
        return Words.sentence(words.quantity(station)) + ", " + words.method(station) + ", "
                + words.unit(station).heading();
    }
}
