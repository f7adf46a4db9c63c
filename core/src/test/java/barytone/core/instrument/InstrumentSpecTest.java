package barytone.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.station.relief.ReliefSchool;
import barytone.core.strings.Pitch;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class InstrumentSpecTest {
    @ParameterizedTest
    @EnumSource(InstrumentKind.class)
    void everyKindHasUsualValuesThatMakeASoundModel(InstrumentKind kind) {
        InstrumentSpec spec = kind.usual();
        assertThat(InstrumentSpec.parseTuning(spec.tuningText(), kind)).isEqualTo(spec.tuning());
        assertThat(spec.model(false).reliefPerCurvature()).isPositive();
        for (ReliefSchool school : ReliefSchool.USUAL) {
            var target = school.target(spec, Touch.LIGHT);
            assertThat(target.bass().low()).isPositive();
            assertThat(target.bass().middle())
                    .isGreaterThanOrEqualTo(target.treble().middle());
        }
        // typed without octaves the usual tuning is understood the same
        String names = String.join(
                " ", spec.tuning().reversed().stream().map(Pitch::name).toList());
        assertThat(InstrumentSpec.parseTuning(names, kind)).isEqualTo(spec.tuning());
    }

    @Test
    void theHigherOfTwoStringsOfOneNoteIsSpokenSmall() {
        InstrumentSpec spec = InstrumentKind.ELECTRIC.usual();
        assertThat(spec.stringName(1)).isEqualTo("e");
        assertThat(spec.stringName(6)).isEqualTo("E");
        assertThat(InstrumentKind.BASS_5.usual().stringName(1)).isEqualTo("G");
    }

    @Test
    void anExtraLowStringIsMatchedFromTheTop() {
        List<Pitch> seven = InstrumentSpec.parseTuning("B1 E A D G B E", InstrumentKind.ELECTRIC);
        assertThat(seven).hasSize(7).extracting(Pitch::toString).endsWith("A2", "E2", "B1");
    }

    @Test
    void impossibleInstrumentsAreRefusedByField() {
        InstrumentSpec e = InstrumentKind.ELECTRIC.usual();
        assertThatThrownBy(() -> new InstrumentSpec(
                        e.kind(), e.tuning(), 648, 22, 24, 254, RodType.SINGLE, RodAccess.HEEL, false))
                .hasMessageContaining("bodyJointFret: given 24; allowed is 8 to 22");
        assertThatThrownBy(() -> new InstrumentSpec(
                        e.kind(), e.tuning(), 648, 22, 16, 20, RodType.SINGLE, RodAccess.HEEL, false))
                .hasMessageContaining("boardRadius: given 20");
        assertThatThrownBy(() -> InstrumentSpec.parseTuning("E A X G", InstrumentKind.BASS_4))
                .hasMessageContaining("“X” is not a note");
        assertThatThrownBy(() -> Pitch.of("B9")).hasMessageContaining("pitch: given 119");
    }
}
