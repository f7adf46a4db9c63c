package barytone.core.station.action;

import barytone.core.bridge.SaddleArc;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Fit;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Look;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.job.Station;
import barytone.core.job.SurpriseTest;
import barytone.core.job.TakenReading;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What was turned, sanded and looked at at the bridge. */
final class ActionReplay implements RoomReplay {
    /** A turn that promised less than this, or than so many spreads of the tool, tells nothing by its absence; mm. */
    private static final double PROMISED = 0.10;

    private static final double PROMISED_SDS = 3;

    /** A height that moved less than this share of what was promised did not move. */
    private static final double UNMOVED = 0.25;

    /** How sure hand and ear are that a string rings clear of a gauge, mm (1 sd). */
    private static final double GAUGE_SPREAD = 0.03;

    /** A string that buzzes on a gauge may still stand this far above it, mm. */
    private static final double TOUCHING = 0.02;

    /** A thread gives something else than is thought when turns come to so much more, or so much less, than they promised … */
    private static final double MORE = 1.25;

    private static final double LESS = 0.8;

    /** … and not to what no thread gives. */
    private static final double LEAST_SHARE = 0.3;

    private static final double MOST_SHARE = 4;

    /** So many strings, of so many turns: one miscounted turn is no other thread. */
    private static final int TELLING = 2;

    /** How well it is known then, as a share of it. */
    private static final double KNOWN_THEN = 0.15;

    private final InstrumentSpec spec;
    /** What the strings of each turn came to as a share of what was promised, where that was a surprise. */
    private final Map<Long, Map<Integer, Double>> shares = new TreeMap<>();

    private final Fit fit;
    private final List<Turns> screws;
    private final Map<Integer, LastTurn> lastTurns = new HashMap<>();
    private @Nullable BridgeTravel travel;
    private @Nullable Double proud;
    private boolean sanded;
    private int shims;
    private ActionEvent.@Nullable NeckAngleRead neckAngle;
    private ActionEvent.@Nullable GaugePatternRead pattern;

    /** The last turn of height screws that moved a string. */
    private record LastTurn(long seq, SetupEstimate before) {}

    ActionReplay(InstrumentSpec spec) {
        this.spec = spec;
        this.fit = new Fit(spec);
        this.screws = new ArrayList<>(Collections.nCopies(spec.supports().size(), Turns.NONE));
    }

    @Override
    public boolean fits(JobEvent event) {
        return switch (event) {
            case ActionEvent.ActionTargetSet e ->
                e.target().bands().size() == spec.strings()
                        && fit.onTheBoard(e.target().method());
            case ActionEvent.GaugePatternRead e -> e.ringing().stream().allMatch(string -> string <= spec.strings());
            default -> true;
        };
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        if (logged.event() instanceof JobEvent.StringsChanged) lastTurns.clear();
        if (!(logged.event() instanceof ActionEvent event)) return;
        switch (event) {
            case ActionEvent.BridgeScrewed e -> screwed(logged.seq(), e, job);
            case ActionEvent.SaddleReworked e -> reworked(e);
            case ActionEvent.NeckShimmed ignored -> shims++;
            case ActionEvent.GaugePatternRead e -> {
                job.pass(logged.at());
                pattern = e;
                across(e, job);
            }
            case ActionEvent.SaddleProudRead e -> proud = e.proud();
            case ActionEvent.TravelRead e -> travel = BridgeTravel.of(e, screws.size());
            case ActionEvent.NeckAngleRead e -> neckAngle = e;
            case ActionEvent.ActionTargetSet ignored -> {}
        }
    }

    private void screwed(long seq, ActionEvent.BridgeScrewed turned, Progress job) {
        double pitch = job.estimate().screwPitch().mean();
        travelled(turned.screws().stream().map(t -> t.value() * pitch).toList());
        for (int s : turned.touches(spec)) lastTurns.put(s, new LastTurn(seq, job.estimate()));
        for (int j = 0; j < Math.min(turned.screws().size(), screws.size()); j++)
            screws.set(j, screws.get(j).plus(turned.screws().get(j)));
    }

    private void reworked(ActionEvent.SaddleReworked e) {
        travelled(List.of(e.bass(), e.treble()));
        if (e.way() == ActionEvent.SaddleReworked.Way.RENEWED) {
            // another saddle: nobody has looked at it, and nothing is off it yet
            sanded = false;
            proud = null;
            return;
        }
        sanded |= Math.min(e.bass(), e.treble()) < 0;
        if (proud != null) proud = Math.max(0, proud + Math.min(e.bass(), e.treble()));
    }

    private void travelled(List<Double> changes) {
        if (travel != null) travel = travel.after(changes);
    }

