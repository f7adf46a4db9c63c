package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Band;
import barytone.core.estimate.Verdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.ReadingStatus;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodWays;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

/** Relief jobs played from event to event, as a technician would who does what the advice says. */
class RodJobTest {
    /** A job on paper: events go in, the advice comes out. */
    private static final class Paper {
        final InstrumentSpec spec;
        final ReliefTarget target;
        final ReliefHabit habit;
        final List<LoggedEvent> log = new ArrayList<>();
        Instant now = Instant.parse("2031-03-04T09:00:00Z");

        Paper(InstrumentSpec spec) {
            this.spec = spec;
            this.target = ReliefSchool.MIDDLE.target(spec, Touch.MEDIUM);
            this.habit = new ReliefHabit(target.method(), Tool.LEAF, Position.PLAYING, false);
        }

        Paper add(JobEvent event) {
            now = now.plusSeconds(20);
            log.add(new LoggedEvent(log.size() + 1L, now, event));
            return this;
        }

        Paper read(double bass, double treble) {
            return readOne(spec.bassString(), bass).readOne(1, treble);
        }

        Paper readOne(int string, double mm) {
            return add(new JobEvent.ReadingTaken(
                    string, habit.method(), Tool.LEAF, new Gap.Of(mm), Position.PLAYING, String.valueOf(mm)));
        }

        Paper turn(int sixteenths) {
            return add(new ReliefEvent.RodTurned(new Turns(sixteenths), false, false));
        }

        Paper retune() {
            return add(new JobEvent.Retuned());
        }

        Paper wait(int minutes) {
            now = now.plus(Duration.ofMinutes(minutes));
            return this;
        }

        JobState state() {
            return Stations.replay(
                    spec,
                    Stations.usual(spec, Touch.MEDIUM)
                            .choosing(target)
                            .with(habit)
                            .scope(Set.of(Station.RELIEF)),
                    log);
        }

        Advice advice() {
            return NextMove.advise(state(), Outfit.USUAL, now);
        }
    }

    private static InstrumentSpec electric() {
        return InstrumentKind.ELECTRIC.usual();
    }

    private static InstrumentSpec withRod(RodType rod) {
        InstrumentSpec e = electric();
        return new InstrumentSpec(
                e.kind(),
                e.tuning(),
                e.scaleLength(),
                e.frets(),
                e.bodyJointFret(),
                e.boardRadius(),
                rod,
                RodAccess.HEEL,
                false);
    }

    @Test
    void firstItAsksForBothSides() {
        assertThat(new Paper(electric()).advice())
                .isEqualTo(new Advice.Measure(Station.RELIEF, List.of(6, 1), Advice.Measure.Reason.FIRST));
        assertThat(new Paper(electric()).readOne(6, 0.4).advice())
                .isEqualTo(new Advice.Measure(Station.RELIEF, List.of(1), Advice.Measure.Reason.FIRST));
    }

    @Test
    void aReliefInItsBandIsLeftAlone() {
        assertThat(new Paper(electric()).read(0.22, 0.19).advice())
                .isEqualTo(new Advice.Done(Station.RELIEF, Advice.Done.Reason.LEAVE_IT));
    }

