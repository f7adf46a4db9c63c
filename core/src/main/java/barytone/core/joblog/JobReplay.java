package barytone.core.joblog;

import barytone.core.bridge.SaddleArc;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.plan.Station;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Computes the state of a job from its log. The same log always gives the same state. */
public final class JobReplay {
    /** A reading this many standard deviations from the expected one is measured again before it is believed. */
    public static final double SURPRISE = 3;

    /** A turn that promised less than this, or than so many spreads of the tool, tells nothing by its absence; mm. */
    private static final double PROMISED = 0.10;

    private static final double PROMISED_SDS = 3;

    /** A height that moved less than this share of what was promised did not move. */
    private static final double UNMOVED = 0.25;

    /** Later than this a neck has drifted, and the same leaves tell something again. */
    private static final Duration SAME_MOMENT = Duration.ofMinutes(3);

    /** How sure hand and ear are that a string rings clear of a gauge, mm (1 sd). */
    private static final double GAUGE_SPREAD = 0.03;

    /** A string that buzzes on a gauge may still stand this far above it, mm. */
    private static final double TOUCHING = 0.02;

    private final InstrumentSpec spec;
    private final Set<Long> undone;
    private final Set<Long> kept = new HashSet<>();
    private final Set<Long> movedBefore = new HashSet<>();
    private final Set<Long> dropped = new HashSet<>();
    private final Set<Long> ranFree = new HashSet<>();
    private final Set<Long> otherWay = new HashSet<>();
    private boolean reversed;
    private boolean clockwiseBack;
    private final ToneHistory tones;
    private final PickupHistory pickups;

    private SetupEstimate estimate;
    /** The setup as it was estimated last before each move. */
    private final List<SetupEstimate> standing = new ArrayList<>();

    private final List<TakenReading> readings = new ArrayList<>();

    private final Hand hand = new Hand();
    private final Leverage leverage;
    private final RodHistory rod;
    private Turns netTurns = Turns.NONE;
    private Turns freeTurns = Turns.NONE;
    private OptionalLong offPitchSince = OptionalLong.empty();
    private @Nullable Instant settledAt;
    private @Nullable Instant last;

    /** The places of what does not fit the instrument, since corrected. */
    private final Set<Long> unfit = new HashSet<>();

    private final Fit fit;

    /** When the entry before was made, as the clock stood then. */
    private @Nullable Instant latest;

    private int stiffReports;
    private JobDefaults chosen;
    private final Map<Station, Map<Integer, Look>> looks = new EnumMap<>(Station.class);
    private final Map<Integer, List<SlotFlaw>> slots = new TreeMap<>();
    private final List<Turns> screws;
    private Station lastMoved = Station.RELIEF;
    private final Map<String, Boolean> answers = new HashMap<>();
    private @Nullable BridgeTravel travel;
    private @Nullable Double proud;
    private boolean sanded;
    private int shims;
    private final Map<Integer, LastTurn> lastTurns = new HashMap<>();
    private final Map<Station, Integer> putOff = new EnumMap<>(Station.class);
    private JobEvent.@Nullable NeckAngleRead neckAngle;
    private JobEvent.@Nullable GaugePatternRead pattern;
    private boolean temporary;
    private boolean slackRod;
    private int cure;
    private boolean closed;

    /** The last turn of height screws that moved a string. */
    private record LastTurn(long seq, SetupEstimate before) {}

    private JobReplay(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> log) {
        this.spec = spec;
        this.chosen = defaults;
        this.rod = new RodHistory(spec);
        this.leverage = new Leverage(spec.line());
        this.screws = new ArrayList<>(Collections.nCopies(spec.supports().size(), Turns.NONE));
        this.undone = undone(log);
        this.fit = new Fit(spec);
        this.clockwiseBack = spec.fittings().length().head().clockwiseBack();
        // what is said later about an earlier entry counts from the start
        for (LoggedEvent logged : log) {
            if (undone.contains(logged.seq())) continue;
            switch (logged.event()) {
                case JobEvent.ReadingKept e -> kept.add(e.reading());
                case JobEvent.ReadingMoved e -> movedBefore.add(e.reading());
                case JobEvent.ReadingDropped e -> dropped.add(e.reading());
                case JobEvent.RodRanFree e -> ranFree.add(e.turn());
                case JobEvent.RodTurnedOtherWay e -> otherWay.add(e.turn());
                case JobEvent.RodDirectionLearned e -> reversed = e.straightensAnticlockwise();
                case JobEvent.LengthDirectionLearned e -> clockwiseBack = e.clockwiseBack();
                default -> {}
            }
        }
        this.estimate = SetupEstimate.before(spec.model(reversed));
        this.tones = new ToneHistory(spec, clockwiseBack, defaults.intonation());
        this.pickups = new PickupHistory(spec);
    }

