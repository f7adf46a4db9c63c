package barytone.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.StringState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TargetFinderTest {
    private static final InstrumentSpec SPEC = InstrumentKind.ELECTRIC.usual();
    private static final List<Double> SLOTS = Collections.nCopies(6, 0.15);

    private static TargetFinder found(Crowns crowns, Touch touch, double safety) {
        return TargetFinder.of(SPEC, SLOTS, crowns, touch, safety, TargetFinder.Bounds.WIDE, 440);
    }

    /** Least room of the fretted notes of a string, its action set so much lower than was found. */
    private static double room(TargetFinder found, Crowns crowns, Touch touch, int string, double lower) {
        double k = SPEC.line().curvatureFor(SetupModel.standardRelief(SPEC.bodyJointFret()), found.relief());
        double action = found.actions().get(string - 1) - lower;
        StringState state = new StringState(k, 0.15, SPEC.line().saddleHeightFor(12, action, k, 0.15));
        return WhatIf.notes(SPEC, string, state, crowns, touch, 440).stream()
                .skip(1)
                .mapToDouble(ClearanceMap.Note::margin)
                .min()
                .orElseThrow();
    }

    @Test
    void theLowestActionJustClearsAndAnythingLowerTouches() {
        Crowns uneven = new Crowns(Map.of(9, 0.06, 3, -0.02));
        TargetFinder found = found(uneven, Touch.MEDIUM, 0);
        for (int s = 1; s <= 6; s++) {
            TargetFinder.Limit limit = found.limits().get(s - 1);
            assertThat(room(found, uneven, Touch.MEDIUM, s, 0)).isGreaterThan(-1e-9);
            if (limit.string() == s)
                assertThat(room(found, uneven, Touch.MEDIUM, s, 0.02)).isNegative();
        }
        assertThat(found.limits().getFirst().string()).isEqualTo(1);
    }

    @Test
    void heavierHandsAndMoreSafetyNeedMoreAndTheStepsNeverFall() {
        TargetFinder light = found(Crowns.EVEN, Touch.LIGHT, 0);
        TargetFinder heavy = found(Crowns.EVEN, Touch.HEAVY, 0);
        TargetFinder safe = found(Crowns.EVEN, Touch.LIGHT, 0.05);
        for (int i = 0; i < 6; i++) {
            assertThat(heavy.actions().get(i)).isGreaterThan(light.actions().get(i));
            assertThat(safe.actions().get(i)).isGreaterThan(light.actions().get(i));
        }
        assertThat(light.actions()).isSorted();
        assertThat(light.relief()).isBetween(0.0, 0.4);
    }

    @Test
    void aHighCrownCostsActionAndIsNamedAsWhatStopsIt() {
        TargetFinder even = found(Crowns.EVEN, Touch.MEDIUM, 0);
        TargetFinder high = found(new Crowns(Map.of(14, 0.12)), Touch.MEDIUM, 0);
        assertThat(high.actions().get(5)).isGreaterThan(even.actions().get(5) + 0.2);
        assertThat(high.limits()).allSatisfy(limit -> assertThat(limit.on()).isEqualTo(14));
    }

    @Test
    void gapsAndStatesAreTheSameSetup() {
        List<Double> action = new ArrayList<>(List.of(1.5, 1.55, 1.6, 1.7, 1.8, 1.9));
        SetupGaps gaps = new SetupGaps(0.25, 0.2, Collections.nCopies(6, 0.05), action);
        SetupGaps back = SetupGaps.of(SPEC, gaps.states(SPEC));
        assertThat(back.reliefBass()).isCloseTo(0.25, within(1e-9));
        assertThat(back.reliefTreble()).isCloseTo(0.2, within(1e-9));
        for (int i = 0; i < 6; i++) {
            assertThat(back.nut().get(i)).isCloseTo(0.05, within(1e-9));
            assertThat(back.action().get(i)).isCloseTo(action.get(i), within(1e-9));
        }
    }

    @Test
    void aHighCrownStopsTheNotesJustBelowItAndNoOther() {
        List<StringState> low =
                new SetupGaps(0.2, 0.2, Collections.nCopies(6, 0.05), Collections.nCopies(6, 1.6)).states(SPEC);
        WhatIf even = WhatIf.of(SPEC, low, Crowns.EVEN, Touch.LIGHT, 440);
        WhatIf high = WhatIf.of(SPEC, low, new Crowns(Map.of(9, 0.25)), Touch.LIGHT, 440);
        assertThat(even.firstToHit()).isEmpty();
        assertThat(high.firstToHit().orElseThrow().note().hits()).isEqualTo(9);
        assertThat(high.strings().getFirst().notes().get(8).margin()).isNegative();
        assertThat(high.strings().getFirst().notes().get(9).margin())
                .isGreaterThan(even.strings().getFirst().notes().get(9).margin());
    }
}
