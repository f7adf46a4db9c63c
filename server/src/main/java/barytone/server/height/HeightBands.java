package barytone.server.height;

import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.ReadingBounds;
import barytone.server.job.WantedBand;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is wanted of every string, from what was typed or what stands there. */
public final class HeightBands {
    private HeightBands() {}

    /**
     * Bands as wide as those in use around what stands there now.
     *
     * @param bounds of what may be wanted
     */
    public static List<Band> asMeasured(JobState state, Station station, ReadingBounds bounds) {
        List<Band> bands = new ArrayList<>();
        for (int s = 1; s <= state.spec().strings(); s++) {
            HeightVerdict judged = HeightVerdict.of(state, station, s);
            if (!judged.known())
                throw Allowed.broken(
                        "target", "string " + s + " not read", "every string read, for what stands there to be wanted");
            bands.add(judged.band().around(judged.value().mean(), bounds.least()));
        }
        return bands;
    }

    /** Bands as they were typed, one for every string. */
    public static List<Band> typed(
            @Nullable List<TypedBand> typed, int strings, ReadingBounds bounds, LengthUnit unit) {
        if (typed == null) throw Allowed.broken("target", "nothing", "a school, or a band for every string");
        Allowed.whole("bands", typed.size(), strings, strings);
        List<Band> bands = new ArrayList<>();
        for (TypedBand band : typed)
            bands.add(WantedBand.of(
                    Length.parse(band.low(), unit).mm(),
                    Length.parse(band.high(), unit).mm(),
                    bounds,
                    unit));
        return bands;
    }
}