    /**
     * Replays a log.
     *
     * @param defaults what holds until the log says otherwise
     * @param log events in order of their place
     */
    public static JobState of(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> log) {
        JobReplay replay = new JobReplay(spec, defaults, log);
        for (LoggedEvent logged : log) {
            if (replay.undone.contains(logged.seq())) continue;
            if (!replay.fits(logged.event())) {
                replay.unfit.add(logged.seq());
                continue;
            }
            replay.clockAt(logged.at());
            replay.play(logged);
        }
        return replay.state();
    }

    /** The places of events that were undone and not redone. */
    public static Set<Long> undone(List<LoggedEvent> log) {
        Set<Long> undone = new HashSet<>();
        for (LoggedEvent logged : log) {
            if (logged.event() instanceof JobEvent.Undone e) undone.add(e.event());
            if (logged.event() instanceof JobEvent.Redone e) undone.remove(e.event());
        }
        return undone;
    }

    /** A clock that was set back makes no wait longer: it goes on from this entry with what was left of it. */
    private void clockAt(Instant at) {
        if (latest != null && settledAt != null && at.isBefore(latest))
            settledAt = settledAt.minus(Duration.between(at, latest));
        latest = at;
    }

    private boolean fits(JobEvent event) {
        return fit.of(event) && tones.fits(event) && pickups.fits(event);
    }

    private void play(LoggedEvent logged) {
        switch (logged.event()) {
            case JobEvent.ReadingTaken e -> read(logged, e);
            case JobEvent.RodTurned e -> turn(logged, e);
            case JobEvent.Moved e -> {
                pass(logged.at());
                leverage.otherwiseMoved();
                move(e.move());
            }
            case JobEvent.Adjustment e -> adjust(logged, e);
            case JobEvent.SlotChecked e -> slots.put(e.string(), e.flaws());
            case JobEvent.GaugePatternRead e -> {
                pass(logged.at());
                pattern = e;
                across(e);
            }
            case JobEvent.SaddleProudRead e -> proud = e.proud();
            case JobEvent.TravelRead e -> travel = BridgeTravel.of(e, screws.size());
            case JobEvent.NeckAngleRead e -> neckAngle = e;
            case JobEvent.Retuned ignored -> {
                atPitch();
                tones.retuned();
            }
            case JobEvent.PitchRead e -> {
                pass(logged.at());
                boolean broughtBack = tones.read(logged.seq(), e, setups());
                if (broughtBack) atPitch();
            }
            case JobEvent.IntonationSet e -> tones.ways(e.ways());
            case JobEvent.LengthDirectionLearned ignored -> {}
            case JobEvent.LengthTravelRead e -> tones.travel(e);
            case JobEvent.SaddlePlacesRead e -> tones.places(e.places());
            case JobEvent.StringsStated e -> tones.age(e.age());
            case JobEvent.Stretched e -> tones.stretched(e);
            case JobEvent.StringRenewed e -> {
                pass(logged.at());
                lastMoved = Station.INTONATION;
                offPitchSince = OptionalLong.of(logged.seq());
                tones.renewed(e.string(), setups());
            }
            case JobEvent.PickupRead e -> {
                pass(logged.at());
                pickups.read(e, setups());
            }
            case JobEvent.PickupTargetSet e -> chosen = chosen.with(e.target());
            case JobEvent.PickupTurned e -> pickups.turned(e);
            case JobEvent.PickupChecked e -> pickups.signs(e);
            case JobEvent.PickupsLowered e -> pickups.lowered(e.down());
            case JobEvent.LevelHeard e -> pickups.level(e);
            case JobEvent.MovedUncounted e -> {
                // what was moved pulls otherwise: at pitch again before it is read
                adjusting(logged);
                tones.slackened(spec.everyString());
                uncounted(e.station(), e.strings());
            }
            case JobEvent.StringsChanged ignored -> otherStrings(logged);
            case JobEvent.PutOff e -> putOff.merge(e.station(), 1, Integer::sum);
            case JobEvent.SettlingSkipped ignored -> settledAt = null;
            case JobEvent.RodStiff ignored -> stiffReports++;
            case JobEvent.TargetSet e -> chosen = chosen.with(e.target(), chosen.reliefHabit());
            case JobEvent.HabitSet e -> chosen = chosen.with(chosen.relief(), e.habit());
            case JobEvent.HeightHabitSet e -> chosen = chosen.with(e.habit());
            case JobEvent.NutTargetSet e -> chosen = chosen.with(e.target());
            case JobEvent.ActionTargetSet e -> chosen = chosen.with(e.target());
            case JobEvent.RodWaysSet e -> chosen = chosen.with(e.ways());
            case JobEvent.OrderSet e -> chosen = chosen.with(e.order());
            case JobEvent.ScopeSet e -> chosen = chosen.scope(Set.copyOf(e.stations()));
            case JobEvent.Answered e -> answers.put(e.topic(), e.done());
            case JobEvent.Closed ignored -> closed = true;
            case JobEvent.Reopened ignored -> closed = false;
            case JobEvent.ReadingKept ignored -> {}
            case JobEvent.ReadingMoved ignored -> {}
            case JobEvent.ReadingDropped ignored -> {}
            case JobEvent.RodRanFree ignored -> {}
            case JobEvent.RodTurnedOtherWay ignored -> {}
            case JobEvent.RodDirectionLearned ignored ->
                rod.measured().ifPresent(s -> answers.put(JobState.wayOf(s), true));
            case JobEvent.NoteWritten ignored -> {}
            case JobEvent.Undone ignored -> {}
            case JobEvent.Redone ignored -> {}
        }
    }

