package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.ReadingBounds;
import org.jspecify.annotations.Nullable;

/** Bands that may be wanted, from what was typed. */
public final class WantedBand {
    private static final ReadingBounds RELIEF = ReadingBounds.wanted(new GapMethod.Relief(1, 14, 8));

    private WantedBand() {}

    public static Band of(@Nullable String low, @Nullable String high, LengthUnit unit) {
        if (low == null || high == null)
            throw Allowed.broken("target", "nothing", "a school, or both ends of the bass and treble bands");
        double from = Length.parse(low, unit).mm();
        double to = Length.parse(high, unit).mm();
        return of(from, to, RELIEF, unit);
    }

    /** A band that may be wanted. */
    public static Band of(double from, double to, ReadingBounds bounds, LengthUnit unit) {
        bounds.check("target", from, unit);
        bounds.check("target", to, unit);
        if (from >= to)
            throw Allowed.broken(
                    "target", unit.show(from) + " to " + unit.showWithUnit(to), "a lower end below the upper end");
        return new Band(from, to);
    }
}
