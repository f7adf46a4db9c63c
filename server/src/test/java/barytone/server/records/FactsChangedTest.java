package barytone.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.strings.StringSet;
import barytone.server.instruments.Facts;
import barytone.server.instruments.InstrumentView;
import barytone.server.instruments.Instruments;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FactsChangedTest {
    private static InstrumentView view(String name, InstrumentSpec spec) {
        return InstrumentView.of(1, name, spec);
    }

    @Test
    void onlyWhatDiffersIsTold() {
        InstrumentSpec usual = InstrumentKind.ELECTRIC.usual();
        InstrumentSpec restrung = usual.with(usual.fittings().with(StringSet.parse("11 14 18 28w 38w 49w")));
        assertThat(FactsChanged.between(view("Knot", usual), view("Knot", usual)))
                .isEmpty();
        assertThat(FactsChanged.between(view("Knot", usual), view("Knot II", restrung)))
                .containsExactly("Name: Knot → Knot II", "Strings: 10 13 17 26w 36w 46w → 11 14 18 28w 38w 49w");
    }

    /** What is sent back as it was shown makes no new version. */
    @ParameterizedTest
    @EnumSource(InstrumentKind.class)
    void factsThatAreSentBackAsTheyWereShownAreTheSame(InstrumentKind kind) {
        Instruments.Named named = new Instruments.Named("As shown", kind.usual());
        assertThat(Facts.of(named).named()).isEqualTo(named);
    }

    /** A fact that is added to the view is told when it changes. */
    @Test
    void everyFactHasAName() {
        InstrumentView one = view("One", InstrumentKind.ELECTRIC.usual());
        InstrumentView other = new InstrumentView(
                2,
                "Other",
                InstrumentKind.NYLON,
                "Other",
                "x",
                "x",
                1,
                1,
                "x",
                RodType.NONE,
                RodAccess.HEEL,
                true,
                BridgeKind.FLOATING,
                "x",
                NeckJoint.THROUGH,
                "x",
                "x",
                NutMaterial.BRASS,
                "x",
                "x",
                "x",
                LengthScrews.Head.NUT,
                "x",
                "x",
                "x");
        // but for the version, and the kind, which goes by its name
        assertThat(FactsChanged.between(one, other)).hasSize(InstrumentView.class.getRecordComponents().length - 2);
    }

    @Test
    void anotherKindIsToldByItsName() {
        assertThat(FactsChanged.between(
                        view("Knot", InstrumentKind.ELECTRIC.usual()), view("Knot", InstrumentKind.FLAT_TOP.usual())))
                .contains("Kind: Solid electric → Flat-top acoustic", "Bridge: individual → fixed");
    }
}
