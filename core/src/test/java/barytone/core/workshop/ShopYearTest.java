package barytone.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.workshop.ShopYear.Rule;
import org.junit.jupiter.api.Test;

/** A year of promises in a world that does not keep to what the queue assumes. */
class ShopYearTest {
    @Test
    void theQueueKeepsNineInTenWhereAFixedRuleWaitsLonger() {
        ShopYear queue = ShopYear.run(Rule.QUEUE, 1.5, 2);
        ShopYear fixed = ShopYear.run(Rule.THREE_DAYS, 1.5, 2);
        assertThat(queue.share()).isBetween(0.86, 0.95);
        assertThat(queue.waited()).isLessThan(0.7 * fixed.waited());
    }

    @Test
    void aBusyShopKeepsMoreThanAFixedRule() {
        ShopYear queue = ShopYear.run(Rule.QUEUE, 2.8, 4);
        ShopYear fixed = ShopYear.run(Rule.THREE_DAYS, 2.8, 4);
        assertThat(queue.share()).isGreaterThan(fixed.share() + 0.5);
        assertThat(ShopYear.run(Rule.THREE_DAYS, 2.8, 4)).isEqualTo(fixed);
    }
}
