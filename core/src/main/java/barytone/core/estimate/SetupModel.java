package barytone.core.estimate;

import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import barytone.core.reading.Means;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.ejml.data.DMatrixRMaj;

/**
 * The unknowns of one instrument's setup and what is expected of them before anything is read.
 *
 * <p>State: curvature of the bass and treble side, rod response (k per turn clockwise), screw pitch (mm per turn), bite of
 * the file (mm per stroke), compliance (k per newton of string tension), the curvature that is still to creep in, what the position does to relief (mm, as it is played
 * and flat), by what share relief is really read in another habit than is said, what card and caliper are off by (mm), and per string slot height and saddle
 * height. Between the sides the curvature is interpolated by the string's place across the board.
 */
public final class SetupModel {
    static final int BASS = 0;
    static final int TREBLE = 1;
    static final int ROD = 2;
    static final int PITCH = 3;
    static final int BITE = 4;
    static final int COMPLIANCE = 5;
    static final int CREEP = 6;
    private static final int AS_PLAYED = 7;
    private static final int FLAT = 8;
    private static final int HABIT = 9;
    private static final int CARD = 10;
    private static final int CALIPER = 11;
    private static final int FIRST_STRING = 12;

    /** What belongs to the means of reading, not to the instrument. */
    static final int[] OFF_BY = {AS_PLAYED, FLAT, HABIT, CARD, CALIPER};

    /** Prior spread of relief shared by both sides and of the difference between them, in mm of relief (1 sd). */
    private static final double RELIEF_SD = 0.35;

    private static final double RELIEF_DIFFERENCE_SD = 0.08;
    /** How much more or less the outer slots may be than the middle ones: graded nuts are usual; mm (1 sd of the whole fall). */
    private static final double SLOT_FALL_SD = 0.25;

    /** The same at the saddles. */
    private static final double SADDLE_FALL_SD = 1.2;

    /** How far a slot, a saddle or the relief may be from what was thought once it moved by an amount nobody knows, mm (1 sd). */
    static final double UNKNOWN_SLOT = 0.25;

    static final double UNKNOWN_SADDLE = 1.5;
    static final double UNKNOWN_RELIEF = 0.35;

    /** One bench in ten holds or gauges another fret than it says, which reads by a third otherwise: share (1 sd). */
    private static final double OTHER_HABIT = 0.10;

    private static final double USUAL_RELIEF = 0.20;
    private static final double USUAL_DIFFERENCE = 0.03;

    private final List<StringLine> lines;
    private final GapMethod.Relief standard;
    private final double reliefPerCurvature;
    private final Priors priors;

    /**
     * @param lines the strings, string 1 (the highest) first; 1 to 12
     */
    public SetupModel(List<StringLine> lines, Priors priors) {
        Allowed.whole("strings", lines.size(), 1, 12);
        this.lines = List.copyOf(lines);
        this.priors = priors;
        this.standard = standardRelief(lines.get(0).bodyJointFret());
        this.reliefPerCurvature = lines.get(0).form(standard).curvature();
    }

    /** The habit that responses and noises are stated in: held at 1 and the body joint, gauged about midway. */
    public static GapMethod.Relief standardRelief(int bodyJointFret) {
        return new GapMethod.Relief(1, bodyJointFret, Math.max(2, bodyJointFret / 2));
    }

    public int strings() {
        return lines.size();
    }

    /** The line of a string, 1 being the highest. */
    public StringLine line(int string) {
        Allowed.whole("string", string, 1, lines.size());
        return lines.get(string - 1);
    }

    /** The habit of {@link #standardRelief} on this instrument. */
    public GapMethod.Relief standard() {
        return standard;
    }

    /** Millimetres of relief in the standard habit for a curvature of 1/mm. */
    public double reliefPerCurvature() {
        return reliefPerCurvature;
    }

    /** 0 under the lowest string, 1 under the highest. */
    double trebleShare(int string) {
        return lines.size() == 1 ? 0.5 : (lines.size() - string) / (lines.size() - 1.0);
    }

    int size() {
        return FIRST_STRING + 2 * lines.size();
    }

    int slot(int string) {
        return FIRST_STRING + 2 * (string - 1);
    }

    int saddle(int string) {
        return slot(string) + 1;
    }

    /** The unknown that holds the bow under a string: that of the nearer side. */
    int side(int string) {
        return trebleShare(string) > 0.5 ? TREBLE : BASS;
    }

    /** The coefficients of one gap over the whole state. */
    DMatrixRMaj row(int string, LinearForm form) {
        DMatrixRMaj row = new DMatrixRMaj(size(), 1);
        double treble = trebleShare(string);
        row.set(BASS, 0, form.curvature() * (1 - treble));
        row.set(TREBLE, 0, form.curvature() * treble);
        row.set(slot(string), 0, form.slotHeight());
        row.set(saddle(string), 0, form.saddleHeight());
        return row;
    }

    /**
     * The coefficients of one gap as it is read: with what the tool is off by and what the position bends.
     *
     * @param expected about what is read, mm: in proportion to it another habit reads otherwise
     */
    DMatrixRMaj row(int string, GapMethod method, LinearForm form, Means means, double expected) {
        DMatrixRMaj row = row(string, form);
        int position = means.position() == Position.FLAT ? FLAT : AS_PLAYED;
        row.set(position, 0, form.curvature() / reliefPerCurvature());
        if (method instanceof GapMethod.Relief) row.set(HABIT, 0, expected);
        int tool = offset(means.tool());
        if (tool >= 0) row.set(tool, 0, 1);
        return row;
    }

