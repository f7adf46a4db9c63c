package barytone.core.intonation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;
import barytone.core.strings.StringWrap;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Strings as they are made and fingers as they press: what the forecast wants of them is what stands on real bridges. */
class RealStringsTest {
    private static final double RELIEF = 0.2;

    @ParameterizedTest
    @CsvSource({"1.17, 0.44", "1.35, 0.48", "1.65, 0.53", "2.16, 0.58", "2.67, 0.61", "3.30, 0.66"})
    void coresAreAsTheyAreMade(double diameter, double core) {
        assertThat(MusicString.of(diameter, StringWrap.NICKEL).core()).isCloseTo(core, within(0.005));
    }

    /** Bridges are made for their strings: before a note is heard none is forecast to be tens of cents out, thick strings least of all. */
    @ParameterizedTest
    @EnumSource(InstrumentKind.class)
    void beforeANoteIsHeardEveryStringIsForecastAsItsBridgeIsMadeForIt(InstrumentKind kind) {
        InstrumentSpec spec = kind.usual();
        StringLine line = spec.line();
        double k = line.curvatureFor(SetupModel.standardRelief(spec.bodyJointFret()), 0.2);
        StringState usual = new StringState(k, 0.14, line.saddleHeightFor(12, kind.actionAt12(), k, 0.14));
        for (int s : spec.everyString()) {
            assertThat(ToneForecast.cents(spec, 440, s, 0, usual)[12]).isCloseTo(0, within(0.3));
            assertThat(ToneForecast.line(spec, s, 0).compensation()).isBetween(-2.0, 8.0);
        }
    }

    @Test
    void theBassesOfANylonStringPullLikeTheOthers() {
        InstrumentSpec nylon = InstrumentKind.NYLON.usual();
        for (int s = 4; s <= 6; s++)
            assertThat(ToneForecast.tension(nylon, 440, s)).as("string %d", s).isBetween(55.0, 75.0);
    }

    private static StringState setup(InstrumentSpec spec, double slot) {
        StringLine line = spec.line();
        double k = line.curvatureFor(new GapMethod.Relief(1, spec.bodyJointFret(), 7), RELIEF);
        double action = spec.kind().name().startsWith("BASS") ? 2.2 : 1.7;
        return new StringState(k, slot, line.saddleHeightFor(12, action, k, slot));
    }

    /** How far behind the scale length the forecast is right at 12, mm. */
    private static double compensation(InstrumentSpec spec, int string, double finger) {
        StringState setup = setup(spec, 0.15);
        double low = -5;
        double high = 25;
        for (int i = 0; i < 40; i++) {
            double c = (low + high) / 2;
            double cents = IntonationForecast.cents(
                    StringLine.of(spec.line().scale(), spec.bodyJointFret(), c),
                    setup,
                    spec.string(string),
                    ToneForecast.tension(spec, 440, string),
                    finger)[12];
            if (cents > 0) low = c;
            else high = c;
        }
        return low;
    }

    @ParameterizedTest
    @CsvSource({
        "ELECTRIC, 6, 2.5, 5.5",
        "BASS_4, 4, 2.5, 6.5",
        "BASS_4, 1, 1, 4.5",
        "BASS_5, 5, 4, 9",
        "ELECTRIC, 1, 0.5, 2.5"
    })
    void theCompensationThatIsWantedIsThatOfRealBridges(InstrumentKind kind, int string, double least, double most) {
        assertThat(compensation(kind.usual(), string, Finger.USUAL.mean())).isBetween(least, most);
    }

    @Test
    void aFingerSharpensTheFirstFretsMostAndIsLearnedFromAllStrings() {
        InstrumentSpec spec = InstrumentKind.ELECTRIC.usual();
        StringState setup = setup(spec, 0.15);
        List<Finger.Read> reads = new ArrayList<>();
        for (int s = 1; s <= 6; s++) {
            MusicString wire = spec.string(s);
            double tension = ToneForecast.tension(spec, 440, s);
            double[] heard = IntonationForecast.cents(spec.line(), setup, wire, tension, 0.4);
            Finger.Read read = new Finger.Read(
                    spec.line(),
                    setup,
                    wire,
                    tension,
                    0.02,
                    List.of(
                            new SaddleFit.Reading(1, heard[1], 1),
                            new SaddleFit.Reading(3, heard[3], 1),
                            new SaddleFit.Reading(12, heard[12], 1)));
            double[] adds = Finger.adds(read, 0.4);
            assertThat(adds[1]).isGreaterThan(adds[3]).isGreaterThan(1.5 * adds[12]);
            reads.add(read);
        }
        Normal learned = Finger.of(reads);
        assertThat(learned.mean()).isCloseTo(0.4, within(0.06));
        assertThat(learned.sd()).isLessThan(Finger.USUAL.sd() / 2);
        // one fret a string tells nothing of it
        Normal untold = Finger.of(reads.stream()
                .map(r -> new Finger.Read(
                        r.line(),
                        r.setup(),
                        r.wire(),
                        r.tension(),
                        0.02,
                        r.readings().subList(2, 3)))
                .toList());
        assertThat(untold.mean()).isCloseTo(Finger.USUAL.mean(), within(0.06));
    }

    @Test
    void aSlotIsNeverToldToGoLowerThanItStands() {
        NutOrSaddle asked = new NutOrSaddle(0.3, 0.1, 0.4, 0.1);
        assertThat(asked.noLowerThan(0.12).nutLower()).isEqualTo(0.12);
        assertThat(asked.noLowerThan(0.6).nutLower()).isEqualTo(0.4);
    }
}
