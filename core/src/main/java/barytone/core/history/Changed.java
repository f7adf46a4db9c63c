package barytone.core.history;

import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * A figure that is not what it was when the instrument left last time.
 *
 * @param from as left then
 * @param to as found now
 * @param reason the likeliest, as far as anything tells
 */
public record Changed(Figure figure, Figure.Value from, Figure.Value to, Reason reason) {
    /** Why it changed. */
    public enum Reason {
        STRINGS,
        TUNING,
        AIR,
        /** The slot was worn by its string. */
        WORN,
        UNKNOWN
    }

    /** Less than this many standard deviations is chance. */
    private static final double SURE = 2;

    /** No gap is repeated by another hand on another day to less than this, mm. */
    private static final double HAND = 0.03;

    /** Nobody hears or plays less, cents. */
    private static final double EAR = 2;

    /** As much more pull, N, as moves a neck to be seen. */
    private static final double PULL = 25;

    /** As much other air, % RH, as moves wood to be seen. */
    private static final double AIR = 8;

    /** What changed between two visits. */
    public static List<Changed> between(Visit before, Visit now, InstrumentKind kind, Air air) {
        List<Changed> all = new ArrayList<>();
        for (Figure figure : now.figures()) {
            Figure.Value to = figure.found();
            Figure.Value from = before.figure(figure.code()).map(Figure::left).orElse(null);
            if (to == null || from == null) continue;
            double least = figure.measure() == Figure.Measure.CENTS ? EAR : HAND;
            double change = to.value() - from.value();
            if (Math.abs(change) < Math.max(least, SURE * Math.hypot(from.sd(), to.sd()))) continue;
            all.add(new Changed(figure, from, to, reason(figure, change, before, now, kind, air)));
        }
        return all;
    }

    private static Reason reason(Figure figure, double change, Visit before, Visit now, InstrumentKind kind, Air air) {
        boolean nut = figure.code().startsWith("nut");
        if (figure.measure() == Figure.Measure.CENTS)
            return before.strings().equals(now.strings()) ? Reason.UNKNOWN : Reason.STRINGS;
        if (nut) return change < 0 ? Reason.WORN : Reason.UNKNOWN;
        double pull = now.tension() - before.tension();
        // more pull bends a neck forward and lifts the strings
        if (Math.abs(pull) > PULL && Math.signum(pull) == Math.signum(change))
            return before.strings().equals(now.strings()) ? Reason.TUNING : Reason.STRINGS;
        Double then = air.taken(before.leftAt()).orElse(before.humidityLeft());
        Double today = air.taken(now.at()).orElse(now.humidityFound());
        if (then != null && today != null && Math.abs(today - then) > AIR) {
            double expected = AirResponse.prior(figure.code(), kind).mean() * (today - then);
            if (expected == 0 || Math.signum(expected) == Math.signum(change)) return Reason.AIR;
        }
        return Reason.UNKNOWN;
    }
}