    private void atPitch() {
        if (offPitchSince.isPresent()) estimate = estimate.after(new Move.Retuned());
        offPitchSince = OptionalLong.empty();
    }

    private Setups setups() {
        return new Setups(standing, estimate, cure);
    }

    private void pass(Instant at) {
        if (last != null && at.isAfter(last)) estimate = estimate.after(new Move.Rested(Duration.between(last, at)));
        last = at;
    }

    /** Anything that changes heights takes the strings off pitch. */
    private void adjusting(LoggedEvent logged) {
        pass(logged.at());
        offPitchSince = OptionalLong.of(logged.seq());
    }

    private void move(Move move) {
        standing.add(estimate);
        estimate = estimate.after(move);
        SetupEstimate before = standing.getLast();
        // what a move is expected to change; what is only learned of a height later does not move it
        for (Map<Integer, Look> station : looks.values())
            station.replaceAll((string, look) ->
                    look.moved(estimate.mean(string, look.reading().method())
                            - before.mean(string, look.reading().method())));
    }

    /** Something was moved, and nobody knows by how much. */
    private void uncounted(Station station, List<Integer> strings) {
        leverage.otherwiseMoved();
        switch (station) {
            case RELIEF -> {
                move(new Move.ReliefUnknown(spec.everyString()));
                touched(Station.ACTION, spec.everyString());
                touched(Station.RELIEF, spec.everyString());
            }
            case NUT -> {
                move(new Move.SlotsUnknown(strings));
                touched(Station.ACTION, strings);
                touched(Station.NUT, strings);
            }
            case ACTION -> {
                move(new Move.SaddlesUnknown(strings));
                touched(Station.ACTION, strings);
                // a turn ticked before says nothing of where the saddle stands now
                lastTurns.keySet().removeAll(strings);
            }
            case INTONATION, PICKUPS -> {}
        }
    }

