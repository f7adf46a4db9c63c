package barytone.core.history;

import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Figure;
import java.util.List;
import java.util.Optional;

/**
 * How a figure of one instrument follows the air: Bayesian linear regression of what changed between leaving the shop and coming back on what the humidity in the wood
 * changed by meanwhile. What was done in the shop falls out, for it lies between coming and leaving.
 *
 * @param perPoint mm per % relative humidity
 * @param span how far apart the humidities lie that were seen, % RH
 * @param intervals how many times it went and came back with both known
 */
public record AirResponse(Normal perPoint, double span, int intervals) {
    /** What a top does to the action of a flat-top, mm per % RH. */
    private static final Normal TOP = new Normal(0.012, 0.012);

    /** The action of anything else. */
    private static final Normal SOLID = new Normal(0.002, 0.004);

    /** Damp necks bend either way. */
    private static final Normal NECK = new Normal(0, 0.004);

    /** What a figure drifts by besides between two visits, mm (1 sd): strings, wear, another hand. */
    private static final double DRIFT = 0.05;

    /** Enough was seen of the air when it spans this, % RH. */
    private static final double ENOUGH_AIR = 10;

    private static final int ENOUGH_VISITS = 3;

    /**
     * The response of a figure; empty while too little is known to say more than is known of any instrument: fewer than three visits, humidities less than 10 %
     * apart, or a spread that the visits have not halved.
     *
     * @param visits oldest first
     */
    public static Optional<AirResponse> of(String code, InstrumentKind kind, List<Visit> visits, Air air) {
        // slots, notes and turns hardly follow the air
        if (!code.startsWith("relief") && !code.startsWith("action")) return Optional.empty();
        Normal prior = prior(code, kind);
        double precision = 1 / (prior.sd() * prior.sd());
        double weighted = prior.mean() * precision;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        int intervals = 0;
        for (int i = 1; i < visits.size(); i++) {
            Visit before = visits.get(i - 1);
            Visit now = visits.get(i);
            Figure.Value left = before.figure(code).map(Figure::left).orElse(null);
            Figure.Value found = now.figure(code).map(Figure::found).orElse(null);
            Double dry = air.taken(before.leftAt()).orElse(null);
            Double wet = air.taken(now.at()).orElse(null);
            // other strings pull the neck another way
            boolean sameStrings =
                    before.strings().equals(now.strings()) && before.tuning().equals(now.tuning());
            if (left == null || found == null || dry == null || wet == null || !sameStrings) continue;
            double x = wet - dry;
            double variance = left.sd() * left.sd() + found.sd() * found.sd() + DRIFT * DRIFT;
            precision += x * x / variance;
            weighted += x * (found.value() - left.value()) / variance;
            least = Math.min(least, Math.min(dry, wet));
            most = Math.max(most, Math.max(dry, wet));
            intervals++;
        }
        double sd = Math.sqrt(1 / precision);
        boolean enough = intervals >= ENOUGH_VISITS - 1 && most - least >= ENOUGH_AIR && sd < prior.sd() / 2;
        return enough
                ? Optional.of(new AirResponse(new Normal(weighted / precision, sd), most - least, intervals))
                : Optional.empty();
    }

    /** What is known before an instrument was seen twice, mm per % RH. */
    static Normal prior(String code, InstrumentKind kind) {
        if (code.startsWith("relief")) return NECK;
        return kind == InstrumentKind.FLAT_TOP || kind == InstrumentKind.TWELVE_STRING || kind == InstrumentKind.NYLON
                ? TOP
                : SOLID;
    }

    /**
     * What a figure will be in other air, from what it was when it was left.
     *
     * @param left its value then
     * @param then the humidity in the wood then, %
     */
    public Normal forecast(Figure.Value left, double then, Air.Month month) {
        double change = month.humidity() - then;
        double mean = left.value() + perPoint.mean() * change;
        double sd = Math.sqrt(left.sd() * left.sd()
                + DRIFT * DRIFT
                + Math.pow(perPoint.sd() * change, 2)
                + Math.pow(perPoint.mean() * month.sd(), 2));
        return new Normal(mean, sd);
    }
}
