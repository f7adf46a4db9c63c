package barytone.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.strings.StringSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FactsDoubtTest {
    private static InstrumentSpec with(InstrumentKind kind, String strings) {
        InstrumentSpec usual = kind.usual();
        return usual.with(usual.fittings().with(StringSet.parse(strings)));
    }

    @ParameterizedTest
    @EnumSource
    void whatIsUsualIsNotAskedAbout(InstrumentKind kind) {
        assertThat(FactsDoubt.of(kind.usual())).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void aSetTypedFromTheLowSideIsAskedAbout(InstrumentKind kind) {
        StringSet usual = kind.usual().fittings().strings();
        StringSet turned = new StringSet(usual.strings().reversed());
        assertThat(FactsDoubt.of(kind.usual().with(kind.usual().fittings().with(turned))))
                .hasValueSatisfying(doubt -> {
                    assertThat(doubt.question()).contains("turn them round?");
                    assertThat(doubt.meant()).isEqualTo(usual);
                });
    }

    @Test
    void aSetForAnotherInstrumentIsAskedAbout() {
        assertThat(FactsDoubt.of(with(InstrumentKind.ELECTRIC, "32s 45s 65s 85s 105s 130s")))
                .hasValueSatisfying(doubt -> assertThat(doubt.question())
                        .startsWith("String 1 e would pull ")
                        .contains("10 to 300 N is usual"));
        assertThat(FactsDoubt.of(with(InstrumentKind.BASS_4, "9 11 16 24w")))
                .hasValueSatisfying(doubt -> assertThat(doubt.meant()).isNull());
    }

    @Test
    void aSetWithOtherThanOneGaugeForEachStringIsAskedAbout() {
        assertThat(FactsDoubt.of(with(InstrumentKind.ELECTRIC, "10 13 17 26w 36w")))
                .hasValueSatisfying(
                        doubt -> assertThat(doubt.question()).startsWith("The set has 5 gauges for 6 strings."));
    }

    @Test
    void lightAndHeavySetsOfTheKindAreNot() {
        for (String set : new String[] {"8 10 15 21w 30w 38w", "13 17 26w 36w 46w 60w", "9 11 16 24w 32w 42w"})
            assertThat(FactsDoubt.of(with(InstrumentKind.ELECTRIC, set))).isEmpty();
        assertThat(FactsDoubt.of(with(InstrumentKind.BASS_4, "40s 60s 75s 95s")))
                .isEmpty();
    }
}