    /** Another set pulls otherwise and sits otherwise: what was read before says nothing of it. */
    private void otherStrings(LoggedEvent logged) {
        leverage.otherwiseMoved();
        adjusting(logged);
        move(new Move.ReliefUnknown(spec.everyString()));
        estimate = estimate.after(new Move.SlotsUnknown(spec.everyString()))
                .after(new Move.SaddlesUnknown(spec.everyString()));
        looks.clear();
        lastTurns.clear();
        tones.slackened(spec.everyString());
        for (int s : spec.everyString()) tones.renewed(s, setups());
        pickups.restrung();
    }

    private Map<Integer, Look> looksAt(Station station) {
        return looks.computeIfAbsent(station, s -> new TreeMap<>());
    }

    private void touched(Station station, List<Integer> strings) {
        lastMoved = station;
        for (int s : strings) looksAt(station).computeIfPresent(s, (n, look) -> look.byPurpose());
    }

    private void adjust(LoggedEvent logged, JobEvent.Adjustment e) {
        adjusting(logged);
        leverage.otherwiseMoved();
        tones.slackened(e instanceof JobEvent.SaddlesMoved along ? along.strings(spec) : spec.everyString());
        if (e instanceof JobEvent.SaddlesMoved along) tones.moved(along);
        if (e instanceof JobEvent.BridgeScrewed turned) {
            double pitch = estimate.screwPitch().mean();
            travelled(turned.screws().stream().map(t -> t.value() * pitch).toList());
            for (int s : turned.touches(spec)) lastTurns.put(s, new LastTurn(logged.seq(), estimate));
            for (int j = 0; j < Math.min(turned.screws().size(), screws.size()); j++)
                screws.set(j, screws.get(j).plus(turned.screws().get(j)));
        }
        if (e instanceof JobEvent.SaddleReworked reworked) reworked(reworked);
        if (e instanceof JobEvent.NeckShimmed) shims++;
        if (e instanceof JobEvent.NutReworked nut) temporary |= nut.way().temporary();
        e.moves(spec).forEach(this::move);
        // a slot of unknown height is one end of the line that the action is read under
        if (e instanceof JobEvent.NutReworked && e.unknown(spec).isPresent()) touched(Station.ACTION, e.touches(spec));
        touched(e.station(), e.touches(spec));
        e.unknown(spec).ifPresent(unknown -> {
            estimate = estimate.after(unknown);
            // not changed by a number that nobody knows: not read
            e.touches(spec).forEach(looksAt(e.station())::remove);
        });
    }

