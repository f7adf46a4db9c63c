package barytone.core.pickup;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.quantity.Turns;
import org.junit.jupiter.api.Test;

class PickupScrewTest {
    @Test
    void clockwiseRaisesWhatHangsOnSpringsAndLowersWhatIsScrewedIntoTheWood() {
        Turns half = new Turns(8);
        assertThat(PickupScrew.raised(Pickup.Mounting.SPRINGS, half)).isEqualTo(0.5);
        assertThat(PickupScrew.raised(Pickup.Mounting.WOOD, half)).isEqualTo(-0.5);
    }
}
