package barytone.core.workshop;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.bridge.Supports;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationForecast;
import barytone.core.intonation.SaddleFit;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Cents;
import barytone.core.quantity.Turns;
import barytone.core.station.intonation.ToneEvent;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * How the strings of a simulated instrument sound, and how its saddles go along them.
 *
 * <p>A finger presses a string 0.1 to 0.5 mm below the crown, 0.05 more or less at each note; a string comes to its pitch within 0.3 cents, and once in 30 it has gone
 * by 4 when it is fretted; one in 20 is false, by 3 to 8 cents and otherwise at every fret; frets stand where they stand, 0.5 cents off; cores are stiffer or softer than
 * any table says, by 15 %. Saddles stand off what their strings want by 1.5 mm (crowns of a fixed saddle by 0.4), and near an end of their way once in six; strings that share one want it a little apart. A length screw
 * moves its saddle as its thread is stated, or give or take a fifth when it is not; once in ten the saddle stays where it was.
 */
final class RealStrings implements Workpiece.Sounding {
    private static final double A4 = 440;
    private static final double FRET_SPREAD = 0.5;
    private static final double TUNED = 0.3;
    private static final double SLIPPED = 4;

    /** Edges of a fixed saddle's top that no crown can stand on, mm each. */
    private static final double EDGE = 0.4;

    /** A saddle with less way left than this is at its end, mm. */
    private static final double AT_ITS_END = 0.2;

    private final InstrumentSpec spec;
    private final Standing as;
    private final Supports along;
    private final RandomGenerator random;
    private final double finger;
    private final double pitch;
    private final double[] back;
    private final double[] openCents;
    private final double[][] fretCents;
    private final double[] wire;
    private final boolean[] falseString;
    private final double[] roomBack;
    private final double[] roomForward;

    /** How a string stands over its crowns, with its saddle so far behind where the crowns were drawn for, mm. */
    interface Standing {
        StringLine line(int string, double back);

        StringState state(int string);
    }

    RealStrings(InstrumentSpec spec, Standing as, RandomGenerator random) {
        this.spec = spec;
        this.as = as;
        this.along = spec.lengthwise();
        this.random = random;
        this.finger = random.nextDouble(0.1, 0.5);
        LengthScrews screws = spec.fittings().length();
        this.pitch = screws.pitchOrUsual() * (screws.pitch() == 0 ? Math.exp(0.2 * random.nextGaussian()) : 1);
        int strings = spec.strings();
        this.back = new double[strings];
        this.openCents = new double[strings];
        this.fretCents = new double[strings][spec.frets() + 1];
        this.falseString = new boolean[strings];
        this.wire = new double[strings];
        this.roomBack = new double[along.size()];
        this.roomForward = new double[along.size()];
        for (int s = 1; s <= strings; s++) {
            fit(s, random.nextInt(20) == 0);
            openCents[s - 1] = TUNED * random.nextGaussian();
        }
        found();
        drawRoom();
    }

    /** Puts a string on, sound or false. */
    private void fit(int string, boolean wrong) {
        falseString[string - 1] = wrong;
        wire[string - 1] = random.nextDouble(0.85, 1.15);
        for (int n = 1; n < fretCents[string - 1].length; n++)
            fretCents[string - 1][n] = FRET_SPREAD * random.nextGaussian()
                    + (wrong ? (random.nextBoolean() ? 1 : -1) * random.nextDouble(3, 8) : 0);
    }

    private void found() {
        double[] wanted = new double[back.length];
        for (int s = 1; s <= back.length; s++) {
            StringLine line = as.line(s, 0);
            wanted[s - 1] = -fretted(line, as.state(s), s)[fret()]
                    / SaddleFit.centsPerMm(line.scale(), line.compensation(), fret());
        }
        List<Double> places = new ArrayList<>();
        BridgeKind bridge = spec.fittings().bridge();
        double spread = bridge == BridgeKind.FIXED ? 0.4 : 1.5;
        for (int j = 0; j < along.size(); j++) places.add(spread * random.nextGaussian());
        List<Double> carried = along.atStrings(places);
        for (int s = 1; s <= back.length; s++) {
            // what carries several strings is compensated for them, nearly
            double apart = bridge == BridgeKind.FLOATING
                    ? 0.3 * random.nextGaussian()
                    : -random.nextDouble(0, 0.6) * (wanted[s - 1] - meanOfItsSaddle(s, wanted));
            back[s - 1] = wanted[s - 1] + carried.get(s - 1) + apart;
        }
    }

    private double meanOfItsSaddle(int string, double[] wanted) {
        for (int j = 0; j < along.size(); j++)
            if (along.strings(j).contains(string))
                return along.strings(j).stream()
                        .mapToDouble(s -> wanted[s - 1])
                        .average()
                        .orElse(0);
        return 0;
    }

