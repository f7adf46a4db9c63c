package barytone.core.workshop;

import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.nut.NutEvent;
import java.time.Duration;
import java.util.List;
import java.util.Objects;

/** A technician's hands: does what is decided on an instrument and counts it, with the truth at hand to judge by. */
final class WorkingOn {
    private final Workpiece instrument;
    private final Reader tools;
    private final Aims aims;
    private int unsafe;
    private int readings;
    private int moves;
    private int retunes;
    private int notes;
    private int slackenings;
    private int overshoots;

    WorkingOn(Workpiece instrument, Reader tools, JobState job) {
        this.instrument = instrument;
        this.tools = tools;
        this.aims = new Aims(instrument, job);
    }

    Gap read(int string, GapMethod method, Tool tool, boolean closely) {
        readings++;
        instrument.rest(Duration.ofSeconds(20));
        return tools.read(instrument, string, method, tool, closely);
    }

    /** Sounds a note and reads the tuner, cents; an open string is brought to its pitch first. */
    double hear(int string, Sounded sounded) {
        notes++;
        Workpiece.Sounding strings = sounding();
        if (sounded.how() == Sounded.How.OPEN) strings.tune(string);
        instrument.rest(Duration.ofSeconds(20));
        return tools.shown(strings.sound(string, sounded));
    }

    /** Reads the gap at one side of a pickup, mm. */
    double readPickup(int pickup, Pickup.Side side) {
        readings++;
        instrument.rest(Duration.ofSeconds(20));
        return tools.atPickup(pickups().gap(pickup, side));
    }

    /** Turns the screws of a pickup. */
    void turnPickup(int pickup, Turns bass, Turns treble) {
        moves++;
        pickups().turn(pickup, Pickup.Side.BASS, bass);
        pickups().turn(pickup, Pickup.Side.TREBLE, treble);
    }

    RealPickups pickups() {
        return Objects.requireNonNull(instrument.pickups(), "it has none");
    }

    /** The strings of an instrument that is listened to. */
    Workpiece.Sounding sounding() {
        return Objects.requireNonNull(instrument.sounding(), "nobody listens to it");
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
    void adjust(Adjustment event, boolean slackened) {
        boolean raisesAtPitch = event instanceof ActionEvent.BridgeScrewed screws
                && !slackened
                && screws.screws().stream().anyMatch(t -> t.sixteenths() > 0);
        if (raisesAtPitch) unsafe++;
        // raised past the wish on purpose, to be filed to it; the saddle is the station that must not be carried past
        boolean overfilled = event instanceof NutEvent.NutReworked nut && nut.change() > 0;
        move(overfilled ? Station.ACTION : event.station(), () -> instrument.adjust(event));
        boolean belowFrets = event.station() == Station.NUT
                && event.touches(instrument.spec()).stream().anyMatch(s -> instrument.slotHeight(s) < 0);
        if (belowFrets) unsafe++;
        if (slackens(event)) slackenings++;
    }

    /** Whether strings come off, or lie slack beside their slots, while it is done. */
    private boolean slackens(Adjustment event) {
        return switch (event) {
            case NutEvent.SlotsFiled ignored -> true;
            case NutEvent.NutReworked ignored -> true;
            case ActionEvent.SaddleReworked ignored -> true;
            case ActionEvent.NeckShimmed ignored -> true;
            case ToneEvent.SaddlesMoved ignored ->
                !instrument.spec().fittings().bridge().lengthScrewed();
            default -> false;
        };
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
        List<Aims.Aim> own = aims.at(meant);
        List<Double> before = own.stream().map(aims::outside).toList();
        change.run();
        for (int i = 0; i < own.size(); i++) if (before.get(i) * aims.outside(own.get(i)) < 0) overshoots++;
    }

    int moves() {
        return moves;
    }

    Tally tally() {
        boolean measurable = aims.all().stream().allMatch(aims::within);
        return new Tally(aims.inBand(), measurable, unsafe, readings, moves, retunes, overshoots, notes, slackenings);
    }

    /** The misses by station and side, for whoever looks for what costs most. */
    List<String> measurableMisses() {
        return aims.all().stream()
                .filter(a -> !aims.within(a))
                .map(a -> a.station() + (aims.outside(a) > 0 ? "+" : "-"))
                .toList();
    }

    /** What is still out, for whoever looks into a job that went wrong. */
    String misses() {
        StringBuilder text = new StringBuilder();
        for (Aims.Aim aim : aims.all())
            if (aims.outside(aim) != 0)
                text.append(String.format(
                        " %d %s %+.3f of %.3f;",
                        aim.string(),
                        aim.method(),
                        aims.outside(aim),
                        aim.band().width()));
        return text.toString();
    }
}
