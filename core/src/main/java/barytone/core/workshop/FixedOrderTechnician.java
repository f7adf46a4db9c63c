package barytone.core.workshop;

import barytone.core.bridge.LengthScrews;
import barytone.core.bridge.SupportSolver;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.RodType;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.SaddleFit;
import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.pickups.PickupAdvisor;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The baseline: relief, nut, action in this order by the rules of the handbook; what the last reading says is taken as it is. Nothing is learned but which way the
 * rod works. The careful one reads everything again after every move, with the finest tool owned; the fair one reads only what its last move touched, with the
 * tools that the advice has too.
 */
final class FixedOrderTechnician {
    private static final int MOST_MOVES = 80;

    /** Nobody turns one saddle more often. */
    private static final int MOST_ROUNDS = 6;

    /** What a turn moves a pickup by as far as the handbook knows, mm. */
    private static final double PICKUP_PITCH = 0.6;

    private static final double USUAL_PITCH = 0.5;

    private final Workpiece instrument;
    private final Reader tools;
    private final JobState job;
    private final WorkingOn work;
    private final Map<Station, Map<Integer, Double>> last = new EnumMap<>(Station.class);
    private final boolean fair;
    private final Set<Station> old = EnumSet.noneOf(Station.class);
    private boolean reversed;

    FixedOrderTechnician(Workpiece instrument, Reader tools, boolean fair) {
        this.fair = fair;
        this.instrument = instrument;
        this.tools = tools;
        this.job = Stations.replay(instrument.spec(), instrument.defaults(), List.of());
        this.work = new WorkingOn(instrument, tools, job);
    }

    WorkingOn work() {
        measureAll();
        while (work.moves() < MOST_MOVES) {
            if (!(relief() || nut() || action())) break;
            work.retune();
            if (!fair) measureAll();
        }
        if (job.agreed(Station.INTONATION)) intonation();
        if (job.agreed(Station.PICKUPS)) pickups();
        return work;
    }

