package barytone.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LengthTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "0.3 | mm | 0.3",
                "0,3 | mm | 0.3",
                "0.3mm | thou | 0.3",
                ".012in | mm | 0.3048",
                "0.012\" | mm | 0.3048",
                "12t | mm | 0.3048",
                "12 thou | in64 | 0.3048",
                "12 | thou | 0.3048",
                "5/64 | mm | 1.984375",
                "5/64+ | mm | 2.08359375",
                "5/64- | thou | 1.88515625",
                "5½/64 | mm | 2.1828125",
                "½/64 | mm | 0.1984375",
                "3/32\" | mm | 2.38125",
                "1 1/64 | mm | 25.796875",
                "5 | in64 | 1.984375",
                "5+ | in64 | 2.08359375",
                "3 | in32 | 2.38125",
                "1/2mm | thou | 0.5",
                "-0.05 | mm | -0.05",
                "−0.05 | mm | -0.05",
            })
    void readsWhatTechniciansType(String text, String unit, double mm) {
        assertThat(Length.parse(text, LengthUnit.ofCode(unit)).mm()).isEqualTo(mm);
    }

    @ParameterizedTest
    @CsvSource({"8..10t, 0.2032, 0.254", "0.2..0.25, 0.2, 0.25", "0.2mm..10t, 0.2, 0.254", ".2..0.25mm, 0.2, 0.25"})
    void readsABracketTheFirstGoesTheSecondDoesNot(String text, double goes, double stops) {
        assertThat(LengthText.parse(text, LengthUnit.MM))
                .isEqualTo(new LengthText.Bracket(Length.ofMm(goes), Length.ofMm(stops)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "12q | understood 12, but not the unit “q”",
                "5/0 | above 0 below the line",
                "/64 | a number is missing above the line",
                "10..8t | the second must be the larger",
                "0.3+ | a quarter of a 64th",
                "12t+ | not the unit “t+”",
                "abc | is not a length",
                "1..2..3 | is not a length",
                "5/64t | not of a thou",
                "~~ | Nothing typed",
                "NaN | is not a length",
                "1e5 | not the unit “e5”",
            })
    void saysWhatWasUnderstoodAndWhatIsAllowed(String text, String says) {
        assertThatThrownBy(() -> LengthText.parse(text, LengthUnit.MM))
                .isInstanceOf(LengthTextException.class)
                .hasMessageContaining(says);
    }

    @Test
    void aBracketWhereOneLengthIsWantedIsExplained() {
        assertThatThrownBy(() -> Length.parse("8..10t", LengthUnit.MM)).hasMessageContaining("one length is wanted");
    }

    @ParameterizedTest
    @CsvSource({
        "0.36, 0.36, 14, 1/64",
        "0.3048, 0.30, 12, 1/64-",
        "2.08359375, 2.08, 82, 5/64+",
        "1.88515625, 1.89, 74, 5/64-",
        "2.1828125, 2.18, 86, 5½/64",
        "0.1, 0.10, 4, ¼/64",
        "0.1905, 0.19, 7.5, ½/64",
        "-0.05, −0.05, −2, −½/64",
        "0.004, 0.00, 0, 0",
    })
    void showsEachUnitAsItIsSpoken(double mm, String inMm, String inThou, String in64) {
        assertThat(LengthUnit.MM.show(mm)).isEqualTo(inMm);
        assertThat(LengthUnit.THOU.show(mm)).isEqualTo(inThou);
        if (mm != -0.05) assertThat(LengthUnit.IN64.show(mm)).isEqualTo(in64);
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void whatIsShownCanBeTypedBackWithoutDrifting(LengthUnit unit) {
        double grain = Math.max(0.01, unit.exactMm().doubleValue() / 2);
        for (double mm = -1; mm < 6; mm += 0.0137) {
            String shown = unit.show(mm);
            double back = Length.parse(shown, unit).mm();
            assertThat(back).as(shown).isCloseTo(mm, within(grain));
            // showing what was typed back changes nothing more: rounding does not compound
            assertThat(unit.show(back)).isEqualTo(shown);
        }
    }

    @Test
    void turnsAreSpokenAsReducedFractions() {
        assertThat(new Turns(2).amount()).isEqualTo("1/8");
        assertThat(new Turns(3).amount()).isEqualTo("3/16");
        assertThat(new Turns(-20).toString()).isEqualTo("1 1/4 turns anticlockwise");
        assertThat(Turns.nearest(0.11)).isEqualTo(new Turns(2));
    }
}
