package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.advice.Outfit;
import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.estimate.Move;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.Touch;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.server.shop.Shop;
import barytone.server.station.StationDoors;
import barytone.server.station.intonation.IntonationView;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is said at the intonation and pickup stations. */
class ToneWordsTest extends ToldJob<ToneWordsTest> {
    private Set<Station> scope = Set.of(Station.INTONATION);

    @Override
    ToneWordsTest self() {
        return this;
    }

    @Override
    JobDefaults defaults() {
        return Stations.usual(spec, Touch.MEDIUM).scope(scope);
    }

    private ToneWordsTest on(BridgeKind bridge, LengthScrews length) {
        Fittings f = spec.fittings();
        spec = spec.with(new Fittings(
                bridge,
                f.threadPitch(),
                f.joint(),
                f.endRadius(),
                f.bridgeSpread(),
                f.nut(),
                f.nutWidth(),
                f.strings(),
                length,
                f.pickups()));
        return this;
    }

    /** Every string open and in tune, then at a fret, lowest first. */
    private ToneWordsTest at(int fret, double... cents) {
        for (int i = 0; i < cents.length; i++) {
            if (Tones.of(state())
                    .in(Tones.of(state()).session(6 - i), 6 - i, Sounded.OPEN)
                    .isEmpty()) sound(6 - i, Sounded.OPEN, 0);
            sound(6 - i, Sounded.at(fret), cents[i]);
        }
        return this;
    }

    private ToneWordsTest sound(int string, Sounded sounded, double cents) {
        return add(new ToneEvent.PitchRead(string, sounded, cents, Ear.TUNER, null, false, false, ""));
    }

    private ToneWordsTest turned(int... sixteenths) {
        add(new ToneEvent.SaddlesMoved(
                java.util.Arrays.stream(sixteenths).mapToObj(Turns::new).toList(), Collections.nCopies(6, 0.0)));
        return add(new JobEvent.Retuned());
    }

    private static List<String> steps(JobView.AdviceView told) {
        return told.steps().stream()
                .map(s -> s.where() + ": " + s.amount() + (s.more() == null ? "" : ", " + s.more()) + " → "
                        + s.expected())
                .toList();
    }

    @Test
    void aScrewAtTheNutEndIsToldTheOtherWayRound() {
        on(BridgeKind.INDIVIDUAL, new LengthScrews(0.5, LengthScrews.Head.NUT, 3, 0))
                .at(12, 5, 0, 0, 0, 0, 0);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("Saddle 6: 3 7/8 turns anticlockwise, 1.94 mm back");
        assertThat(steps(told)).containsExactly("Saddle 6: 3 7/8 turns anticlockwise, 1.94 mm back → −0.1");
        assertThat(all(told)).contains("clockwise, as the screwdriver sees it, moves the saddle towards the nut");
        unit = LengthUnit.THOU;
        assertThat(told().headline()).endsWith("76 thou back");
    }

    @Test
    void aSaddleThatIsNotChasedAnyFartherSaysWhy() {
        on(BridgeKind.INDIVIDUAL, new LengthScrews(0.5, LengthScrews.Head.TAIL, 3, 0))
                .at(12, 0, 6, 0, 0, 0, 0);
        turned(0, 72, 0, 0, 0, 0).sound(5, Sounded.OPEN, 0).sound(5, Sounded.at(12), 2);
        assertThat(told().headline()).startsWith("Saddle 5: ");
        turned(0, 24, 0, 0, 0, 0).sound(5, Sounded.OPEN, 0).sound(5, Sounded.at(12), -2.2);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("The intonation is as near as it goes");
        assertThat(all(told))
                .contains("5 A −2.2")
                .contains("String 5 A: all that was sounded says together that the saddle stands right");
    }

    @Test
    void aBarrelTellsWhatIsLeftOnBothItsStrings() {
        on(BridgeKind.BARRELS, LengthScrews.USUAL).at(12, 6, 2, 0, 0, 0, 0);
        JobView.AdviceView told = told();
        assertThat(told.headline()).startsWith("Barrel 6–5: ");
        assertThat(told.steps().getFirst().expected()).matches("E \\+(2\\.\\d|1\\.9), A −(2\\.\\d|1\\.9)");
        assertThat(all(told)).contains("One saddle under two strings");
    }

    @Test
    void aCrownIsFiledAsFarAsTheSaddleAllowsAndNoFarther() {
        on(BridgeKind.FIXED, LengthScrews.USUAL).at(12, 6, 0, 0, 0, 0, -2);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("Crown 6 has no room to go so far");
        assertThat(all(told)).contains("there is room for 1.10 mm").contains("thicker saddle");
        assertThat(told.decline()).isNull();
        assertThat(told.goOn()).extracting(JobView.GoOn::says).containsExactly("Go on as far as it goes");
        add(new JobEvent.Answered(Topic.read("saddle-limit-0"), false));
        told = told();
        assertThat(told.headline()).isEqualTo("File 2 crowns");
        assertThat(steps(told).getFirst()).startsWith("Crown 6: file it 1.10 mm back → +3.");
        assertThat(told.follow()).isEqualTo("Filed");
    }