    private void drawRoom() {
        BridgeKind bridge = spec.fittings().bridge();
        for (int j = 0; j < along.size(); j++) {
            double whole = bridge == BridgeKind.FLOATING ? 20 : random.nextDouble(7, 10);
            double near = random.nextInt(6) == 0 ? random.nextDouble(0.3, 2) : whole / 2;
            boolean end = random.nextBoolean();
            double top = spec.fittings().length().thickness() / 2 - EDGE;
            roomBack[j] = bridge == BridgeKind.FIXED ? top : end ? near : whole - near;
            roomForward[j] = bridge == BridgeKind.FIXED ? top : end ? whole - near : near;
        }
    }

    /** Where it is read, the octave where there is one. */
    int fret() {
        return Math.min(12, spec.frets());
    }

    /** How far a saddle stands behind what its crowns were drawn for, mm. */
    double back(int string) {
        return back[string - 1];
    }

    @Override
    public boolean isFalse(int string) {
        return falseString[string - 1];
    }

    @Override
    public boolean reaches(int string, double cents) {
        for (int j = 0; j < along.size(); j++)
            if (along.strings(j).contains(string) && (cents > 0 ? roomBack[j] : roomForward[j]) < AT_ITS_END)
                return false;
        return true;
    }

    private double[] fretted(StringLine line, StringState state, int string) {
        return fretted(line, state, string, finger);
    }

    private double[] fretted(StringLine line, StringState state, int string, double pressed) {
        double tension = Math.clamp(wire[string - 1] * ToneForecast.tension(spec, A4, string), 5, 900);
        return IntonationForecast.cents(line, state, spec.string(string), tension, pressed);
    }

    @Override
    public double error(int string) {
        return fretted(as.line(string, back[string - 1]), as.state(string), string)[fret()]
                + fretCents[string - 1][fret()];
    }

    @Override
    public double sound(int string, Sounded sounded) {
        double open = openCents[string - 1];
        return switch (sounded.how()) {
            case OPEN -> open;
            case HARMONIC -> {
                double b = ToneForecast.inharmonicity(spec, A4, string);
                yield open
                        + Cents.PER_LOG / 2 * Math.log((1 + 4 * b) / (1 + b))
                        + (falseString[string - 1] ? fretCents[string - 1][fret()] : 0);
            }
            case FRETTED -> {
                double pressed = Math.max(0.02, finger + 0.05 * random.nextGaussian());
                double[] cents = fretted(as.line(string, back[string - 1]), as.state(string), string, pressed);
                double slipped = random.nextInt(30) == 0 ? SLIPPED * random.nextGaussian() : 0;
                yield open + cents[sounded.fret()] + fretCents[string - 1][sounded.fret()] + slipped;
            }
        };
    }

    @Override
    public void tune(int string) {
        openCents[string - 1] = TUNED * random.nextGaussian();
    }

    @Override
    public void renew(int string) {
        fit(string, random.nextInt(20) == 0);
        tune(string);
    }

    @Override
    public ToneEvent.LengthTravelRead room(int support) {
        return new ToneEvent.LengthTravelRead(
                support, Math.max(0, roomForward[support]), Math.max(0, roomBack[support]));
    }

    /** What of a move there is room for: a screw stops at its end, and the hand that turns it feels that. */
    ToneEvent.SaddlesMoved possible(ToneEvent.SaddlesMoved meant) {
        List<Turns> turns = new ArrayList<>();
        List<Double> by = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            double way = clockwiseBack() ? 1 : -1;
            double most = (way > 0 ? roomBack[j] : roomForward[j]) / pitch;
            double least = (way > 0 ? roomForward[j] : roomBack[j]) / pitch;
            turns.add(new Turns(Math.clamp(meant.clockwise().get(j).sixteenths(), -(int) Math.floor(16 * least), (int)
                    Math.floor(16 * most))));
            by.add(Math.clamp(meant.back().get(j), -roomForward[j], roomBack[j]));
        }
        return new ToneEvent.SaddlesMoved(turns, by);
    }

    private boolean clockwiseBack() {
        return spec.fittings().length().head().clockwiseBack();
    }

    /** Moves saddles, as far as they go with their screws; what hangs on them is off its pitch. */
    List<Double> move(ToneEvent.SaddlesMoved event) {
        List<Double> by = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            double turned = event.clockwise().get(j).value();
            double d = turned == 0
                    ? event.back().get(j) * (1 + 0.05 * random.nextGaussian())
                    : (turned + 0.02 * random.nextGaussian()) * pitch * (clockwiseBack() ? 1 : -1);
            if (turned != 0 && random.nextInt(10) == 0) d = 0;
            roomBack[j] -= d;
            roomForward[j] += d;
            by.add(d);
        }
        List<Double> got = along.atStrings(by);
        for (int s = 0; s < back.length; s++) back[s] += got.get(s);
        for (int s : event.slackens(spec)) openCents[s - 1] = -20 + 5 * random.nextGaussian();
        return got;
    }
}
