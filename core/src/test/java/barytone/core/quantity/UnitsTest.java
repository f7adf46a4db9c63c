package barytone.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every quantity in the unit that the bench speaks it in, and amounts as they are typed. */
class UnitsTest {
    @Test
    void oneUnitForAllKeepsWhatNobodyReadsInIt() {
        Units units = Units.all(LengthUnit.ofCode("in64"));
        assertThat(units.action().suffix()).isEqualTo("in");
        assertThat(units.relief()).isEqualTo(LengthUnit.THOU);
        assertThat(units.nut()).isEqualTo(LengthUnit.THOU);
        assertThat(Units.ofCode(units.code())).isEqualTo(units);
    }

    @Test
    void oneQuantityIsSetApart() {
        Units units = Units.ofCode("mm,relief=thou");
        assertThat(units.relief()).isEqualTo(LengthUnit.THOU);
        assertThat(units.action()).isEqualTo(LengthUnit.MM);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Units.ofCode("mm,colour=thou"))
                .withMessageContaining("colour");
    }

    @Test
    void theSaddleGoesWithTheActionUntilItHasAUnitOfItsOwn() {
        assertThat(Units.ofCode("mm,action=in64").saddle()).isEqualTo(LengthUnit.IN64);
        Units apart = Units.ofCode("mm,action=in64,saddle=thou,tension=lb");
        assertThat(apart.action()).isEqualTo(LengthUnit.IN64);
        assertThat(apart.saddle()).isEqualTo(LengthUnit.THOU);
        assertThat(apart.tension().show(72)).isEqualTo("16 lb");
        assertThat(Units.ofCode(apart.code())).isEqualTo(apart);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Units.ofCode("mm,tension=stone"))
                .withMessageContaining("stone");
    }

    @ParameterizedTest
    @CsvSource({"in64, 4, 4/64 in", "in64, 5+, 5/64+ in", "in32, 3, 3/32 in", "mm, 1.6, 1.6 mm", "thou, 12, 12 thou"})
    void aNumberTypedBareIsToldInTheUnitItWasTypedIn(String unit, String typed, String told) {
        assertThat(LengthUnit.ofCode(unit).named(typed)).isEqualTo(told);
    }

    @ParameterizedTest
    @CsvSource({"1/8, 2", "-3/16, -3", "1 1/4, 20", "2, 32", "−1/2, -8", "12, 192"})
    void turnsAreTypedAsTheyAreSpoken(String typed, int sixteenths) {
        assertThat(Turns.parse("turns", typed, 12)).isEqualTo(new Turns(sixteenths));
    }

    @ParameterizedTest
    @CsvSource({"13", "1/3", "a bit", "1/0"})
    void whatIsNoAmountOfTurnsIsRefusedWithWhatIsAllowed(String typed) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Turns.parse("turns", typed, 12))
                .withMessageContaining(typed);
    }

    @Test
    void aStackOfLeavesIsTheSumThatIsOnThem() {
        // 39 and 31 thou are 70, however the millimetres round
        assertThat(LengthUnit.THOU.showSum(List.of(39 * 0.0254, 31 * 0.0254))).isEqualTo("70");
    }
}
