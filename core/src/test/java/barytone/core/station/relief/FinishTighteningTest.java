package barytone.core.station.relief;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.quantity.Turns;
import java.util.List;
import org.junit.jupiter.api.Test;

class FinishTighteningTest {
    private static final Turns LOOSER = new Turns(-3);
    private static final RodWays NOT_SO = new RodWays(Turns.EIGHTH, false, 10, new Turns(12));

    private static Turns sum(List<Turns> path) {
        return path.stream().reduce(Turns.NONE, Turns::plus);
    }

    @Test
    void aRodThatIsLoosenedGoesPastItsPlaceAndComesBackTightening() {
        List<Turns> path = FinishTightening.path(LOOSER, false, false, RodWays.USUAL);
        assertThat(path).containsExactly(new Turns(-5), new Turns(2));
        assertThat(sum(path)).isEqualTo(LOOSER);
    }

    @Test
    void onARodThatStraightensAnticlockwiseTighteningIsTheOtherWay() {
        List<Turns> path = FinishTightening.path(new Turns(3), true, false, RodWays.USUAL);
        assertThat(path).containsExactly(new Turns(5), new Turns(-2));
        assertThat(FinishTightening.path(LOOSER, true, false, RodWays.USUAL)).containsExactly(LOOSER);
    }

    @Test
    void aStiffOneIsEasedFirstAndAShopThatWantsNoneOfItGetsOneTurn() {
        assertThat(FinishTightening.path(new Turns(2), false, true, RodWays.USUAL))
                .containsExactly(new Turns(-2), new Turns(4));
        assertThat(FinishTightening.path(LOOSER, false, false, NOT_SO)).containsExactly(LOOSER);
    }
}