    private void across(ActionEvent.GaugePatternRead e, Progress job) {
        List<Double> z = spec.acrossBridge();
        double first = z.getFirst();
        double last = z.getLast();
        for (int s = 2; s < spec.strings(); s++) {
            double weight = (z.get(s - 1) - last) / (first - last);
            // the gauge's arc over the chord, less what the board itself falls away
            double limit = SaddleArc.rise(e.radius(), z, s) - boardRise(z, s, weight);
            Evidence evidence = e.ringing().contains(s)
                    ? new Evidence.Above(limit, GAUGE_SPREAD)
                    : new Evidence.Below(limit + TOUCHING, GAUGE_SPREAD);
            job.learn(job.estimate().givenAcross(s, weight, evidence));
        }
    }

    private double boardRise(List<Double> z, int string, double weight) {
        double x = spec.line().saddle();
        return -spec.board().fall(x, z.get(string - 1))
                + weight * spec.board().fall(x, z.getFirst())
                + (1 - weight) * spec.board().fall(x, z.getLast());
    }

    @Override
    public void uncounted(List<Integer> strings, Progress job) {
        job.move(new Move.SaddlesUnknown(strings));
        job.touched(Station.ACTION, strings);
        // a turn ticked before says nothing of where the saddle stands now
        lastTurns.keySet().removeAll(strings);
    }

    @Override
    public Optional<Move> unknown(List<Integer> strings) {
        return Optional.of(new Move.SaddlesUnknown(strings));
    }

    /**
     * What a string answered to the last turn of its screws.
     *
     * @param turn its place in the log
     * @param promised change of what is read, mm
     * @param came of it, mm
     */
    private record Answer(long turn, double promised, double came) {}

    /** The first reading of a string after a turn of its screws, against what the turn promised; null where it says nothing of it. */
    private @Nullable Answer answer(JobEvent.ReadingTaken e, Evidence evidence, Normal expected, Progress job) {
        LastTurn turn = lastTurns.get(e.string());
        Look look = job.looks(Station.ACTION).get(e.string());
        if (turn == null
                || look == null
                || look.seq() > turn.seq()
                || Station.of(e.method()) != Station.ACTION
                || !(evidence instanceof Evidence.Point point)) return null;
        double before = turn.before().now(e.string(), e.method(), e.means()).mean();
        Answer answer = new Answer(turn.seq(), expected.mean() - before, point.value() - before);
        return Math.abs(answer.promised()) > Math.max(PROMISED, PROMISED_SDS * point.sd()) ? answer : null;
    }

    /**
     * The turn of height screws that seems not to have been made: the string reads what it read before it, though much more was promised. A tick too
     * many is likelier than a thread that gives next to nothing.
     */
    @Override
    public @Nullable Long notMade(JobEvent.ReadingTaken e, Evidence evidence, Normal expected, Progress job) {
        Answer answer = answer(e, evidence, expected, job);
        return answer != null
                        && Math.abs(answer.came()) < Math.max(UNMOVED * Math.abs(answer.promised()), evidence.sd())
                ? answer.turn()
                : null;
    }

    @Override
    public void believed(TakenReading taken, boolean blind, Progress job) {
        JobEvent.ReadingTaken e = taken.reading();
        Answer answer = answer(e, taken.evidence(), job.estimate().now(e.string(), e.method(), e.means()), job);
        if (answer == null || taken.unturned() != null || !SurpriseTest.surprising(job.estimate(), e, taken.evidence()))
            return;
        double share = answer.came() / answer.promised();
        if (share < LEAST_SHARE || share > MOST_SHARE) return;
        shares.computeIfAbsent(answer.turn(), turn -> new TreeMap<>()).put(e.string(), share);
        otherThread(job);
    }

    /** Turn after turn came to more, or less, than the thread that is stated would give: believed at last, it is another thread. */
    private void otherThread(Progress job) {
        List<Map<Integer, Double>> telling = shares.values().stream()
                .filter(turn -> turn.size() >= TELLING)
                .filter(turn -> turn.values().stream().allMatch(s -> s > MORE)
                        || turn.values().stream().allMatch(s -> s < LESS))
                .toList();
        if (telling.size() < TELLING) return;
        double share = telling.getLast().values().stream()
                .mapToDouble(s -> s)
                .average()
                .orElseThrow();
        double pitch = job.estimate().screwPitch().mean() * share;
        job.learn(job.estimate().withScrewPitch(new Normal(pitch, KNOWN_THEN * pitch)));
        shares.clear();
    }

    @Override
    public ActionState state(Setups setups) {
        return new ActionState(screws, travel, proud, sanded, shims, neckAngle, pattern);
    }
}
