package barytone.core.clearance;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.StringState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the notes of a board, heard with the heights known, tell of its crowns and of the hand that plays it. Each crown in turn is weighed over all heights that it may
 * have, the others as they stand, until none moves: nearly all crowns are as they should be, and a few are not, by any amount. A fret rocker speaks for the crown in its
 * middle against its two neighbours.
 *
 * @param hand how hard it is played, as a share of the usual force of each touch
 * @param handTold whether enough was heard to tell it: else it is the usual hand
 * @param crowns those that stand off, from the nut on
 */
public record BoardSense(double hand, boolean handTold, List<CrownTold> crowns) {
    /** Nothing is told. */
    public static final BoardSense NONE = new BoardSense(1, false, List.of());

    /**
     * A crown that stands off.
     *
     * @param height above where it should be, mm; negative is worn
     * @param sd mm
     * @param spoils the notes heard that touch it
     */
    public record CrownTold(int fret, double height, double sd, List<PlayedNote> spoils) {
        /** Higher than this only "or more" is told: nothing of what was heard bounds it, mm. */
        public static final double BOUNDED = 0.4;
    }

    /**
     * A fret rocker over three frets.
     *
     * @param fret the middle one
     */
    public record Rocked(int fret, boolean rocks) {}

    /** What a straightedge shows of the board. */
    public enum Shape {
        LEVEL,
        /** The end kicks up over the body. */
        RISES,
        FALLS_AWAY,
        /** It bends forwards near the nut and back again towards the joint, so that no parabola fits it. */
        S_SHAPED;

        /** How far the last crown of an end that is not level, or the worst one of an S, is likely to stand off, mm. */
        private static final double END = 0.15;

        private static final double BELLY = 0.07;

        private double at(InstrumentSpec spec, int fret) {
            int joint = spec.bodyJointFret();
            double end = fret <= joint ? 0 : END * (fret - joint) / Math.max(1, spec.frets() - joint);
            return switch (this) {
                case LEVEL -> 0;
                case RISES -> end;
                case FALLS_AWAY -> -end;
                case S_SHAPED -> fret >= joint ? 0 : -BELLY * Math.sin(2 * Math.PI * fret / joint);
            };
        }
    }

    /** A crown off by more than this is noticed, mm. */
    private static final double NOTICED = 0.02;

    /** It is told from this chance on that it is off by so much. */
    private static final double TOLD = 0.7;

    private static final double LOWEST = -0.2;
    private static final double STEP = 0.01;

    /** No single crown is worn further, mm. */
    private static final double WORN = -0.06;

    /** So many of those that are not even are worn; the others stand high, by this on the mean, mm. */
    private static final double WORN_SHARE = 0.2;

    private static final double USUAL_FAULT = 0.1;

    private static final int STEPS = 81;

    /** So many crowns are not as they should be, and the others are by so much, mm. */
    private static final double OFF = 0.06;

    /** Nobody puts a rocker down at random. */
    private static final double OFF_WHERE_ROCKED = 0.35;

    private static final double EVEN_SD = 0.008;

    /** Where the board is not straight, its crowns are known so badly, mm. */
    private static final double SHAPE_SD = 0.05;

    /** So deep is a divot that is seen, mm. */
    private static final double DIVOT = 0.06;

    /** What is not known of a note's room besides the heights, mm. */
    private static final double MODEL_SD = 0.04;

    /** Notes know of each other: each says so much of what it would alone. */
    private static final double SAYS = 0.7;

    /** A rocker rocks from here on, give or take so much, mm; it is wrong one time in fifteen. */
    private static final double ROCKS = 0.03;

    private static final double ROCKS_SD = 0.012;
    private static final double ROCKER_WRONG = 1 / 15.0;

    /** One crown spoils the notes of so many frets at most. */
    private static final int CROWN_SPOILS = 5;

    private static final int SWEEPS = 3;

    /** A note farther below a crown touches another one first. */
    private static final int REACH = 8;

    /** Hands differ by this, as a logarithm of the force. */
    private static final double HANDS = 0.3;

    private static final int HAND_STEPS = 25;