    @Test
    void aBowedNeckGetsAnEighthThenARetuneThenAReadingThenAVerdictAfterSettling() {
        Paper p = new Paper(electric()).read(0.36, 0.32);
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) p.advice();
        assertThat(turn.net()).isEqualTo(Turns.EIGHTH);
        assertThat(turn.learned()).isFalse();
        assertThat(p.turn(2).advice()).isEqualTo(new Advice.Retune(Station.RELIEF));
        assertThat(p.retune().advice())
                .isEqualTo(new Advice.Measure(Station.RELIEF, List.of(6, 1), Advice.Measure.Reason.STALE));
        assertThat(p.read(0.33, 0.30).advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        p.turn(2).retune().read(0.24, 0.21);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.Settle.class);
        assertThat(p.wait(10).advice())
                .isEqualTo(new Advice.Measure(Station.RELIEF, List.of(6, 1), Advice.Measure.Reason.SECOND_LOOK));
        assertThat(p.read(0.22, 0.19).advice()).isEqualTo(new Advice.Done(Station.RELIEF, Advice.Done.Reason.IN_BAND));
        assertThat(ReliefState.of(p.state()).tighterThanFound()).isEqualTo(new Turns(4));
        assertThat(p.state().found(Station.RELIEF, 6).orElseThrow().mm()).isCloseTo(0.36, within(0.01));
    }

    @Test
    void aStraightNeckIsLoosenedPastAndComesBackTightening() {
        Paper p = new Paper(electric()).read(0.05, 0.03);
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) p.advice();
        assertThat(turn.net()).isEqualTo(Turns.EIGHTH.negated());
        assertThat(turn.path()).containsExactly(new Turns(-4), new Turns(2));
        p.add(new ReliefEvent.RodWaysSet(new RodWays(Turns.EIGHTH, false, 10, new Turns(12))));
        assertThat(((ReliefAdvice.TurnRod) p.advice()).path()).containsExactly(new Turns(-2));
    }

    @Test
    void aReadingOffPitchIsVoidUntilItIsKept() {
        Paper p = new Paper(electric()).read(0.40, 0.36).turn(2).readOne(6, 0.30);
        assertThat(p.state().readings().getLast().status()).isEqualTo(ReadingStatus.OFF_PITCH);
        double before = p.state().relief(6).mean();
        p.add(new JobEvent.ReadingKept(p.log.size()));
        assertThat(p.state().readings().getLast().status()).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(p.state().relief(6).mean()).isNotCloseTo(before, within(0.01));
    }

    @Test
    void aSurprisingReadingIsAskedForAgainAndSettledByASecondOne() {
        Paper p = new Paper(electric()).read(0.22, 0.19).readOne(6, 0.52);
        assertThat(p.advice()).isInstanceOf(Advice.MeasureAgain.class);
        assertThat(p.state().relief(6).mean()).isCloseTo(0.22, within(0.01));
        Paper agreed = new Paper(electric()).read(0.22, 0.19).readOne(6, 0.52).readOne(6, 0.51);
        assertThat(agreed.state().relief(6).mean()).isCloseTo(0.515, within(0.015));
        assertThat(agreed.advice()).isNotInstanceOf(Advice.MeasureAgain.class);
        p.readOne(6, 0.22);
        assertThat(p.state().readings().get(2).status()).isEqualTo(ReadingStatus.DROPPED);
        assertThat(p.advice()).isInstanceOf(Advice.Done.class);
    }

    @Test
    void undoTakesAnEventBackAndRedoBringsItAgain() {
        Paper p = new Paper(electric()).read(0.40, 0.36).turn(2);
        p.add(new JobEvent.Undone(3));
        assertThat(ReliefState.of(p.state()).netTurns()).isEqualTo(Turns.NONE);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        p.add(new JobEvent.Redone(3));
        assertThat(ReliefState.of(p.state()).netTurns()).isEqualTo(Turns.EIGHTH);
    }

    @Test
    void stiffOnceMeansEaseFirstStiffTwiceMeansStop() {
        Paper p = new Paper(electric()).read(0.45, 0.42).add(new ReliefEvent.RodStiff());
        assertThat(((ReliefAdvice.TurnRod) p.advice()).path()).containsExactly(new Turns(-2), new Turns(4));
        assertThat(p.add(new ReliefEvent.RodStiff()).advice())
                .isEqualTo(new ReliefAdvice.Stop(ReliefAdvice.Stop.Reason.STIFF, null));
    }

    @Test
    void turningWithoutEffectStops() {
        Paper p = new Paper(electric()).read(0.60, 0.56);
        p.turn(2).retune().read(0.595, 0.555);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        p.turn(2).retune().read(0.595, 0.555);
        assertThat(((ReliefAdvice.Stop) p.advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.NO_RESPONSE);
    }

    @Test
    void aResponseThatFallsAwayStops() {
        Paper p = new Paper(electric()).read(0.80, 0.76);
        p.turn(2).retune().read(0.70, 0.66).turn(2).retune().read(0.60, 0.56);
        p.turn(2).retune().read(0.595, 0.555).turn(2).retune().read(0.59, 0.55);
        assertThat(((ReliefAdvice.Stop) p.advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.NO_RESPONSE);
    }

    @Test
    void whatIsTickedOffIsNotedAsAdvisedAndAVerdictIsNoMove() {
        Paper p = new Paper(electric()).read(0.40, 0.36);
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) p.advice();
        assertThat(turn.becomes(p.state())).contains(new ReliefEvent.RodTurned(turn.net(), false, false));
        p.turn(2);
        assertThat(p.advice().becomes(p.state())).contains(new JobEvent.Retuned());
        p.retune().read(0.24, 0.21);
        // whoever does not wait looks at once
        JobEvent noWait = p.advice().becomes(p.state()).orElseThrow();
        assertThat(p.add(noWait).advice()).isNotInstanceOf(ReliefAdvice.Settle.class);
        p.read(0.22, 0.19);
        assertThat(p.advice()).isInstanceOf(Advice.Done.class);
        assertThat(p.advice().becomes(p.state())).isEmpty();
    }

    @Test
    void aDoubleActionRodMayHaveFreePlayWhichTeachesNothing() {
        Paper p = new Paper(withRod(RodType.DOUBLE)).read(0.50, 0.46);
        double prior = p.state().estimate().rodResponse(6, p.habit.method()).mean();
        p.turn(2).retune().read(0.50, 0.46);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.FreePlay.class);
        assertThat(p.advice().becomes(p.state())).contains(new ReliefEvent.RodRanFree(3));
        p.add(new ReliefEvent.RodRanFree(3));
        assertThat(ReliefState.of(p.state()).netTurns()).isEqualTo(Turns.NONE);
        assertThat(p.state().estimate().rodResponse(6, p.habit.method()).mean()).isCloseTo(prior, within(1e-9));
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
    }

    @Test
    void aRodThatNeverBitesIsNotSearchedForEver() {
        Paper p = new Paper(withRod(RodType.DOUBLE)).read(0.05, 0.04);
        for (int turns = 0; turns < 12 && !(p.advice() instanceof ReliefAdvice.Stop); turns++) {
            long turn = p.log.size() + 1L;
            p.turn(-2).retune().read(0.05, 0.04);
            if (p.advice() instanceof ReliefAdvice.FreePlay) p.add(new ReliefEvent.RodRanFree(turn));
        }
        assertThat(((ReliefAdvice.Stop) p.advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.SLACK);
        assertThat(ReliefState.of(p.state()).freeTurns().sixteenths()).isBetween(-18, -12);
    }

    @Test
    void aRodThatWorksTheOtherWayIsNoticedAndLearned() {
        Paper p = new Paper(electric())
                .read(0.40, 0.36)
                .turn(2)
                .retune()
                .read(0.47, 0.43)
                .read(0.47, 0.43);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.WrongWay.class);
        assertThat(p.advice().becomes(p.state())).contains(new ReliefEvent.RodDirectionLearned(true));
        p.add(new ReliefEvent.RodDirectionLearned(true));
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) p.advice();
        assertThat(turn.net()).isEqualTo(Turns.EIGHTH.negated());
        assertThat(ReliefState.of(p.state()).tighterThanFound()).isEqualTo(Turns.EIGHTH.negated());
    }

    @Test
    void whoSaidWhichWayTheRodWorksIsNotAskedAgainOfTheSameStep() {
        Paper p = new Paper(electric())
                .read(0.40, 0.36)
                .turn(2)
                .retune()
                .read(0.47, 0.43)
                .read(0.47, 0.43);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.WrongWay.class);
        p.add(new ReliefEvent.RodDirectionLearned(false));
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        // it was answered, not left out
        assertThat(p.state().answers()).doesNotContainValue(false);
        // a further step that goes the wrong way asks once more
        p.turn(2).retune().read(0.55, 0.51).read(0.55, 0.51);
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.WrongWay.class);
    }

    @Test
    void aTurnNotedTheWrongWayRoundIsPutRight() {
        Paper p = new Paper(electric())
                .read(0.40, 0.36)
                .turn(2)
                .retune()
                .read(0.47, 0.43)
                .read(0.47, 0.43);
        p.add(new ReliefEvent.RodTurnedOtherWay(3));
        assertThat(ReliefState.of(p.state()).netTurns()).isEqualTo(Turns.EIGHTH.negated());
        assertThat(((ReliefAdvice.TurnRod) p.advice()).net()).isEqualTo(Turns.EIGHTH);
    }

    @Test
    void itStopsBeforeTheLimitOfTurns() {
        Paper p = new Paper(electric()).read(1.0, 0.96);
        double bass = 1.0;
        for (int i = 0; i < 6; i++) {
            bass -= 0.07;
            p.turn(2).retune().read(bass, bass - 0.04);
        }
        assertThat(((ReliefAdvice.Stop) p.advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.LIMIT);
        p.add(new ReliefEvent.RodWaysSet(new RodWays(Turns.EIGHTH, true, 10, new Turns(16))));
        assertThat(p.advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
    }

    @Test
    void withoutARodTooMuchReliefIsReferred() {
        Paper p = new Paper(InstrumentKind.NYLON.usual()).read(0.6, 0.55);
        assertThat(((ReliefAdvice.Stop) p.advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.NO_ROD);
    }

    @Test
    void aRulerThatCannotDecideIsNamed() {
        Paper p = new Paper(electric());
        for (int s : List.of(6, 1))
            p.add(new JobEvent.ReadingTaken(
                    s, p.habit.method(), Tool.RULER_HALF, new Gap.Of(0.2), Position.PLAYING, "0.2"));
        assertThat(p.advice())
                .isEqualTo(
                        new Advice.Measure(Station.RELIEF, List.of(6, 1), Advice.Measure.Reason.FINER_TOOL, Tool.LEAF));
    }

    @Test
    void roundBoardsAndHeavyHandsNeedMore() {
        InstrumentSpec round = new InstrumentSpec(
                InstrumentKind.ELECTRIC, electric().tuning(), 648, 22, 16, 184, RodType.SINGLE, RodAccess.HEEL, false);
        Band flat = ReliefSchool.MIDDLE
                .target(InstrumentKind.BARITONE.usual(), Touch.MEDIUM)
                .bass();
        Band rounder = ReliefSchool.MIDDLE.target(round, Touch.MEDIUM).bass();
        Band heavier = ReliefSchool.MIDDLE.target(round, Touch.HEAVY).bass();
        assertThat(rounder.low() - flat.low()).isCloseTo(0.10, within(1e-9));
        assertThat(heavier.low()).isGreaterThan(rounder.low());
        assertThat(ReliefSchool.NEARLY_FLAT
                        .target(InstrumentKind.BARITONE.usual(), Touch.LIGHT)
                        .treble()
                        .low())
                .isPositive();
    }

    /** Hidden rods of random response, strength of play and direction; noisy leaves; a technician who does what it says. */
    @Test
    void whoeverFollowsTheAdviceEndsInTheBandWithoutForcingTheRod() {
        int inBand = 0;
        int runs = 150;
        for (int run = 0; run < runs; run++) {
            RandomGenerator random = new Random(1000 + run);
            Paper p = new Paper(electric());
            double bass = random.nextDouble(-0.05, 0.6);
            double perTurn = -random.nextDouble(0.3, 1.0);
            double side = random.nextDouble(0, 0.05);
            for (int i = 0; i < 80; i++) {
                Advice advice = p.advice();
                if (advice instanceof Advice.Done || advice instanceof ReliefAdvice.Stop) break;
                switch (advice) {
                    case Advice.Measure m -> {
                        for (int s : m.strings()) p.readOne(s, leaf(random, s == 1 ? bass - side : bass));
                    }
                    case Advice.MeasureAgain m -> {
                        int s = m.first().reading().string();
                        p.readOne(s, leaf(random, s == 1 ? bass - side : bass));
                    }
                    case Advice.Retune ignored -> p.retune();
                    case ReliefAdvice.Settle s -> p.now = s.until();
                    case ReliefAdvice.TurnRod t -> {
                        assertThat(Math.abs(t.net().sixteenths())).isLessThanOrEqualTo(2);
                        bass += perTurn * t.net().value() * random.nextDouble(0.85, 1.15);
                        p.add(new ReliefEvent.RodTurned(t.net(), t.path().size() > 1, false));
                    }
                    default -> throw new AssertionError("run " + run + ": " + advice);
                }
            }
            Band bassBand = p.target.bass();
            Band trebleBand = p.target.treble();
            assertThat(Math.abs(ReliefState.of(p.state()).netTurns().sixteenths()))
                    .isLessThanOrEqualTo(32);
            assertThat(ReliefState.of(p.state()).tighterThanFound())
                    .isLessThanOrEqualTo(RodWays.of(p.state()).limit());
            // as far as a leaf can tell
            boolean in = Math.abs(bassBand.outside(bass)) <= 0.02 && Math.abs(trebleBand.outside(bass - side)) <= 0.02;
            boolean stopped = p.advice() instanceof ReliefAdvice.Stop;
            if (in || (stopped && ReliefState.of(p.state()).tighterThanFound().sixteenths() >= 11)) inBand++;
        }
        assertThat(inBand).isGreaterThanOrEqualTo(runs * 97 / 100);
    }

    private static double leaf(RandomGenerator random, double truth) {
        return Math.max(0, Math.rint((truth + random.nextGaussian(0, 0.008)) * 100) / 100);
    }

    @Test
    void verdictsNeedNineInTen() {
        Band band = new Band(0.2, 0.3);
        assertThat(band.verdict(new barytone.core.estimate.Normal(0.25, 0.01))).isEqualTo(Verdict.IN);
        assertThat(band.verdict(new barytone.core.estimate.Normal(0.31, 0.02))).isEqualTo(Verdict.CANNOT_TELL);
        assertThat(band.verdict(new barytone.core.estimate.Normal(0.36, 0.02))).isEqualTo(Verdict.HIGH);
        assertThat(band.verdict(new barytone.core.estimate.Normal(0.1, 0.02))).isEqualTo(Verdict.LOW);
    }
}