    /** Saddle by saddle: open and at the octave, by what a millimetre does there, once more, until it is good enough. */
    private void intonation() {
        Supports along = instrument.spec().lengthwise();
        IntonationWays ways = Tones.of(job).ways();
        Sounded main = Sounded.at(ways.frets().getLast());
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.size() == 2 && along.strings(j).size() > 2
                    ? List.of(j == 0 ? instrument.spec().bassString() : 1)
                    : along.strings(j);
            for (int round = 0; round < MOST_ROUNDS; round++) {
                double worst = 0;
                double sum = 0;
                for (int s : strings) {
                    double error = -work.hear(s, Sounded.OPEN) + work.hear(s, main);
                    sum += error;
                    worst = Math.max(worst, Math.abs(error) - ways.tolerance(s));
                }
                if (worst <= 0) break;
                double mean = sum / strings.size();
                StringLine line = instrument.spec().line();
                double back = -mean / SaddleFit.centsPerMm(line.scale(), line.compensation(), main.fret());
                Adjustment move = instrument.possible(along(along.size(), j, back));
                if (((ToneEvent.SaddlesMoved) move).slackens(instrument.spec()).isEmpty()) break;
                work.adjust(move, true);
            }
        }
    }

    private void pickups() {
        for (int p = 0; p < work.pickups().count(); p++) {
            boolean raises = job.spec().fittings().pickups().get(p).mounting().clockwiseRaises();
            for (int round = 0; round < MOST_ROUNDS; round++) {
                Turns bass = towards(p, Pickup.Side.BASS, raises);
                Turns treble = towards(p, Pickup.Side.TREBLE, raises);
                if (bass.isZero() && treble.isZero()) break;
                work.turnPickup(p, bass, treble);
            }
        }
    }

    private Turns towards(int pickup, Pickup.Side side, boolean clockwiseRaises) {
        Band band = PickupAdvisor.band(job, pickup, side);
        double gap = work.readPickup(pickup, side);
        if (band.outside(gap) == 0) return Turns.NONE;
        double up = (gap - band.middle()) / PICKUP_PITCH;
        return eighths(clockwiseRaises ? up : -up);
    }

    /** Turns to the eighth, as many as a hand makes at once. */
    private static Turns eighths(double turns) {
        return new Turns(2 * (int) Math.round(8 * Math.clamp(turns, -Turns.MOST_AT_ONCE, Turns.MOST_AT_ONCE)));
    }

    private ToneEvent.SaddlesMoved along(int supports, int support, double back) {
        List<Turns> turns = new ArrayList<>(Collections.nCopies(supports, Turns.NONE));
        List<Double> by = new ArrayList<>(Collections.nCopies(supports, 0.0));
        LengthScrews screws = instrument.spec().fittings().length();
        if (instrument.spec().fittings().bridge().lengthScrewed()) {
            double way = screws.head().clockwiseBack() ? 1 : -1;
            turns.set(support, eighths(way * back / screws.pitchOrUsual()));
        } else by.set(support, back);
        return new ToneEvent.SaddlesMoved(turns, by);
    }

    private void measureAll() {
        for (Station station : Station.HEIGHTS) if (job.agreed(station)) measure(station, job.strings(station));
    }

    private void measure(Station station, List<Integer> strings) {
        GapMethod method = HeightVerdict.method(job, station);
        Tool finest = station == Station.ACTION ? tools.owned().finest(2) : Tool.LEAF;
        Tool tool = fair ? job.tool(station) : finest;
        Map<Integer, Double> read = new TreeMap<>(last.getOrDefault(station, Map.of()));
        for (int s : strings) read.put(s, work.read(s, method, tool, !fair).shown());
        last.put(station, read);
        old.remove(station);
    }

    /** What the last move touched is read again before it is used. */
    private void fresh(Station station) {
        if (fair && old.contains(station)) measure(station, job.strings(station));
    }

    private double off(Station station, int string) {
        Band band = HeightVerdict.band(job, station, string);
        return band.outside(last(station, string));
    }

    private double last(Station station, int string) {
        Map<Integer, Double> read = last.getOrDefault(station, Map.of());
        return read.getOrDefault(
                string, HeightVerdict.band(job, station, string).middle());
    }

    private boolean relief() {
        if (!job.agreed(Station.RELIEF) || instrument.spec().rod() == RodType.NONE) return false;
        fresh(Station.RELIEF);
        double sum = 0;
        boolean out = false;
        for (int s : job.reliefStrings()) {
            sum += last(Station.RELIEF, s)
                    - HeightVerdict.band(job, Station.RELIEF, s).middle();
            out |= off(Station.RELIEF, s) != 0;
        }
        double mean = sum / job.reliefStrings().size();
        if (!out) return false;
        Turns step = Math.abs(mean) < 0.05 ? new Turns(1) : Turns.EIGHTH;
        boolean tighten = mean > 0;
        work.turnRod(tighten != reversed ? step : step.negated(), Turns.QUARTER);
        work.rest(Duration.ofMinutes(10));
        measure(Station.RELIEF, job.reliefStrings());
        old.add(Station.ACTION);
        double after = 0;
        for (int s : job.reliefStrings())
            after += last(Station.RELIEF, s)
                    - HeightVerdict.band(job, Station.RELIEF, s).middle();
        after /= job.reliefStrings().size();
        if (Math.abs(after) > Math.abs(mean) + 0.03) reversed = !reversed;
        return true;
    }

    private boolean nut() {
        for (int s : job.strings(Station.NUT)) {
            double off = off(Station.NUT, s);
            if (off == 0) continue;
            double slot = (last(Station.NUT, s)
                            - HeightVerdict.band(job, Station.NUT, s).middle())
                    / 0.65;
            if (off < 0) {
                work.adjust(new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(s), -slot), true);
            } else {
                double bite = instrument.spec().fittings().nut().usualBite();
                work.adjust(
                        new NutEvent.SlotsFiled(
                                List.of(new NutEvent.Filing(s, Math.max(1, (int) (0.6 * slot / bite)), false))),
                        true);
            }
            if (fair) measure(Station.NUT, List.of(s));
            return true;
        }
        return false;
    }

    private boolean action() {
        fresh(Station.ACTION);
        boolean out = job.strings(Station.ACTION).stream().anyMatch(s -> off(Station.ACTION, s) != 0);
        if (!out) return false;
        Supports supports = instrument.spec().supports();
        List<Double> needs = new ArrayList<>();
        List<Double> weights = new ArrayList<>();
        for (int s = 1; s <= instrument.spec().strings(); s++) {
            needs.add(2 * (HeightVerdict.band(job, Station.ACTION, s).middle() - last(Station.ACTION, s)));
            weights.add(1.0);
        }
        List<Double> wanted = SupportSolver.solve(supports, needs, weights);
        if (instrument.spec().fittings().bridge().screwed()) {
            List<Turns> screws = wanted.stream()
                    .map(w -> new Turns(2 * (int) Math.round(w / pitch() * 8)))
                    .toList();
            if (screws.stream().allMatch(Turns::isZero)) return false;
            Adjustment event = instrument.possible(new ActionEvent.BridgeScrewed(screws));
            if (event instanceof ActionEvent.BridgeScrewed done
                    && done.screws().stream().allMatch(Turns::isZero)) return false;
            work.adjust(event, true);
        } else {
            if (wanted.stream().allMatch(w -> Math.abs(w) < 0.03)) return false;
            work.adjust(
                    new ActionEvent.SaddleReworked(
                            ActionEvent.SaddleReworked.Way.RENEWED, wanted.getFirst(), wanted.getLast()),
                    true);
        }
        old.add(Station.ACTION);
        return true;
    }

    private double pitch() {
        double stated = instrument.spec().fittings().threadPitch();
        return stated == 0 ? USUAL_PITCH : stated;
    }
}
