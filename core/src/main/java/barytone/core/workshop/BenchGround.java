package barytone.core.workshop;

import barytone.core.estimate.Normal;
import barytone.core.job.Station;
import barytone.core.quantity.Allowed;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * What came of the advice in a {@link World}: sums over all instruments, judged by the truth that no technician in it knows.
 *
 * @param inBand instruments whose every true quantity ended in its band
 * @param measurable instruments whose every quantity that rod, screws and blank could reach ended in it within what can be measured
 * @param reached what could be reached and was, station by station
 * @param playsClean instruments whose every note has room over the true crowns
 * @param fretsAllow instruments that would play clean with everything in the middle of its band
 * @param playsCleanOfAllowed of those, how many do
 * @param allReached of those, instruments whose heights could all be reached
 * @param playsCleanOfReached of them, how many play clean
 * @param stations what was stated at every decision, against the truth
 * @param claims times a quantity was said to be in band with nine chances in ten
 * @param claimsTrue of them, how many were
 * @param wrongStops instruments that were given up or called done with a reachable quantity out
 * @param unfinished instruments whose advice came to no end
 * @param notes sounded and read on a tuner
 * @param slackenings rounds with the strings slack or off
 * @param worst readings of the twentieth part of instruments that took most
 */
public record BenchGround(
        World world,
        int instruments,
        int inBand,
        int measurable,
        Map<Station, Reached> reached,
        int playsClean,
        int fretsAllow,
        int playsCleanOfAllowed,
        int allReached,
        int playsCleanOfReached,
        Map<Station, Stated> stations,
        int claims,
        int claimsTrue,
        Harm harm,
        int wrongStops,
        int unfinished,
        int unsafe,
        int readings,
        int moves,
        int retunes,
        int overshoots,
        int notes,
        int slackenings,
        double minutes,
        double worst,
        int baselineInBand,
        int baselineMeasurable,
        int baselineReadings,
        int baselineMoves,
        int baselineNotes,
        int baselineSlackenings) {

    /** What is said to be in band with so many chances is claimed. */
    static final double CLAIMED = 0.9;

    /** The least share of the instruments that is looked at as the worst. */
    private static final int TWENTIETH = 20;

    /**
     * What was stated of a kind of quantity.
     *
     * @param count how often
     * @param in50 how often the truth lay in the interval of half
     * @param z2 sum of the squared deviations in units of the stated sd
     */
    public record Stated(double count, double in50, double in90, double in99, double z2) {
        static final Stated NOTHING = new Stated(0, 0, 0, 0, 0);

        static Stated of(double truth, Normal says) {
            double z = Math.abs(truth - says.mean()) / Math.max(1e-9, says.sd());
            return new Stated(1, z <= 0.6745 ? 1 : 0, z <= 1.6449 ? 1 : 0, z <= 2.5758 ? 1 : 0, z * z);
        }

        Stated plus(Stated other) {
            return new Stated(
                    count + other.count, in50 + other.in50, in90 + other.in90, in99 + other.in99, z2 + other.z2);
        }

        /** Share of the truths in the interval of nine in ten. */
        public double covered90() {
            return count == 0 ? 0 : in90 / count;
        }

        /** Mean squared deviation; 1 when what is stated is right. */
        public double meanZ2() {
            return count == 0 ? 0 : z2 / count;
        }
    }

    /**
     * What was reached at a station, of all instruments.
     *
     * @param quantities judged, without those that were referred
     * @param within of them, how many ended in band within what can be measured
     * @param referred what rod, screws, blank and saddles could not reach
     */
    public record Reached(Station station, int quantities, int within, int referred) {
        static Reached nothing(Station station) {
            return new Reached(station, 0, 0, 0);
        }

        /** One quantity: what ended within counts, whether it could have been reached or not. */
        static Reached one(Station station, boolean within, boolean referred) {
            boolean counts = within || !referred;
            return new Reached(station, counts ? 1 : 0, within ? 1 : 0, counts ? 0 : 1);
        }

        Reached plus(Reached o) {
            return new Reached(station, quantities + o.quantities, within + o.within, referred + o.referred);
        }
    }

    /** What was reached at a station; nothing where nobody worked. */
    public Reached reached(Station station) {
        return reached.getOrDefault(station, Reached.nothing(station));
    }

    /** Quantities that could be reached, of all stations. */
    public int quantities() {
        return reached.values().stream().mapToInt(Reached::quantities).sum();
    }

    /** Of them, those that ended in band within what can be measured. */
    public int within() {
        return reached.values().stream().mapToInt(Reached::within).sum();
    }

    /** Quantities that nothing could reach. */
    public int referred() {
        return reached.values().stream().mapToInt(Reached::referred).sum();
    }

    /**
     * What cannot be undone, of all instruments.
     *
     * @param slotUnderBand slots that a file brought under their band
     * @param slotOnFret slots that a file brought down to the frets
     * @param sandedThenRaised saddles that were sanded and raised again by more than 0.2 mm
     * @param saddleTooLow saddles sanded to less than 2 mm above the bridge
     * @param rodBeyondLimit rods over three quarters of a turn tighter than found
     * @param neckOffTwice necks taken off more than once
     * @param soundPartCondemned nuts filled, shimmed, made new or accused that were sound, and strings replaced that were
     */
    public record Harm(
            int slotUnderBand,
            int slotOnFret,
            int sandedThenRaised,
            int saddleTooLow,
            int rodBeyondLimit,
            int neckOffTwice,
            int soundPartCondemned) {
        Harm plus(Harm o) {
            return new Harm(
                    slotUnderBand + o.slotUnderBand,
                    slotOnFret + o.slotOnFret,
                    sandedThenRaised + o.sandedThenRaised,
                    saddleTooLow + o.saddleTooLow,
                    rodBeyondLimit + o.rodBeyondLimit,
                    neckOffTwice + o.neckOffTwice,
                    soundPartCondemned + o.soundPartCondemned);
        }
    }

    /** What was stated at a station; nothing where nobody reads. */
    public Stated stated(Station station) {
        return stations.getOrDefault(station, Stated.NOTHING);
    }

    private record Job(Score score, Score.Ending ending, Tally tally, boolean finished, double minutes, Tally fair) {}

    /**
     * Runs it.
     *
     * @param instruments 1 to 100 000
     */
    public static BenchGround run(int instruments, long seed, World world) {
        Allowed.whole("instruments", instruments, 1, 100_000);
        List<Job> jobs = IntStream.range(0, instruments)
                .parallel()
                .mapToObj(i -> job(seed, i, world))
                .toList();
        return sum(world, jobs);
    }

    private static Job job(long seed, int index, World world) {
        RealInstrument instrument = drawn(seed, index, world);
        DiligentTechnician technician =
                new DiligentTechnician(instrument, hand(seed, index, world), instrument.touch());
        WorkingOn work = technician.work();
        Tally fair = new FixedOrderTechnician(drawn(seed, index, world), hand(seed, index, world), true)
                .work()
                .tally();
        Score score = technician.score();
        return new Job(score, score.ending(), work.tally(), technician.finished(), technician.minutes(), fair);
    }

    private static RealInstrument drawn(long seed, int index, World world) {
        SplittableRandom random = ProvingGround.random(seed, index);
        return new RealInstrument(world, random.split());
    }

    private static RealReader hand(long seed, int index, World world) {
        SplittableRandom random = ProvingGround.random(seed, index);
        random.split();
        return new RealReader(world, random.split());
    }

    private static BenchGround sum(World world, List<Job> jobs) {
        Map<Station, Stated> stations = new EnumMap<>(Station.class);
        Map<Station, Reached> reached = new EnumMap<>(Station.class);
        Harm harm = new Harm(0, 0, 0, 0, 0, 0, 0);
        for (Job job : jobs) {
            for (Station station : Station.values()) stations.merge(station, job.score.stated(station), Stated::plus);
            harm = harm.plus(job.score.harm(job.ending));
            for (Reached r : job.ending.reached()) reached.merge(r.station(), r, Reached::plus);
        }
        List<Integer> most = jobs.stream()
                .map(j -> j.tally.readings())
                .sorted(Comparator.reverseOrder())
                .limit(Math.max(1, jobs.size() / TWENTIETH))
                .toList();
        return new BenchGround(
                world,
                jobs.size(),
                count(jobs, j -> j.ending.inBand()),
                count(jobs, j -> j.ending.measurable()),
                reached,
                count(jobs, j -> j.ending.plays()),
                count(jobs, j -> j.ending.fretsAllow()),
                count(jobs, j -> j.ending.plays() && j.ending.fretsAllow()),
                count(jobs, j -> j.ending.fretsAllow() && j.ending.heightsReached()),
                count(jobs, j -> j.ending.plays() && j.ending.fretsAllow() && j.ending.heightsReached()),
                stations,
                sum(jobs, j -> j.score.claims()),
                sum(jobs, j -> j.score.claimsTrue()),
                harm,
                count(jobs, j -> j.finished && !j.ending.measurable()),
                count(jobs, j -> !j.finished),
                sum(jobs, j -> j.tally.unsafe()),
                sum(jobs, j -> j.tally.readings()),
                sum(jobs, j -> j.tally.moves()),
                sum(jobs, j -> j.tally.retunes()),
                sum(jobs, j -> j.tally.overshoots()),
                sum(jobs, j -> j.tally.notes()),
                sum(jobs, j -> j.tally.slackenings()),
                jobs.stream().mapToDouble(Job::minutes).sum(),
                most.stream().mapToInt(Integer::intValue).average().orElse(0),
                count(jobs, j -> j.fair.inBand()),
                count(jobs, j -> j.fair.measurable()),
                sum(jobs, j -> j.fair.readings()),
                sum(jobs, j -> j.fair.moves()),
                sum(jobs, j -> j.fair.notes()),
                sum(jobs, j -> j.fair.slackenings()));
    }

    private static int count(List<Job> jobs, Predicate<Job> which) {
        return (int) jobs.stream().filter(which).count();
    }

    private static int sum(List<Job> jobs, ToIntFunction<Job> of) {
        return jobs.stream().mapToInt(of).sum();
    }
}