    /** A hand is told when its logarithm is known to this, and so many notes were heard, bad ones and clean ones. */
    private static final double HAND_TOLD = 0.22;

    private static final int HAND_NOTES = 8;

    public BoardSense {
        crowns = List.copyOf(crowns);
    }

    /** The crowns as they are told, the others even. */
    public Crowns asCrowns() {
        return crowns.stream()
                .collect(Collectors.collectingAndThen(
                        Collectors.toMap(CrownTold::fret, CrownTold::height), Crowns::new));
    }

    /**
     * Weighs what was heard.
     *
     * @param setup how each string stands, string 1 first
     * @param sd what is not known of a note's room for it, string 1 first, mm
     * @param notes heard; open ones tell of the nut and are left out
     * @param worn crowns in which a divot was seen
     * @param shape what a straightedge shows of the board
     * @param a4 reference pitch, Hz
     */
    public static BoardSense of(
            InstrumentSpec spec,
            List<StringState> setup,
            double[] sd,
            List<PlayedNote> notes,
            List<Rocked> rocked,
            Set<Integer> worn,
            Shape shape,
            double a4) {
        List<NoteRoom> marked = notes.stream()
                .filter(n -> n.fret() > 0 && n.fret() < spec.frets() && n.mark() != NoteMark.BEND_CHOKE && !n.plugged())
                .map(n ->
                        new NoteRoom(spec, setup.get(n.string() - 1), n, Math.hypot(MODEL_SD, sd[n.string() - 1]), a4))
                .toList();
        List<NoteRoom> heard = nothingRings(marked) ? List.of() : marked;
        if (heard.isEmpty() && rocked.isEmpty() && worn.isEmpty() && shape == Shape.LEVEL) return NONE;
        double[] crowns = new double[spec.frets() + 1];
        double[][] weights = new double[spec.frets() + 1][];
        double[] hand = {1, HANDS};
        // where all rings clean, or nothing does, a hand may be as light or as heavy as it likes
        boolean both = heard.stream().anyMatch(r -> r.bad) && heard.stream().anyMatch(r -> !r.bad);
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            if (both) hand = hand(heard, crowns);
            for (int fret = spec.frets(); fret >= 1; fret--) {
                weights[fret] = weigh(
                        fret, shape.at(spec, fret) - (worn.contains(fret) ? DIVOT : 0), heard, rocked, hand[0], crowns);
                crowns[fret] = mean(weights[fret]);
            }
        }
        double force = hand[0];
        double[] heights = crowns;
        List<CrownTold> told = IntStream.rangeClosed(1, spec.frets())
                .filter(fret -> noticed(weights[fret]) >= TOLD)
                .mapToObj(fret -> new CrownTold(
                        fret,
                        heights[fret],
                        spread(weights[fret]),
                        heard.stream()
                                .filter(r -> r.bad
                                        && r.note.fret() < fret
                                        && r.margin(fret, force, heights) < r.marginBut(fret, force, heights))
                                .map(r -> r.note)
                                .toList()))
                .toList();
        return new BoardSense(force, both && heard.size() >= HAND_NOTES && hand[1] < HAND_TOLD, told);
    }

    /** Where much of the board sounds wrong and nothing rings, it is the setup, and no crown. */
    private static boolean nothingRings(List<NoteRoom> rooms) {
        return rooms.stream().allMatch(r -> r.bad)
                && rooms.stream().map(r -> r.note.fret()).distinct().count() > CROWN_SPOILS;
    }

    /** How hard it is played, and how well that is known as a logarithm. */
    private static double[] hand(List<NoteRoom> rooms, double[] crowns) {
        double[] weight = new double[HAND_STEPS];
        double[] at = new double[HAND_STEPS];
        for (int i = 0; i < HAND_STEPS; i++) {
            double log = (i / (HAND_STEPS - 1.0) - 0.5) * 2 * 2.5 * HANDS;
            at[i] = log;
            weight[i] = -log * log / 2 / HANDS / HANDS;
            for (NoteRoom room : rooms) weight[i] += SAYS * room.says(room.margin(Math.exp(log), crowns));
        }
        double[] share = normed(weight);
        double mean = 0;
        double square = 0;
        for (int i = 0; i < HAND_STEPS; i++) {
            mean += share[i] * at[i];
            square += share[i] * at[i] * at[i];
        }
        return new double[] {Math.exp(mean), Math.sqrt(Math.max(0, square - mean * mean))};
    }

    /**
     * How likely each height of a crown is, the others as they stand.
     *
     * @param lies where it lies with the shape of the board, mm
     */
    private static double[] weigh(
            int fret, double lies, List<NoteRoom> rooms, List<Rocked> rocked, double hand, double[] crowns) {
        double[] log = new double[STEPS];
        double off = rocked.stream().anyMatch(r -> r.fret() == fret) ? OFF_WHERE_ROCKED : OFF;
        for (int i = 0; i < STEPS; i++) {
            double sd = lies == 0 ? EVEN_SD : SHAPE_SD;
            double z = (height(i) - lies) / sd;
            double even = Math.exp(-z * z / 2) / sd / Math.sqrt(2 * Math.PI);
            log[i] = Math.log((1 - off) * even + off * off(height(i)));
        }
        double stood = crowns[fret];
        for (NoteRoom room : rooms) {
            if (room.note.fret() > fret || room.note.fret() < fret - REACH) continue;
            double others = room.note.fret() == fret ? 0 : room.marginBut(fret, hand, crowns);
            for (int i = 0; i < STEPS; i++) {
                crowns[fret] = height(i);
                double margin = room.note.fret() == fret
                        ? room.margin(hand, crowns)
                        : Math.min(others, room.margin(fret, hand, crowns));
                log[i] += SAYS * room.says(margin);
            }
        }
        for (Rocked rocker : rocked)
            if (Math.abs(rocker.fret() - fret) <= 1)
                for (int i = 0; i < STEPS; i++) {
                    crowns[fret] = height(i);
                    log[i] += rocker(rocker, crowns);
                }
        crowns[fret] = stood;
        return normed(log);
    }

    /** How often a crown that is not even stands so high, a mm: small faults are commoner than great ones, and marks often say only "at least so much". */
    private static double off(double height) {
        if (height < WORN - 1e-9) return 1e-6;
        return height < 0 ? WORN_SHARE / -WORN : (1 - WORN_SHARE) / USUAL_FAULT * Math.exp(-height / USUAL_FAULT);
    }

    private static double rocker(Rocked rocker, double[] crowns) {
        int m = rocker.fret();
        double over = crowns[m] - (crowns[Math.max(1, m - 1)] + crowns[Math.min(crowns.length - 1, m + 1)]) / 2;
        double rocks = ROCKER_WRONG + (1 - 2 * ROCKER_WRONG) / (1 + Math.exp(-1.7 * (over - ROCKS) / ROCKS_SD));
        return Math.log(rocker.rocks() ? rocks : 1 - rocks);
    }

    private static double height(int step) {
        return LOWEST + step * STEP;
    }

    private static double[] normed(double[] log) {
        double most = Arrays.stream(log).max().orElse(0);
        double[] share = Arrays.stream(log).map(l -> Math.exp(l - most)).toArray();
        double sum = Arrays.stream(share).sum();
        return Arrays.stream(share).map(s -> s / sum).toArray();
    }

    private static double mean(double[] weights) {
        double mean = 0;
        for (int i = 0; i < STEPS; i++) mean += weights[i] * height(i);
        return mean;
    }

    private static double spread(double[] weights) {
        double mean = mean(weights);
        double square = 0;
        for (int i = 0; i < STEPS; i++) square += weights[i] * (height(i) - mean) * (height(i) - mean);
        return Math.sqrt(square);
    }

    /** How likely it stands off by more than is noticed, to the side to which it does on the mean. */
    private static double noticed(double[] weights) {
        double up = 0;
        double down = 0;
        for (int i = 0; i < STEPS; i++) {
            if (height(i) > NOTICED + 1e-9) up += weights[i];
            if (height(i) < -NOTICED - 1e-9) down += weights[i];
        }
        return Math.max(up, down);
    }
}
