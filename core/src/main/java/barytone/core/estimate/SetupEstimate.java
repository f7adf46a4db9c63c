package barytone.core.estimate;

import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringState;
import barytone.core.reading.Evidence;
import barytone.core.reading.Means;
import barytone.core.reading.Tool;
import java.util.List;
import org.ejml.data.DMatrixRMaj;

/**
 * What is known of a setup at one moment: a joint normal distribution over the unknowns of a {@link SetupModel}, immutable.
 * Everything shown (now, verdict, stale, surprise, ripple) is derived from it and from nothing else.
 */
public final class SetupEstimate {
    private static final ProcessNoise NOISE = ProcessNoise.USUAL;

    private final SetupModel model;
    private final Gaussian state;

    private SetupEstimate(SetupModel model, Gaussian state) {
        this.model = model;
        this.state = state;
    }

    /** The estimate before anything is read. */
    public static SetupEstimate before(SetupModel model) {
        return new SetupEstimate(model, model.prior());
    }

    public SetupModel model() {
        return model;
    }

    /** What a method would read on a string now, tool noise not included, in mm. */
    public Normal now(int string, GapMethod method) {
        LinearForm form = model.line(string).form(method);
        return state.project(model.row(string, form), form.offset());
    }

    /** The mean of {@link #now(int, GapMethod)} alone, mm. */
    public double mean(int string, GapMethod method) {
        LinearForm form = model.line(string).form(method);
        return state.mean(model.row(string, form), form.offset());
    }

    /** What these means would read on a string now, scatter of tool and hand not included, in mm. */
    public Normal now(int string, GapMethod method, Means means) {
        LinearForm form = model.line(string).form(method);
        return state.project(row(string, method, form, means), form.offset());
    }

    /** The estimate after a reading by means that are off by nothing is believed. */
    public SetupEstimate given(int string, GapMethod method, Evidence evidence) {
        LinearForm form = model.line(string).form(method);
        return new SetupEstimate(model, state.given(model.row(string, form), form.offset(), evidence));
    }

    /** The estimate after a reading is believed. */
    public SetupEstimate given(int string, GapMethod method, Means means, Evidence evidence) {
        LinearForm form = model.line(string).form(method);
        return new SetupEstimate(model, state.given(row(string, method, form, means), form.offset(), evidence));
    }

    private DMatrixRMaj row(int string, GapMethod method, LinearForm form, Means means) {
        double expected = method instanceof GapMethod.Relief ? mean(string, method) : 0;
        return model.row(string, method, form, means, expected);
    }

    /**
     * How far a reading is from what was expected, in standard deviations of the difference; 0 for a one-sided finding on
     * the side where it was expected.
     */
    public double surprise(int string, GapMethod method, Means means, Evidence evidence) {
        Normal expected = now(string, method, means);
        double spread = Math.hypot(expected.sd(), evidence.sd());
        return switch (evidence) {
            case Evidence.Point point -> Math.abs(point.value() - expected.mean()) / spread;
            case Evidence.Above above -> Math.max(0, above.limit() - expected.mean()) / spread;
            case Evidence.Below below -> Math.max(0, expected.mean() - below.limit()) / spread;
        };
    }

    /**
     * The estimate after a reading is believed although it was a surprise: something moved that nobody noted, so the
     * expectation is first widened until the reading lies one sd from it.
     */
    public SetupEstimate givenAgainstExpectation(int string, GapMethod method, Means means, Evidence evidence) {
        double z = surprise(string, method, means, evidence);
        if (z <= 1) return given(string, method, means, evidence);
        LinearForm form = model.line(string).form(method);
        double spread = Math.hypot(now(string, method, means).sd(), evidence.sd());
        // the gap itself has moved: what tool and position are off by stays as it was
        Gaussian widened =
                state.widenedAlong(model.row(string, form), spread * Math.sqrt(z * z - 1), SetupModel.OFF_BY);
        return new SetupEstimate(model, widened).given(string, method, means, evidence);
    }

    /** The estimate when the height screws turn out to give something else than was thought; no height is another for that. */
    public SetupEstimate withScrewPitch(Normal pitch) {
        Gaussian other = state.forgetting(new int[] {SetupModel.PITCH}, pitch.sd())
                .shiftedAlong(
                        model.direction(new int[] {SetupModel.PITCH}, 1),
                        pitch.mean() - screwPitch().mean());
        return new SetupEstimate(model, other);
    }

    /** The setup once all that still creeps has come. */
    public SetupEstimate settled() {
        return new SetupEstimate(model, crept(1));
    }

