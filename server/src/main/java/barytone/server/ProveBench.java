package barytone.server;

import barytone.core.plan.Station;
import barytone.core.practice.BenchGround;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** What came of the bench world, as it is printed. */
final class ProveBench {
    private ProveBench() {}

    /** One line of JSON: counts and sums over all instruments; coverage and claims are shares, z2 means. */
    static String json(BenchGround g, double seconds) {
        Map<String, @Nullable Object> told = new LinkedHashMap<>();
        told.put("instruments", g.instruments());
        told.put("inBand", g.inBand());
        told.put("unsafe", g.unsafe());
        told.put("readings", g.readings());
        told.put("moves", g.moves());
        told.put("retunes", g.retunes());
        told.put("overshoots", g.overshoots());
        told.put("baselineReadings", g.baselineReadings());
        told.put("baselineMoves", g.baselineMoves());
        told.put("seconds", rounded(seconds));
        told.put("world", g.world().name());
        told.put("inBandMeasurable", g.measurable());
        told.put("quantities", g.quantities());
        told.put("within", g.within());
        told.put("referred", g.referred());
        told.put("playsClean", g.playsClean());
        told.put("fretsAllow", g.fretsAllow());
        told.put("playsCleanOfAllowed", g.playsCleanOfAllowed());
        told.put("coverage90", byStation(g, BenchGround.Stated::covered90));
        told.put("z2", byStation(g, BenchGround.Stated::meanZ2));
        told.put("claimsTrue", g.claims() == 0 ? null : rounded((double) g.claimsTrue() / g.claims()));
        told.put("harm", g.harm());
        told.put("wrongStops", g.wrongStops());
        told.put("unfinished", g.unfinished());
        told.put("minutes", Math.round(g.minutes()));
        told.put("baselineInBand", g.baselineInBand());
        return JsonMapper.shared().writeValueAsString(told);
    }

    /** Nobody listens to a simulated instrument yet, so nothing is stated of its intonation. */
    private static Map<String, @Nullable Object> byStation(BenchGround g, ToDoubleFunction<BenchGround.Stated> of) {
        Map<String, @Nullable Object> told = new LinkedHashMap<>();
        for (Station station : Station.HEIGHTS)
            told.put(station.label().toLowerCase(Locale.ROOT), rounded(of.applyAsDouble(g.stated(station))));
        told.put("intonation", null);
        return told;
    }

    private static double rounded(double value) {
        return Math.round(value * 10_000) / 10_000.0;
    }

    static String table(BenchGround g, long seed, double seconds) {
        double n = g.instruments();
        BenchGround.Harm h = g.harm();
        return String.format(
                Locale.ROOT,
                """
                %d instruments, seed %d, world: %s, %.1f s
                                                            next move   fair baseline
                every target truly in band                    %6.1f %%      %6.1f %%
                the same as far as can be read and reached    %6.1f %%      %6.1f %%
                quantities in band as far as can be read      %6.1f %% of %d; referred %d
                plays clean                                   %6.1f %% of all, %.1f %% of the %d whose frets allow it
                readings per instrument                       %8.1f      %8.1f   (the worst twentieth %.0f)
                moves per instrument                          %8.1f      %8.1f
                minutes per instrument                        %8.1f
                truth in the stated 50 / 90 / 99 %%: relief %s, nut %s, action %s
                z2: relief %.2f, nut %.2f, action %.2f
                "in band" with nine chances in ten was true   %6.1f %%
                harm: slots under their band %d, on the fret %d; sanded then raised %d, saddle too low %d; rod beyond its limit %d; neck off twice %d; sound nuts %d
                ended with a reachable target out %d; unfinished %d; unsafe steps %d""",
                g.instruments(),
                seed,
                g.world().name(),
                seconds,
                100 * g.inBand() / n,
                100 * g.baselineInBand() / n,
                100 * g.measurable() / n,
                100 * g.baselineMeasurable() / n,
                100.0 * g.within() / Math.max(1, g.quantities()),
                g.quantities(),
                g.referred(),
                100 * g.playsClean() / n,
                100.0 * g.playsCleanOfAllowed() / Math.max(1, g.fretsAllow()),
                g.fretsAllow(),
                g.readings() / n,
                g.baselineReadings() / n,
                g.worst(),
                g.moves() / n,
                g.baselineMoves() / n,
                g.minutes() / n,
                shares(g.stated(Station.RELIEF)),
                shares(g.stated(Station.NUT)),
                shares(g.stated(Station.ACTION)),
                g.stated(Station.RELIEF).meanZ2(),
                g.stated(Station.NUT).meanZ2(),
                g.stated(Station.ACTION).meanZ2(),
                100.0 * g.claimsTrue() / Math.max(1, g.claims()),
                h.slotUnderBand(),
                h.slotOnFret(),
                h.sandedThenRaised(),
                h.saddleTooLow(),
                h.rodBeyondLimit(),
                h.neckOffTwice(),
                h.soundPartCondemned(),
                g.wrongStops(),
                g.unfinished(),
                g.unsafe());
    }

    private static String shares(BenchGround.Stated s) {
        double n = Math.max(1, s.count());
        return String.format(Locale.ROOT, "%.0f/%.0f/%.0f", 100 * s.in50() / n, 100 * s.in90() / n, 100 * s.in99() / n);
    }
}
