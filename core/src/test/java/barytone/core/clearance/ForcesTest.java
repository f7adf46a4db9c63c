package barytone.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.height.ActionTarget;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobDefaults;
import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.station.Stations;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The forces of a touch and the heights that are wanted for it must not contradict each other. */
class ForcesTest {
    /** The lowest strings may graze the first frets when they are plucked as hard as is meant, mm: players hear that as attack. */
    private static final double GRAZES = 0.08;

    @ParameterizedTest
    @EnumSource(
            value = InstrumentKind.class,
            names = {"BASS_.*", "TWELVE_STRING"},
            mode = EnumSource.Mode.MATCH_NONE)
    void whoeverPlaysAsTheBandsAreMeantForPlaysCleanOrNearlySo(InstrumentKind kind) {
        InstrumentSpec spec = kind.usual();
        for (Touch touch : Touch.values()) {
            JobDefaults wanted = Stations.usual(spec, touch);
            for (int s = 1; s <= spec.strings(); s++) {
                StringLine line = spec.line();
                double share = (s - 1) / (spec.strings() - 1.0);
                double relief =
                        (1 - share) * wanted.the(ReliefTarget.class).treble().middle()
                                + share * wanted.the(ReliefTarget.class).bass().middle();
                double k = line.curvatureFor(wanted.the(ReliefTarget.class).method(), relief);
                LinearForm pressed = line.form(new GapMethod.NutPressed(3));
                double slot =
                        (wanted.the(NutTarget.class).band(s).middle() - k * pressed.curvature()) / pressed.slotHeight();
                StringState setup = new StringState(
                        k,
                        slot,
                        line.saddleHeightFor(
                                spec.actionFret(),
                                wanted.the(ActionTarget.class).band(s).middle(),
                                k,
                                slot));
                double tension = ToneForecast.tension(spec, 440, s);
                assertThat(ClearanceMap.of(line, setup, tension, PluckForce.of(kind, s, spec.strings(), touch), 0.2))
                        .as("%s, string %d, %s", kind, s, touch)
                        .allMatch(note -> note.margin() >= -GRAZES);
            }
        }
    }
}