    /** The expected setup after several moves. */
    public SetupEstimate after(List<Move> moves) {
        SetupEstimate after = this;
        for (Move move : moves) after = after.after(move);
        return after;
    }

    /** The expected setup after a move, before anything is read again. */
    public SetupEstimate after(Move move) {
        return new SetupEstimate(
                model,
                switch (move) {
                    case Move.RodTurned m -> rodTurned(m);
                    case Move.SaddleScrewed m -> after(new Move.ScrewTurned(model.only(m.string()), m.turns())).state;
                    case Move.SaddleMoved m ->
                        lifted(model.saddles(model.only(m.string())), m.change(), m.relativeSd(), NOISE.heightFloor());
                    case Move.SlotMoved m ->
                        after(new Move.SlotsLifted(model.only(m.string()), m.change(), m.relativeSd())).state;
                    case Move.ScrewTurned m -> {
                        Gaussian turned = state;
                        for (int i = 1; i <= m.shares().size(); i++) {
                            double share = m.shares().get(i - 1);
                            if (share != 0)
                                turned = turned.plusMultiple(model.saddle(i), SetupModel.PITCH, share * m.turns());
                        }
                        yield widen(
                                turned,
                                model.saddles(m.shares()),
                                Math.hypot(NOISE.screwRelative() * m.turns(), NOISE.screwFloor())
                                        * state.mean(SetupModel.PITCH));
                    }
                    case Move.SaddleLifted m ->
                        lifted(model.saddles(m.shares()), m.change(), m.relativeSd(), NOISE.sandingFloor());
                    case Move.SlotFiled m -> {
                        double depth = m.strokes() * state.mean(SetupModel.BITE);
                        yield widen(
                                state.plusMultiple(model.slot(m.string()), SetupModel.BITE, -m.strokes()),
                                model.direction(new int[] {model.slot(m.string())}, 1),
                                Math.hypot(NOISE.filingRelative() * depth, NOISE.heightFloor()));
                    }
                    case Move.SlotsLifted m ->
                        lifted(model.slots(m.shares()), m.change(), m.relativeSd(), NOISE.heightFloor());
                    case Move.SlotsUnknown m ->
                        state.forgetting(
                                m.strings().stream().mapToInt(model::slot).toArray(), SetupModel.UNKNOWN_SLOT);
                    case Move.SaddlesUnknown m ->
                        state.forgetting(
                                m.strings().stream().mapToInt(model::saddle).toArray(), SetupModel.UNKNOWN_SADDLE);
                    case Move.ReliefUnknown m ->
                        state.forgetting(
                                m.strings().stream()
                                        .mapToInt(model::side)
                                        .distinct()
                                        .toArray(),
                                SetupModel.UNKNOWN_RELIEF / model.reliefPerCurvature());
                    case Move.TensionChanged m ->
                        bothSides(
                                state.plusMultiple(SetupModel.BASS, SetupModel.COMPLIANCE, m.newtons())
                                        .plusMultiple(SetupModel.TREBLE, SetupModel.COMPLIANCE, m.newtons()),
                                NOISE.retuneRelief());
                    case Move.Retuned ignored -> bothSides(state, NOISE.retuneRelief());
                    case Move.Rested m -> rested(Math.max(0, m.time().toSeconds()) / 3600.0);
                    case Move.HumidityChanged m -> bothSides(state, NOISE.reliefPerHumidity() * Math.abs(m.points()));
                });
    }

    /**
     * The estimate after an under-string gauge was held at the saddles: whether a string stands above or below an arc that touches
     * the outer strings.
     *
     * @param weightOfFirst share of string 1 in the straight line between the outer strings at this string
     * @param evidence about this string's saddle height less that line, mm
     */
    public SetupEstimate givenAcross(int string, double weightOfFirst, Evidence evidence) {
        int last = model.strings();
        DMatrixRMaj row = model.direction(
                new int[] {model.saddle(string), model.saddle(1), model.saddle(last)},
                1,
                -weightOfFirst,
                weightOfFirst - 1);
        return new SetupEstimate(model, state.given(row, 0, evidence));
    }

    /** Expected relief change per full turn clockwise, in mm of the given habit on the given string. */
    public Normal rodResponse(int string, GapMethod.Relief habit) {
        return new Normal(state.mean(SetupModel.ROD), Math.sqrt(state.covariance(SetupModel.ROD, SetupModel.ROD)))
                .times(model.line(string).form(habit).curvature());
    }

    /** Expected height per turn of the height screws, in mm. */
    public Normal screwPitch() {
        return unknown(SetupModel.PITCH);
    }