    private void reworked(JobEvent.SaddleReworked e) {
        travelled(List.of(e.bass(), e.treble()));
        if (e.way() == JobEvent.SaddleReworked.Way.RENEWED) {
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

    private void across(JobEvent.GaugePatternRead e) {
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
            estimate = estimate.givenAcross(s, weight, evidence);
        }
    }

    private double boardRise(List<Double> z, int string, double weight) {
        double x = spec.line().saddle();
        return -spec.board().fall(x, z.get(string - 1))
                + weight * spec.board().fall(x, z.getFirst())
                + (1 - weight) * spec.board().fall(x, z.getLast());
    }

    private void turn(LoggedEvent logged, JobEvent.RodTurned e) {
        adjusting(logged);
        tones.slackened(spec.everyString());
        stiffReports = 0;
        boolean bentBack =
                looksAt(Station.RELIEF).values().stream().map(Look::reading).anyMatch(r -> r.noGap() || r.mm() < 0);
        boolean curing = cure == standing.size() && (bentBack || slackRod);
        slackRod = e.free() || ranFree.contains(logged.seq());
        if (slackRod) {
            freeTurns = freeTurns.plus(e.net());
            return;
        }
        Turns net = otherWay.contains(logged.seq()) ? e.net().negated() : e.net();
        rod.turned(logged.seq(), net, estimate);
        move(new Move.RodTurned(net.value(), rod.mayRunFree(net)));
        if (curing) cure = standing.size();
        netTurns = netTurns.plus(net);
        touched(Station.RELIEF, spec.everyString());
        int minutes = chosen.ways().settleMinutes();
        settledAt = minutes == 0 ? null : logged.at().plus(Duration.ofMinutes(minutes));
    }

    private void read(LoggedEvent logged, JobEvent.ReadingTaken e) {
        pass(logged.at());
        Station station = Station.of(e.method());
        if (movedBefore.contains(logged.seq())) uncounted(station, List.of(e.string()));
        boolean early = settledAt != null && logged.at().isBefore(settledAt);
        Evidence evidence = Evidence.of(e.gap(), e.method(), e.tool(), hand.repeatability());
        Normal expected = estimate.now(e.string(), e.method(), e.means());
        Long unturned = unturned(e, evidence, expected);
        ReadingStatus status = status(logged.seq(), e, evidence, unturned);
        TakenReading taken = new TakenReading(
                logged.seq(), logged.at(), e, evidence, expected, status, early, standing.size(), unturned);
        if (status == ReadingStatus.SURPRISING && agreesWithDoubted(taken)) taken = taken.with(ReadingStatus.BELIEVED);
        readings.add(taken);
        if (taken.status() == ReadingStatus.BELIEVED) believe(taken);
    }

    /**
     * The turn of height screws that seems not to have been made: the string reads what it read before it, though much more was promised. A tick too
     * many is likelier than a thread that gives next to nothing.
     */
    private @Nullable Long unturned(JobEvent.ReadingTaken e, Evidence evidence, Normal expected) {
        LastTurn turn = lastTurns.get(e.string());
        Look look = looksAt(Station.ACTION).get(e.string());
        if (turn == null
                || look == null
                || look.seq() > turn.seq()
                || Station.of(e.method()) != Station.ACTION
                || !(evidence instanceof Evidence.Point point)) return null;
        double before = turn.before().now(e.string(), e.method(), e.means()).mean();
        double promised = expected.mean() - before;
        boolean much = Math.abs(promised) > Math.max(PROMISED, PROMISED_SDS * evidence.sd());
        boolean still = Math.abs(point.value() - before) < Math.max(UNMOVED * Math.abs(promised), evidence.sd());
        return much && still ? turn.seq() : null;
    }

    private ReadingStatus status(long seq, JobEvent.ReadingTaken e, Evidence evidence, @Nullable Long unturned) {
        if (dropped.contains(seq)) return ReadingStatus.DROPPED;
        if (kept.contains(seq) || movedBefore.contains(seq)) return ReadingStatus.BELIEVED;
        if (offPitchSince.isPresent()) return ReadingStatus.OFF_PITCH;
        if (unturned != null) return ReadingStatus.SURPRISING;
        // the first reading at a station has only a usual value to be compared with, and after no gap anything is
        // likely
        boolean anythingKnown = !looksAt(Station.of(e.method())).isEmpty() && !blind(e);
        return anythingKnown && estimate.surprise(e.string(), e.method(), e.means(), evidence) > SURPRISE
                ? ReadingStatus.SURPRISING
                : ReadingStatus.BELIEVED;
    }

    /** Whether the last reading of this height found no gap, so that nothing is known of it but that. */
    private boolean blind(JobEvent.ReadingTaken e) {
        Look look = looksAt(Station.of(e.method())).get(e.string());
        return look != null && look.reading().noGap();
    }

    private boolean sameQuantity(TakenReading earlier, TakenReading later) {
        return earlier.string() == later.string() && earlier.station() == later.station();
    }

    /** A second reading that says the same as a doubted one of the same height settles the doubt: both are believed. */
    private boolean agreesWithDoubted(TakenReading taken) {
        for (int i = readings.size() - 1; i >= 0; i--) {
            TakenReading earlier = readings.get(i);
            if (earlier.status() != ReadingStatus.SURPRISING
                    || earlier.afterMoves() != standing.size()
                    || !sameQuantity(earlier, taken)) continue;
            JobEvent.ReadingTaken first = earlier.reading();
            SetupEstimate ifTrue =
                    estimate.givenAgainstExpectation(first.string(), first.method(), first.means(), earlier.evidence());
            JobEvent.ReadingTaken second = taken.reading();
            if (ifTrue.surprise(second.string(), second.method(), second.means(), taken.evidence()) > SURPRISE)
                continue;
            TakenReading believed = earlier.with(ReadingStatus.BELIEVED);
            readings.set(i, believed);
            believe(believed);
            return true;
        }
        return false;
    }

    private void believe(TakenReading taken) {
        JobEvent.ReadingTaken e = taken.reading();
        leverage.read(taken);
        boolean blind = blind(e);
        if (!blind && !taken.noGap())
            rod.answered(e, taken.evidence(), estimate.model().standard());
        else if (taken.station() == Station.RELIEF) rod.unmeasured(!taken.noGap());
        // an earlier doubted reading of the same height is answered by one that fits
        for (int i = 0; i < readings.size(); i++) {
            TakenReading other = readings.get(i);
            if (other.seq() < taken.seq() && other.status() == ReadingStatus.SURPRISING && sameQuantity(other, taken))
                readings.set(i, other.with(ReadingStatus.DROPPED));
        }
        if (!saysNothingNew(taken)) {
            // a height that is not where its move should have brought it says nothing of thread or file: more likely
            // the move was not made as it was noted
            boolean astray = taken.station() != Station.RELIEF
                    && !looksAt(taken.station()).isEmpty()
                    && estimate.surprise(e.string(), e.method(), e.means(), taken.evidence()) > SURPRISE;
            if (blind || taken.noGap() || taken.unturned() != null || astray)
                estimate = estimate.after(unknown(taken.station(), e.string()));
            estimate = estimate.surprise(e.string(), e.method(), e.means(), taken.evidence()) > SURPRISE
                    ? estimate.givenAgainstExpectation(e.string(), e.method(), e.means(), taken.evidence())
                    : estimate.given(e.string(), e.method(), e.means(), taken.evidence());
        }
        Map<Integer, Look> station = looksAt(taken.station());
        Look before = station.get(e.string());
        if (before != null && before.repeats() > 0 && sameMeans(before.reading().reading(), e))
            hand.repeated(before.reading(), taken);
        station.put(e.string(), new Look(taken, estimate, false, before == null ? 1 : before.repeats() + 1, 0));
    }

    private static boolean sameMeans(JobEvent.ReadingTaken one, JobEvent.ReadingTaken other) {
        return one.method().equals(other.method()) && one.means().equals(other.means());
    }

    /** Where no gap was found nobody knows how much is missing: neither the rod's answer nor a file's bite follows from it. */
    private static Move unknown(Station station, int string) {
        return switch (station) {
            case RELIEF -> new Move.ReliefUnknown(List.of(string));
            case NUT -> new Move.SlotsUnknown(List.of(string));
            case ACTION, INTONATION, PICKUPS -> new Move.SaddlesUnknown(List.of(string));
        };
    }

    /**
     * The same leaves that go and lift again tell nothing more of where between them the gap lies, and no gap is no gap: where none was found before and none
     * was to be expected, everything else that is known stays known.
     */
    private boolean saysNothingNew(TakenReading taken) {
        if (taken.noGap() && blind(taken.reading()) && taken.expected().mean() <= taken.mm()) return true;
        return (taken.reading().gap() instanceof Gap.Between || taken.noGap())
                && readings.stream()
                        .anyMatch(r -> r.seq() < taken.seq()
                                && r.status() == ReadingStatus.BELIEVED
                                && r.afterMoves() == taken.afterMoves()
                                && Duration.between(r.at(), taken.at()).compareTo(SAME_MOMENT) < 0
                                && r.reading().string() == taken.reading().string()
                                && r.reading().method().equals(taken.reading().method())
                                && r.reading().gap().equals(taken.reading().gap()));
    }

    private JobState state() {
        return new JobState(
                spec,
                estimate,
                standing.isEmpty() ? null : standing.getFirst(),
                List.copyOf(readings),
                rod.steps(),
                netTurns,
                freeTurns,
                offPitchSince,
                settledAt,
                latest,
                stiffReports,
                reversed,
                chosen,
                Map.copyOf(looks),
                Map.copyOf(slots),
                List.copyOf(screws),
                Map.copyOf(answers),
                travel,
                proud,
                sanded,
                shims,
                leverage.share(),
                hand.learned(),
                Map.copyOf(putOff),
                neckAngle,
                pattern,
                tones.tones(setups()),
                pickups.state(setups()),
                standing.size(),
                standing.size() <= cure,
                slackRod,
                lastMoved,
                temporary,
                closed,
                Set.copyOf(undone),
                Set.copyOf(unfit));
    }
}
