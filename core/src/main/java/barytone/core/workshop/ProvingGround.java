package barytone.core.workshop;

import barytone.core.quantity.Allowed;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Runs the closed loop of simulated instruments: one technician follows the next move, another the fixed order, each on an
 * instrument of the same seed. The same seed gives the same figures.
 *
 * @param inBand instruments whose every true quantity ended in its band
 * @param inBandMeasurable the same within what can be measured: 0.02 mm of relief, 0.03 of nut, 0.10 of action
 * @param unsafe unsafe steps that were advised, of all instruments
 * @param baselineInBand the same for the fixed order
 */
public record ProvingGround(
        int instruments,
        int inBand,
        int inBandMeasurable,
        int unsafe,
        int readings,
        int moves,
        int retunes,
        int overshoots,
        int baselineInBand,
        int baselineReadings,
        int baselineMoves) {

    private record Pair(Tally advised, Tally fixed) {}

    /**
     * Runs it.
     *
     * @param instruments 1 to 100 000
     */
    public static ProvingGround run(int instruments, long seed) {
        Allowed.whole("instruments", instruments, 1, 100_000);
        List<Pair> pairs = IntStream.range(0, instruments)
                .parallel()
                .mapToObj(i -> new Pair(advised(seed, i).tally(), fixed(seed, i).tally()))
                .toList();
        int inBand = 0;
        int measurable = 0;
        int unsafe = 0;
        int readings = 0;
        int moves = 0;
        int retunes = 0;
        int overshoots = 0;
        int baselineInBand = 0;
        int baselineReadings = 0;
        int baselineMoves = 0;
        for (Pair pair : pairs) {
            if (pair.advised.inBand()) inBand++;
            if (pair.advised.measurable()) measurable++;
            if (pair.fixed.inBand()) baselineInBand++;
            unsafe += pair.advised.unsafe();
            readings += pair.advised.readings();
            moves += pair.advised.moves();
            retunes += pair.advised.retunes();
            overshoots += pair.advised.overshoots();
            baselineReadings += pair.fixed.readings();
            baselineMoves += pair.fixed.moves();
        }
        return new ProvingGround(
                instruments,
                inBand,
                measurable,
                unsafe,
                readings,
                moves,
                retunes,
                overshoots,
                baselineInBand,
                baselineReadings,
                baselineMoves);
    }

    static SplittableRandom random(long seed, int index) {
        // golden-ratio spacing keeps neighbouring instruments apart
        return new SplittableRandom(seed * 0x9E3779B97F4A7C15L + index * 0xBF58476D1CE4E5B9L);
    }

    static WorkingOn advised(long seed, int index) {
        SplittableRandom random = random(seed, index);
        VirtualInstrument instrument = new VirtualInstrument(random.split());
        return new DiligentTechnician(instrument, new VirtualTools(random.split())).work();
    }

    static WorkingOn fixed(long seed, int index) {
        SplittableRandom random = random(seed, index);
        VirtualInstrument instrument = new VirtualInstrument(random.split());
        return new FixedOrderTechnician(instrument, new VirtualTools(random.split()), false).work();
    }
}
