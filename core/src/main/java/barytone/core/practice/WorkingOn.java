package barytone.core.practice;

import barytone.core.estimate.Band;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.plan.Judged;
import barytone.core.plan.Station;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** A technician's hands: does what is decided on an instrument and counts it, with the truth at hand to judge by. */
final class WorkingOn {
    /** A slot floor this far above the frets does not let the open string buzz on them, mm. */
    private static final double CLEAR_OF_FRETS = 0.03;

    private final Workpiece instrument;
    private final Reader tools;
    private final List<Aim> aims = new ArrayList<>();
    private int unsafe;
    private int readings;
    private int moves;
    private int retunes;
    private int overshoots;

    /**
     * A true quantity and its band.
     *
     * @param slot how high its slot stood above the frets as found, mm
     */
    private record Aim(int string, GapMethod method, Band band, double slot) {}

    WorkingOn(Workpiece instrument, Reader tools, JobState job) {
        this.instrument = instrument;
        this.tools = tools;
        for (Station station : Station.HEIGHTS) {
            if (!job.agreed(station)) continue;
            for (int s : job.strings(station)) {
                Band band = Judged.band(job, station, s);
                aims.add(new Aim(s, Judged.method(job, station), band, instrument.slotHeight(s)));
            }
        }
    }

    Gap read(int string, GapMethod method, Tool tool, boolean closely) {
        readings++;
        instrument.rest(Duration.ofSeconds(20));
        return tools.read(instrument, string, method, tool, closely);
    }

    /** Turns the rod and hears how the strings answer: positive is sharp. */
    double turnRod(Turns clockwise, Turns limit) {
        if (clockwise.abs().compareTo(limit) > 0) unsafe++;
        double[] heard = new double[1];
        move(Station.RELIEF, () -> heard[0] = instrument.turnRod(clockwise));
        return heard[0];
    }

    /**
     * Works at nut or bridge.
     *
     * @param slackened the strings that go up were slackened first; a saddle or nut never comes out at pitch
     */
    void adjust(JobEvent.Adjustment event, boolean slackened) {
        boolean raisesAtPitch = event instanceof JobEvent.BridgeScrewed screws
                && !slackened
                && screws.screws().stream().anyMatch(t -> t.sixteenths() > 0);
        if (raisesAtPitch) unsafe++;
        // raised past the wish on purpose, to be filed to it; the saddle is the station that must not be carried past
        boolean overfilled = event instanceof JobEvent.NutReworked nut && nut.change() > 0;
        move(overfilled ? Station.ACTION : event.station(), () -> instrument.adjust(event));
        boolean belowFrets = event.station() == Station.NUT
                && event.touches(instrument.spec()).stream().anyMatch(s -> instrument.slotHeight(s) < 0);
        if (belowFrets) unsafe++;
    }

    void retune() {
        retunes++;
        instrument.retune();
        instrument.rest(Duration.ofSeconds(90));
    }

    void rest(Duration time) {
        instrument.rest(time);
    }

    private void move(Station meant, Runnable change) {
        moves++;
        List<Aim> own = aims.stream().filter(a -> Station.of(a.method) == meant).toList();
        List<Double> before = own.stream().map(this::outside).toList();
        change.run();
        for (int i = 0; i < own.size(); i++) if (before.get(i) * outside(own.get(i)) < 0) overshoots++;
    }

    private double outside(Aim aim) {
        return aim.band.outside(instrument.gap(aim.string, aim.method));
    }

    int moves() {
        return moves;
    }

    Tally tally() {
        boolean inBand = aims.stream().allMatch(a -> outside(a) == 0);
        boolean measurable = aims.stream().allMatch(this::measurable);
        return new Tally(inBand, measurable, unsafe, readings, moves, retunes, overshoots);
    }

    /**
     * Whether a quantity is where it shall be, as far as can be measured. A slot under its band, clear of the frets, is left by rule: where no file made it so
     * that is no miss.
     */
    private boolean measurable(Aim aim) {
        Station station = Station.of(aim.method);
        double outside = outside(aim);
        boolean leftLow = station == Station.NUT
                && outside < 0
                && instrument.slotHeight(aim.string) >= aim.slot
                && aim.slot > CLEAR_OF_FRETS;
        return leftLow || Math.abs(outside) <= Score.measurable(station);
    }

    /** The misses by station and side, for whoever looks for what costs most. */
    List<String> measurableMisses() {
        return aims.stream()
                .filter(a -> !measurable(a))
                .map(a -> Station.of(a.method) + (outside(a) > 0 ? "+" : "-"))
                .toList();
    }

    /** What is still out, for whoever looks into a job that went wrong. */
    String misses() {
        StringBuilder text = new StringBuilder();
        for (Aim aim : aims)
            if (outside(aim) != 0)
                text.append(
                        String.format(" %d %s %+.3f of %.3f;", aim.string, aim.method, outside(aim), aim.band.width()));
        return text.toString();
    }
}
