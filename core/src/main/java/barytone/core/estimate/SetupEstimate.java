package barytone.core.estimate;

import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringState;
import barytone.core.reading.Evidence;

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

    /** The estimate after a reading is believed. */
    public SetupEstimate given(int string, GapMethod method, Evidence evidence) {
        LinearForm form = model.line(string).form(method);
        return new SetupEstimate(model, state.given(model.row(string, form), form.offset(), evidence));
    }

    /**
     * How far a reading is from what was expected, in standard deviations of the difference; 0 for a one-sided finding on
     * the side where it was expected.
     */
    public double surprise(int string, GapMethod method, Evidence evidence) {
        Normal expected = now(string, method);
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
    public SetupEstimate givenAgainstExpectation(int string, GapMethod method, Evidence evidence) {
        double z = surprise(string, method, evidence);
        if (z <= 1) return given(string, method, evidence);
        LinearForm form = model.line(string).form(method);
        double spread = Math.hypot(now(string, method).sd(), evidence.sd());
        Gaussian widened = state.widenedAlong(model.row(string, form), spread * Math.sqrt(z * z - 1));
        return new SetupEstimate(model, widened).given(string, method, evidence);
    }

    /** The expected setup after a move, before anything is read again. */
    public SetupEstimate after(Move move) {
        return new SetupEstimate(
                model,
                switch (move) {
                    case Move.RodTurned m -> rodTurned(m);
                    case Move.SaddleScrewed m -> {
                        double change = m.turns() * state.mean(SetupModel.PITCH);
                        yield widen(
                                state.plusMultiple(model.saddle(m.string()), SetupModel.PITCH, m.turns()),
                                model.saddle(m.string()),
                                NOISE.screwRelative() * change);
                    }
                    case Move.SaddleMoved m ->
                        widen(
                                state.shifted(model.saddle(m.string()), m.change()),
                                model.saddle(m.string()),
                                m.relativeSd() * m.change());
                    case Move.SlotFiled m -> {
                        double depth = m.strokes() * state.mean(SetupModel.BITE);
                        yield widen(
                                state.plusMultiple(model.slot(m.string()), SetupModel.BITE, -m.strokes()),
                                model.slot(m.string()),
                                NOISE.filingRelative() * depth);
                    }
                    case Move.SlotMoved m ->
                        widen(
                                state.shifted(model.slot(m.string()), m.change()),
                                model.slot(m.string()),
                                m.relativeSd() * m.change());
                    case Move.TensionChanged m ->
                        bothSides(
                                state.plusMultiple(SetupModel.BASS, SetupModel.COMPLIANCE, m.newtons())
                                        .plusMultiple(SetupModel.TREBLE, SetupModel.COMPLIANCE, m.newtons()),
                                NOISE.rodFloor());
                    case Move.Retuned ignored -> bothSides(state, NOISE.retuneRelief());
                    case Move.Rested m ->
                        bothSides(
                                state,
                                NOISE.reliefPerRootDay()
                                        * Math.sqrt(Math.max(0, m.time().toSeconds()) / 86400.0));
                    case Move.HumidityChanged m -> bothSides(state, NOISE.reliefPerHumidity() * Math.abs(m.points()));
                });
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
        double step = Math.abs(move.turns() * state.mean(SetupModel.ROD)) * model.reliefPerCurvature();
        double relative = move.mayRunFree() ? 1 : NOISE.rodRelative();
        double sd = Math.max(relative * step, NOISE.rodFloor());
        Gaussian turned = state.plusMultiple(SetupModel.BASS, SetupModel.ROD, move.turns())
                .plusMultiple(SetupModel.TREBLE, SetupModel.ROD, move.turns());
        double perRelief = 1 / model.reliefPerCurvature();
        return bothSides(turned, sd)
                .plusNoise(
                        model.direction(new int[] {SetupModel.BASS, SetupModel.TREBLE}, perRelief, -perRelief),
                        NOISE.rodSideways() * sd)
                .plusNoise(
                        model.direction(new int[] {SetupModel.ROD}, 1),
                        NOISE.rodDrift() * Math.abs(move.turns() * state.mean(SetupModel.ROD)));
    }

    /** Widens both sides together by so many mm of relief. */
    private Gaussian bothSides(Gaussian g, double reliefSd) {
        double perRelief = 1 / model.reliefPerCurvature();
        return g.plusNoise(
                model.direction(new int[] {SetupModel.BASS, SetupModel.TREBLE}, perRelief, perRelief), reliefSd);
    }

    private Gaussian widen(Gaussian g, int index, double sd) {
        return g.plusNoise(model.direction(new int[] {index}, 1), Math.max(Math.abs(sd), NOISE.heightFloor()));
    }
}
