package barytone.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.Conditioning;
import barytone.core.instrument.InstrumentKind;
import barytone.core.quantity.OutOfRangeException;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** An instrument as it came. */
class ArrivalTest {
    private static ConditionMark mark(Condition kind) {
        return new ConditionMark(kind, Side.FRONT, 0.5, 0.5, "");
    }

    @Test
    void whatIsSaidLastHoldsAndWhatWasSeenBesideItStays() {
        Arrival came = Arrival.UNSEEN
                .with(Complaint.of("Buzzes"))
                .with(3, mark(Condition.DENT), null)
                .with(new SpotLook(Spot.NUT, SpotState.WRONG, "loose"))
                .with(new SpotLook(Spot.NUT, SpotState.FIXED, "glued"))
                .with(Complaint.of("Buzzes, and rattles"));
        assertThat(came.complaint()).isEqualTo(Complaint.of("Buzzes, and rattles"));
        assertThat(came.marks()).containsKey(3L);
        assertThat(came.looks()).containsEntry(Spot.NUT, new SpotLook(Spot.NUT, SpotState.FIXED, "glued"));
        assertThat(came.stopping()).isEmpty();
    }

    @Test
    void aMarkKeepsItsPlaceWhateverItIsChangedTo() {
        Arrival came = Arrival.UNSEEN.with(3, mark(Condition.CRACK), null).agreed(List.of(3L));
        assertThat(came.with(7, mark(Condition.CRACK), 3L).stopping()).isEmpty();
        assertThat(came.with(7, mark(Condition.HEADSTOCK), 3L).stopping().keySet())
                .containsExactly(3L);
        assertThat(came.without(3).marks()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void whatStopsTheJobSaysWhatTensionDoesToIt(Condition kind) {
        assertThat(kind.stops()).isEqualTo(kind.danger() != null);
        assertThat(Arrival.UNSEEN.with(1, mark(kind), null).stopping().isEmpty())
                .isEqualTo(!kind.stops());
    }

    @Test
    void marksChosenTwiceAreOneAndStandInOneOrder() {
        Complaint said = new Complaint(
                "",
                List.of(Sign.HIGH, Sign.BUZZES, Sign.HIGH),
                List.of(Where.HIGH, Where.OPEN),
                List.of(6, 1, 6),
                List.of(),
                null,
                "");
        assertThat(said.signs()).containsExactly(Sign.BUZZES, Sign.HIGH);
        assertThat(said.where()).containsExactly(Where.OPEN, Where.HIGH);
        assertThat(said.strings()).containsExactly(1, 6);
    }

    @Test
    void aSetThatIsNotWholeMakesReadingsProvisional() {
        assertThat(new StringsPlan(false, "", "", "", "", List.of(), false).provisional())
                .isFalse();
        assertThat(new StringsPlan(false, "", "", "", "", List.of(4, 4), false).missing())
                .containsExactly(4);
        assertThat(new StringsPlan(true, "", "", "", "", List.of(4), false).provisional())
                .isTrue();
        assertThat(new StringsPlan(true, "", "", "", "", List.of(), true).provisional())
                .isTrue();
    }

    @Test
    void aMarkBesideTheDrawingIsRefused() {
        assertThatThrownBy(() -> new ConditionMark(Condition.DENT, Side.BACK, -0.01, 0.5, ""))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("x");
        assertThatThrownBy(() -> new ConditionMark(Condition.DENT, Side.BACK, 0.5, Double.NaN, ""))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("y");
    }

    @ParameterizedTest
    @EnumSource
    void onlyWhatAnInstrumentHasIsLookedAt(InstrumentKind kind) {
        List<Spot> spots = Spot.on(kind.usual());
        boolean electric = !kind.usual().fittings().pickups().isEmpty();
        BridgeKind bridge = kind.usual().fittings().bridge();
        assertThat(spots.contains(Spot.EARTH)).isEqualTo(electric);
        assertThat(spots.contains(Spot.TREES))
                .isEqualTo(electric && bridge != BridgeKind.FIXED && bridge != BridgeKind.FLOATING);
        assertThat(spots).contains(Spot.TUNERS, Spot.NUT, Spot.BRIDGE).isSorted();
    }

    @Test
    void conditioningTakesDays() {
        Instant read = Instant.parse("2031-02-03T09:00:00Z");
        assertThat(Conditioning.until(read)).isEqualTo("2031-02-07T09:00:00Z");
    }
}
