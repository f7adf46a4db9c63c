package barytone.server;

import barytone.core.plan.Station;
import barytone.core.practice.BenchGround;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/** What came of the bench world, as it is printed. */
final class ProveBench {
    private ProveBench() {}

    /** One line of JSON: counts and sums over all instruments, shares where a name says coverage, claims or z2. */
    static String json(BenchGround g, double seconds) {
        BenchGround.Harm h = g.harm();
        return String.format(
                Locale.ROOT,
                "{\"instruments\":%d,\"inBand\":%d,\"unsafe\":%d,\"readings\":%d,\"moves\":%d,\"retunes\":%d,\"overshoots\":%d,"
                        + "\"baselineReadings\":%d,\"baselineMoves\":%d,\"seconds\":%.1f,\"world\":\"%s\",\"inBandMeasurable\":%d,\"playsClean\":%d,"
                        + "\"coverage90\":%s,\"z2\":%s,\"claimsTrue\":%s,"
                        + "\"harm\":{\"slotUnderBand\":%d,\"slotOnFret\":%d,\"sandedThenRaised\":%d,\"saddleTooLow\":%d,\"rodBeyondLimit\":%d,"
                        + "\"neckOffTwice\":%d,\"soundPartCondemned\":%d},\"wrongStops\":%d,\"unfinished\":%d,\"minutes\":%.0f,\"baselineInBand\":%d}",
                g.instruments(),
                g.inBand(),
                g.unsafe(),
                g.readings(),
                g.moves(),
                g.retunes(),
                g.overshoots(),
                g.baselineReadings(),
                g.baselineMoves(),
                seconds,
                g.world().name(),
                g.measurable(),
                g.playsClean(),
                byStation(g, BenchGround.Stated::covered90),
                byStation(g, BenchGround.Stated::meanZ2),
                g.claims() == 0 ? "null" : String.format(Locale.ROOT, "%.4f", (double) g.claimsTrue() / g.claims()),
                h.slotUnderBand(),
                h.slotOnFret(),
                h.sandedThenRaised(),
                h.saddleTooLow(),
                h.rodBeyondLimit(),
                h.neckOffTwice(),
                h.soundPartCondemned(),
                g.wrongStops(),
                g.unfinished(),
                g.minutes(),
                g.baselineInBand());
    }

    /** Nobody listens to a simulated instrument yet, so nothing is stated of its intonation. */
    private static String byStation(BenchGround g, ToDoubleFunction<BenchGround.Stated> of) {
        return String.format(
                Locale.ROOT,
                "{\"relief\":%.4f,\"nut\":%.4f,\"action\":%.4f,\"intonation\":null}",
                of.applyAsDouble(g.stated(Station.RELIEF)),
                of.applyAsDouble(g.stated(Station.NUT)),
                of.applyAsDouble(g.stated(Station.ACTION)));
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
