package barytone.server;

import barytone.core.job.Station;
import barytone.core.workshop.BenchGround;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** What came of the bench world, as it is printed. */
final class ProveBench {
    private static final List<Station> STATED =
            List.of(Station.RELIEF, Station.NUT, Station.ACTION, Station.INTONATION);

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
        told.put("allReached", g.allReached());
        told.put("playsCleanOfReached", g.playsCleanOfReached());
        told.put("coverage90", byStation(g, BenchGround.Stated::covered90));
        told.put("z2", byStation(g, BenchGround.Stated::meanZ2));
        told.put("claimsTrue", g.claims() == 0 ? null : rounded((double) g.claimsTrue() / g.claims()));
        told.put("harm", g.harm());
        told.put("wrongStops", g.wrongStops());
        told.put("unfinished", g.unfinished());
        told.put("minutes", Math.round(g.minutes()));
        told.put("baselineInBand", g.baselineInBand());
        told.put("notes", g.notes());
        told.put("stringsSlack", g.slackenings());
        Map<String, @Nullable Object> share = new LinkedHashMap<>();
        for (BenchGround.Reached r : g.reached().values()) share.put(name(r.station()), rounded(withinShare(r)));
        told.put("withinByStation", share);
        return JsonMapper.shared().writeValueAsString(told);
    }

    private static String name(Station station) {
        return station.label().toLowerCase(Locale.ROOT);
    }

    private static double withinShare(BenchGround.Reached r) {
        return (double) r.within() / Math.max(1, r.quantities());
    }

    /** Nothing is stated of the intonation where nobody listens. */
    private static Map<String, @Nullable Object> byStation(BenchGround g, ToDoubleFunction<BenchGround.Stated> of) {
        Map<String, @Nullable Object> told = new LinkedHashMap<>();
        for (Station station : STATED) {
            BenchGround.Stated stated = g.stated(station);
            told.put(name(station), stated.count() == 0 ? null : rounded(of.applyAsDouble(stated)));
        }
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
                  %s
                plays clean                                   %6.1f %% of all, %.1f %% of the %d whose frets allow it, %.1f %% of the %d of those where all could be reached
                readings per instrument                       %8.1f      %8.1f   (the worst twentieth %.0f)
                moves per instrument                          %8.1f      %8.1f
                notes sounded                                 %8.1f      %8.1f
                rounds with the strings slack                 %8.1f      %8.1f
                minutes per instrument                        %8.1f
                truth in the stated 50 / 90 / 99 %%, z2: %s
                "in band" with nine chances in ten was true   %6.1f %%
                harm: slots under their band %d, on the fret %d; sanded then raised %d, saddle too low %d; rod beyond its limit %d; neck off twice %d; sound nuts and strings %d
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
                g.reached().values().stream().map(ProveBench::reached).collect(Collectors.joining("; ")),
                100 * g.playsClean() / n,
                100.0 * g.playsCleanOfAllowed() / Math.max(1, g.fretsAllow()),
                g.fretsAllow(),
                100.0 * g.playsCleanOfReached() / Math.max(1, g.allReached()),
                g.allReached(),
                g.readings() / n,
                g.baselineReadings() / n,
                g.worst(),
                g.moves() / n,
                g.baselineMoves() / n,
                g.notes() / n,
                g.baselineNotes() / n,
                g.slackenings() / n,
                g.baselineSlackenings() / n,
                g.minutes() / n,
                Arrays.stream(Station.values())
                        .filter(s -> g.stated(s).count() > 0)
                        .map(s -> name(s) + " " + shares(g.stated(s)))
                        .collect(Collectors.joining(", ")),
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
        return String.format(
                Locale.ROOT,
                "%.0f/%.0f/%.0f %.2f",
                100 * s.in50() / n,
                100 * s.in90() / n,
                100 * s.in99() / n,
                s.meanZ2());
    }

    private static String reached(BenchGround.Reached r) {
        return String.format(
                Locale.ROOT,
                "%s %.1f %% of %d, referred %d",
                name(r.station()),
                100 * withinShare(r),
                r.quantities(),
                r.referred());
    }
}