    /** Expected depth per stroke of the nut file, in mm. */
    public Normal filingBite() {
        return unknown(SetupModel.BITE);
    }

    /** Expected relief change (standard habit) per newton of string tension, in mm. */
    public Normal compliance() {
        return unknown(SetupModel.COMPLIANCE).times(model.reliefPerCurvature());
    }

    /** What a tool is off by, in mm: positive reads too much. */
    public Normal offset(Tool tool) {
        int index = SetupModel.offset(tool);
        return index < 0 ? new Normal(0, 0) : unknown(index);
    }

    /** Slot height of a string in mm. */
    public Normal slotHeight(int string) {
        return unknown(model.slot(string));
    }

    /** Saddle height of a string in mm. */
    public Normal saddleHeight(int string) {
        return unknown(model.saddle(string));
    }

    /** The most likely state of a string, for drawing and for predictions. */
    public StringState likely(int string) {
        return model.meanState(state, string);
    }

    /** Variance and covariance of two unknowns by index; for tests of the estimator's invariants. */
    double covariance(int i, int j) {
        return state.covariance(i, j);
    }

    private Normal unknown(int index) {
        return new Normal(state.mean(index), Math.sqrt(Math.max(0, state.covariance(index, index))));
    }

    private Gaussian rodTurned(Move.RodTurned move) {
        double perTurn = Math.abs(state.mean(SetupModel.ROD)) * model.reliefPerCurvature();
        double step = Math.abs(move.turns()) * perTurn;
        double relative = move.mayRunFree() ? 1 : NOISE.rodRelative();
        double sd = Math.hypot(relative * step, NOISE.rodFloor() * perTurn);
        double later = NOISE.rodCreep().mean();
        Gaussian turned = state.plusMultiples(
                SetupModel.ROD,
                new int[] {SetupModel.BASS, SetupModel.TREBLE, SetupModel.CREEP},
                (1 - later) * move.turns(),
                (1 - later) * move.turns(),
                later * move.turns());
        double perRelief = 1 / model.reliefPerCurvature();
        int[] sides = {SetupModel.BASS, SetupModel.TREBLE};
        return turned.plusNoise(List.of(
                new Gaussian.Noise(model.direction(sides, perRelief, perRelief), sd),
                new Gaussian.Noise(model.direction(sides, perRelief, -perRelief), NOISE.rodSideways() * sd),
                // what has not come yet was not seen yet either
                new Gaussian.Noise(
                        model.direction(
                                new int[] {SetupModel.CREEP, SetupModel.BASS, SetupModel.TREBLE},
                                perRelief,
                                -perRelief,
                                -perRelief),
                        NOISE.rodCreep().sd() * step),
                new Gaussian.Noise(model.saddles(model.alike()), NOISE.rodLever() * step),
                new Gaussian.Noise(
                        model.direction(new int[] {SetupModel.ROD}, 1),
                        NOISE.rodDrift() * Math.abs(move.turns() * state.mean(SetupModel.ROD)))));
    }

    /** What is still to come of the last turns, or a share of it, has come. */
    private Gaussian crept(double share) {
        if (state.covariance(SetupModel.CREEP, SetupModel.CREEP) == 0) return state;
        return state.plusMultiples(
                SetupModel.CREEP,
                new int[] {SetupModel.BASS, SetupModel.TREBLE, SetupModel.CREEP},
                share,
                share,
                -share);
    }

    /** Time passed: what creeps comes in, and everything drifts a little. */
    private Gaussian rested(double hours) {
        double came = 1 - Math.exp(-hours * 60 / NOISE.creepMinutes());
        Gaussian crept = crept(came);
        double drift = Math.hypot(
                NOISE.reliefPerRootHour() * Math.sqrt(Math.min(hours, NOISE.sittingHours())),
                NOISE.reliefPerRootDay() * Math.sqrt(hours / 24));
        return bothSides(crept, drift);
    }

    /** Widens both sides together by so many mm of relief. */
    private Gaussian bothSides(Gaussian g, double reliefSd) {
        double perRelief = 1 / model.reliefPerCurvature();
        return g.plusNoise(
                model.direction(new int[] {SetupModel.BASS, SetupModel.TREBLE}, perRelief, perRelief), reliefSd);
    }

    private Gaussian lifted(DMatrixRMaj direction, double change, double relativeSd, double floor) {
        return widen(state.shiftedAlong(direction, change), direction, Math.hypot(relativeSd * change, floor));
    }

    private static Gaussian widen(Gaussian g, DMatrixRMaj direction, double sd) {
        return g.plusNoise(direction, sd);
    }
}
