package barytone.core.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.quantity.LengthUnit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StringSetTest {
    private static final List<Pitch> STANDARD = InstrumentSpec.parseTuning("E A D G B E", InstrumentKind.ELECTRIC);

    @Test
    void aPlainTenAtEPullsSeventyTwoNewton() {
        MusicString ten = MusicString.of(0.254, StringWrap.PLAIN);
        assertThat(ten.tension(648, 329.63)).isCloseTo(72.6, within(0.05));
    }

    @Test
    void aUsualSetPullsEvenlyAndAboutFiveHundredNewtonInAll() {
        StringSet set = StringSet.parse("10 13 17 26w 36w 46w");
        assertThat(set.tensions(STANDARD, 648, 440))
                .allSatisfy(t -> assertThat(t).isBetween(60.0, 100.0));
        assertThat(set.totalTension(STANDARD, 648, 440)).isBetween(430.0, 520.0);
    }

    @Test
    void tuningDownAWholeToneSlackensByTheSquareOfTheRatio() {
        StringSet set = StringSet.parse("10 13 17 26w 36w 46w");
        List<Pitch> down =
                STANDARD.stream().map(p -> new Pitch(p.semitones() - 2)).toList();
        double ratio = set.totalTension(down, 648, 440) / set.totalTension(STANDARD, 648, 440);
        assertThat(ratio).isCloseTo(Math.pow(2, -4 / 12.0), within(1e-9));
    }

    @Test
    void aWoundStringIsLighterThanAPlainOneOfItsGaugeAndMoreFlexible() {
        MusicString plain = MusicString.of(0.66, StringWrap.PLAIN);
        MusicString wound = MusicString.of(0.66, StringWrap.NICKEL);
        assertThat(wound.massPerLength()).isLessThan(plain.massPerLength());
        assertThat(wound.bendingStiffness()).isLessThan(plain.bendingStiffness() / 8);
        assertThat(new MusicString(0.66, 0.5, StringWrap.NICKEL).massPerLength())
                .isGreaterThan(new MusicString(0.66, 0.25, StringWrap.NICKEL).massPerLength());
    }

    @ParameterizedTest
    @CsvSource({
        "9-42, 6, 9 11 16 24w 32w 42w",
        "10–46, 6, 10 13 17 26w 36w 46w",
        "012-053, 6, 12 16 24b 32b 42b 53b",
        ".010-.046, 6, 10 13 17 26w 36w 46w",
        "45 - 105, 4, 45s 65s 85s 105s",
        "45-130, 5, 45s 65s 85s 105s 130s",
        "10-47, 12, 10 10 14 14 23b 8 30b 12 39b 18b 47b 27b",
        "10-47, 6, 10 14 23b 30b 39b 47b",
        ".010 .013 .017 .026w .036w .046w, 6, 10 13 17 26w 36w 46w",
        "010 013 017 026w 036w 046w, 6, 10 13 17 26w 36w 46w",
        "10-13-17-26w-36w-46w, 6, 10 13 17 26w 36w 46w",
        "0.254 0.33 0.432 0.66w 0.914w 1.168w, 6, 10 13 17 26w 36w 46w"
    })
    void setsAreTypedAsTheyAreSoldAndAsPeopleWriteThem(String typed, int strings, String gauges) {
        assertThat(StringSet.parse(typed, strings).text()).isEqualTo(gauges);
    }

    @Test
    void aDecimalCommaIsNoSeparator() {
        assertThat(StringSet.parse("0,254 0,33 0,432 0,66w").text()).isEqualTo("10 13 17 26w");
        assertThat(StringSet.parse("10,13,17,26w").text()).isEqualTo("10 13 17 26w");
    }

    @Test
    void aSetThatIsNotKnownByItsEndsIsAskedForStringByString() {
        assertThatThrownBy(() -> StringSet.parse("9-43", 6))
                .hasMessageContaining("“9-43”")
                .hasMessageContaining("9-42")
                .hasMessageContaining("each gauge");
    }

    @Test
    void gaugesInMmComeBackTheSame() {
        StringSet set = StringSet.parse("10 13 17 26w 36w 46w");
        assertThat(set.text(LengthUnit.MM)).isEqualTo("0.254 0.33 0.432 0.66w 0.914w 1.168w");
        assertThat(StringSet.parse(set.text(LengthUnit.MM)).text()).isEqualTo(set.text());
    }

    @Test
    void gaugesAreReadAndWrittenBackTheSame() {
        for (String text : List.of(
                "10 13 17 26w 36w 46w",
                "45s 65s 85s 105s 130s",
                "10 10 14 14 23b 8 30b 12 39b 18b 47b 27b",
                "9.5 12 16 24w")) {
            assertThat(StringSet.parse(text).text()).isEqualTo(text);
            assertThat(StringSet.parse(StringSet.parse(text).text())).isEqualTo(StringSet.parse(text));
        }
        assertThat(StringSet.parse(".010in 0.33mm 17 26w").strings().get(1).diameter())
                .isEqualTo(0.33);
    }

    @Test
    void whatIsNoSetIsRefusedByName() {
        assertThatThrownBy(() -> StringSet.parse("10 13 17")).hasMessageContaining("strings of a set: given 3");
        assertThatThrownBy(() -> StringSet.parse("10 13 17 900")).hasMessageContaining("900");
        assertThatThrownBy(() -> StringSet.parse("10 13 17 26q")).hasMessageContaining("q");
        assertThatThrownBy(() -> StringSet.parse("10 13 17 26w").tensions(STANDARD, 648, 440))
                .hasMessageContaining("tuning: given 6 notes; allowed is 4 notes");
        assertThatThrownBy(() -> new MusicString(0.3, 0.2, StringWrap.PLAIN)).hasMessageContaining("core");
    }

    @Test
    void octavesThatAreNotTypedAreThoseOfTheKind() {
        assertThat(InstrumentSpec.parseTuning("B E A D G", InstrumentKind.BASS_5)
                        .getLast())
                .hasToString("B0");
        assertThat(InstrumentSpec.parseTuning("D A D G A D", InstrumentKind.FLAT_TOP))
                .extracting(Pitch::toString)
                .containsExactly("D4", "A3", "G3", "D3", "A2", "D2");
        assertThat(Pitch.of("A4").frequency(443)).isCloseTo(443, within(1e-9));
    }
}
