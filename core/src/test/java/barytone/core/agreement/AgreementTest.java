package barytone.core.agreement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AgreementTest {
    private static final Money CROWNS = new Money("crowns", 2);

    private static Agreement of(int tax, boolean included, @Nullable Long worth, Agreement.Line... lines) {
        return new Agreement(CROWNS, tax, included, List.of(lines), worth, 50, null, "", "");
    }

    private static Agreement.Line line(Agreement.Kind kind, long price) {
        return new Agreement.Line(kind, "work", price, "");
    }

    @Test
    void onlyServicesAndPartsAreCharged() {
        Agreement agreed = of(
                250,
                false,
                null,
                line(Agreement.Kind.SERVICE, 6500),
                line(Agreement.Kind.PART, 1250),
                line(Agreement.Kind.GOODWILL, 0),
                line(Agreement.Kind.OFFER, 9900));
        assertThat(agreed.charged()).isEqualTo(7750);
        assertThat(agreed.tax()).isEqualTo(1938);
        assertThat(agreed.total()).isEqualTo(9688);
    }

    @ParameterizedTest
    @CsvSource({"12500, 250, 2500", "100, 190, 16", "1, 250, 0", "0, 250, 0", "999, 0, 0"})
    void taxThatIsIncludedIsTakenOutAndHalfACoinIsRoundedUp(long price, int tax, long in) {
        Agreement agreed = of(tax, true, null, line(Agreement.Kind.SERVICE, price));
        assertThat(agreed.tax()).isEqualTo(in);
        assertThat(agreed.total()).isEqualTo(price);
    }

    @Test
    void workThatCostsMoreThanHalfOfTheInstrumentIsAskedAbout() {
        assertThat(of(0, true, 10000L, line(Agreement.Kind.SERVICE, 5001)).isMuch())
                .isTrue();
        assertThat(of(0, true, 10000L, line(Agreement.Kind.SERVICE, 5000)).isMuch())
                .isFalse();
        assertThat(of(0, true, null, line(Agreement.Kind.SERVICE, 5000)).isMuch())
                .isFalse();
    }

    @Test
    void aFavourCostsNothing() {
        assertThatThrownBy(() -> line(Agreement.Kind.GOODWILL, 1)).hasMessageContaining("done for nothing");
    }

    @ParameterizedTest
    @CsvSource({"35, 3500", "35.5, 3550", "'35,05', 3505", "0, 0", "35.00 crowns, 3500", "12.3400, 1234"})
    void sumsAreReadAsTheyAreTyped(String typed, long coins) {
        assertThat(CROWNS.parse("price", typed)).isEqualTo(coins);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-1", "35.005", "much", "1e3", "99999999999"})
    void whatIsNoSumIsNamed(String typed) {
        assertThatThrownBy(() -> CROWNS.parse("price", typed))
                .hasMessageContaining("price")
                .hasMessageContaining("35.00");
    }

    @Test
    void aCurrencyWithoutSmallCoinsShowsNone() {
        Money shells = new Money("shells", 0);
        assertThat(shells.show(35)).isEqualTo("35\u00a0shells");
        assertThatThrownBy(() -> shells.parse("price", "1.5")).hasMessageContaining("0 decimals");
    }
}