    @Test
    void aFloatingBridgeIsMovedOnItsFeetAndLeavesTheRestAsItIs() {
        on(BridgeKind.FLOATING, LengthScrews.USUAL).at(12, 5, 5, 9, 5, 5, 5);
        JobView.AdviceView told = told();
        assertThat(told.headline()).isEqualTo("Move the bridge on its feet");
        assertThat(told.steps()).extracting(JobView.StepView::where).containsExactly("Bass foot", "Treble foot");
        assertThat(all(told)).contains("Mark the feet with tape").contains("4 D +4.0");
    }

    @Test
    void aSaddleThatStayedIsPushedHomeAndOneThatWentWrongIsUnderstood() {
        at(12, 6, 0, 0, 0, 0, 0).turned(60, 0, 0, 0, 0, 0).at(12, 5.8);
        assertThat(told().headline()).isEqualTo("Push saddle 6 home against its screw");
        assertThat(told().follow()).isEqualTo("Pushed home");
        log.clear();
        at(12, 6, 0, 0, 0, 0, 0).turned(60, 0, 0, 0, 0, 0).at(12, 12);
        assertThat(told().headline()).isEqualTo("Saddle 6 went the other way");
        assertThat(all(told())).contains("clockwise seems to move a saddle towards the nut");
    }

    @Test
    void aFalseStringAndAHighNutComeBeforeTheSaddles() {
        at(12, 6, 0, 0, 0, 0, 0).sound(6, Sounded.HARMONIC, -4);
        assertThat(told().headline()).isEqualTo("String 6 E is false: replace it");
        assertThat(all(told())).contains("cents from the open string, more than its stiffness explains");
        log.clear();
        IntonationWays usual = Tones.of(state()).ways();
        add(new ToneEvent.IntonationSet(new IntonationWays(
                List.of(1, 3, 12),
                PlayedWhere.EVERYWHERE,
                usual.reference(),
                usual.tolerances(),
                List.of(),
                440,
                usual.offsets(),
                true)));
        at(1, 18, 18, 18, 18, 18, 18).at(3, 9, 9, 9, 9, 9, 9).at(12, 0, 0, 0, 0, 0, 0);
        assertThat(told().headline()).isEqualTo("Read the nut of all strings, 6 E to 1 e");
        assertThat(all(told())).contains("a heavy finger");
        for (int s = 6; s >= 1; s--)
            add(new JobEvent.ReadingTaken(
                    s, new GapMethod.NutPressed(3), Tool.LEAF, new Gap.Of(0.32), Position.PLAYING, "0.32"));
        assertThat(told().headline()).startsWith("Look at the nut first: ");
        assertThat(all(told())).contains("lower, in mm");
    }

    @Test
    void whatIsLeftOverAndProvisionalIsSaidAtTheEnd() {
        add(new ToneEvent.StringsStated(StringAge.OLD)).at(12, 0.2, 0, 0, 0, 0, 0);
        assertThat(told().headline()).isEqualTo("Leave it: nothing needs doing");
        assertThat(told().kind()).isEqualTo("done");
        scope = Set.of(Station.INTONATION, Station.PICKUPS);
        for (int p = 0; p < 2; p++) {
            add(new PickupEvent.PickupRead(p, Pickup.Side.BASS, 2.5, ""));
            add(new PickupEvent.PickupRead(p, Pickup.Side.TREBLE, 2.0, ""));
        }
        assertThat(all(told())).contains("Intonation is provisional: the strings are old.");
    }

    @Test
    void loweringTheStringsRipplesIntoTheIntonation() {
        scope = Set.of(Station.values());
        at(12, 2, 0, 0, 0, 0, 0);
        add(new PickupEvent.PickupsLowered(true));
        Bench bench = new Bench(
                Outfit.with(tools), new Shop.Schools(ReliefSchool.USUAL, NutSchool.USUAL, ActionSchool.USUAL));
        Words words = new Words(state(), Units.all(unit));
        JobView view = new JobViewer(
                        new StationDoors().doors(),
                        new OpenedJob(
                                new JobLog.Job(
                                        1,
                                        1,
                                        "Loan",
                                        1,
                                        1,
                                        spec,
                                        "Crew",
                                        1,
                                        Touch.MEDIUM,
                                        "",
                                        Instant.EPOCH,
                                        scope,
                                        List.of(),
                                        null),
                                log,
                                state()),
                        Units.all(unit),
                        Instant.parse("2031-03-04T10:00:00Z"),
                        bench)
                .view();
        assertThat(((IntonationView) Objects.requireNonNull(view.rooms().get("intonation")))
                        .warnings()
                        .toString())
                .contains("lowered out of the way");
        assertThat(view.stations())
                .filteredOn(s -> s.key().equals("pickups"))
                .singleElement()
                .satisfies(s -> assertThat(s.note()).isEqualTo("lowered for the setup"));
        List<JobView.Ripple> ripple = new Ripples(
                        state(), words, new StationDoors().doors().voices(state(), words, bench))
                .of(state().estimate().after(new Move.SaddleMoved(6, -1.5, 0.1)), Station.ACTION, true);
        assertThat(ripple)
                .filteredOn(r -> r.label().equals("Intonation at 12, cents, 6 E"))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.now()).isEqualTo("+2.0");
                    assertThat(r.change()).startsWith("−");
                });
    }
}