    /** The unknown that holds what a tool is off by; -1 where that is none. */
    static int offset(Tool tool) {
        return switch (tool) {
            case CARD -> CARD;
            case CALIPER -> CALIPER;
            case LEAF, RULER_HALF, RULER_64, RULER_32, RULER_MM, EYE -> -1;
        };
    }

    /** A direction with the given entries. */
    DMatrixRMaj direction(int[] indices, double... values) {
        DMatrixRMaj v = new DMatrixRMaj(size(), 1);
        for (int i = 0; i < indices.length; i++) v.set(indices[i], 0, values[i]);
        return v;
    }

    /** The saddle heights, each with a share. */
    DMatrixRMaj saddles(List<Double> shares) {
        return heights(shares, FIRST_STRING + 1);
    }

    /** The slot heights, each with a share. */
    DMatrixRMaj slots(List<Double> shares) {
        return heights(shares, FIRST_STRING);
    }

    /** The shares of what moves all strings alike. */
    List<Double> alike() {
        return Collections.nCopies(strings(), 1.0);
    }

    /** The share of a support that carries one string alone. */
    List<Double> only(int string) {
        List<Double> shares = new ArrayList<>();
        for (int s = 1; s <= strings(); s++) shares.add(s == string ? 1.0 : 0.0);
        return shares;
    }

    private DMatrixRMaj heights(List<Double> shares, int first) {
        Allowed.whole("shares", shares.size(), strings(), strings());
        DMatrixRMaj v = new DMatrixRMaj(size(), 1);
        for (int i = 0; i < shares.size(); i++) v.set(first + 2 * i, 0, shares.get(i));
        return v;
    }

    /** What is expected before the first reading. */
    Gaussian prior() {
        int n = size();
        double perRelief = 1 / reliefPerCurvature();
        DMatrixRMaj mean = new DMatrixRMaj(n, 1);
        mean.set(BASS, 0, (USUAL_RELIEF + USUAL_DIFFERENCE / 2) * perRelief);
        mean.set(TREBLE, 0, (USUAL_RELIEF - USUAL_DIFFERENCE / 2) * perRelief);
        mean.set(ROD, 0, priors.rodReliefPerTurn().mean() * perRelief);
        mean.set(PITCH, 0, priors.screwPitch().mean());
        mean.set(BITE, 0, priors.filingBite().mean());
        mean.set(COMPLIANCE, 0, priors.reliefPerNewton().mean() * perRelief);
        mean.set(AS_PLAYED, 0, Position.PLAYING.bow());
        mean.set(FLAT, 0, Position.FLAT.bow());
        double k = mean.get(BASS, 0);
        for (int i = 1; i <= strings(); i++) {
            mean.set(slot(i), 0, priors.slotHeight());
            mean.set(saddle(i), 0, line(i).saddleHeightFor(12, priors.actionAt12(), k, priors.slotHeight()));
        }
        List<Gaussian.Noise> spread = new ArrayList<>();
        int[] sides = {BASS, TREBLE};
        spread.add(new Gaussian.Noise(direction(sides, perRelief, perRelief), RELIEF_SD));
        spread.add(new Gaussian.Noise(direction(sides, perRelief, -perRelief), RELIEF_DIFFERENCE_SD / 2));
        spread.add(alone(ROD, perRelief, priors.rodReliefPerTurn().sd()));
        spread.add(alone(PITCH, 1, priors.screwPitch().sd()));
        spread.add(alone(BITE, 1, priors.filingBite().sd()));
        spread.add(alone(COMPLIANCE, perRelief, priors.reliefPerNewton().sd()));
        spread.add(alone(AS_PLAYED, 1, Position.PLAYING.spread()));
        spread.add(alone(FLAT, 1, Position.FLAT.spread()));
        spread.add(alone(HABIT, 1, OTHER_HABIT));
        spread.add(alone(CARD, 1, Tool.CARD.offset()));
        spread.add(alone(CALIPER, 1, Tool.CALIPER.offset()));
        DMatrixRMaj allSlots = new DMatrixRMaj(n, 1);
        DMatrixRMaj allSaddles = new DMatrixRMaj(n, 1);
        DMatrixRMaj slotFall = new DMatrixRMaj(n, 1);
        DMatrixRMaj saddleFall = new DMatrixRMaj(n, 1);
        for (int i = 1; i <= strings(); i++) {
            allSlots.set(slot(i), 0, 1);
            allSaddles.set(saddle(i), 0, 1);
            slotFall.set(slot(i), 0, 0.5 - trebleShare(i));
            saddleFall.set(saddle(i), 0, 0.5 - trebleShare(i));
            spread.add(alone(slot(i), 1, priors.slotHeightSd() / 2));
            spread.add(alone(saddle(i), 1, priors.saddleHeightSd() / 2));
        }
        spread.add(new Gaussian.Noise(allSlots, priors.slotHeightSd()));
        spread.add(new Gaussian.Noise(allSaddles, priors.saddleHeightSd()));
        spread.add(new Gaussian.Noise(slotFall, SLOT_FALL_SD));
        spread.add(new Gaussian.Noise(saddleFall, SADDLE_FALL_SD));
        return new Gaussian(mean, new DMatrixRMaj(n, n)).plusNoise(spread);
    }

    private Gaussian.Noise alone(int unknown, double factor, double sd) {
        return new Gaussian.Noise(direction(new int[] {unknown}, factor), sd);
    }

    /** A state in mm and 1/mm for the string, from the means of a distribution. */
    StringState meanState(Gaussian g, int string) {
        double treble = trebleShare(string);
        return new StringState(
                (1 - treble) * g.mean(BASS) + treble * g.mean(TREBLE), g.mean(slot(string)), g.mean(saddle(string)));
    }
}
