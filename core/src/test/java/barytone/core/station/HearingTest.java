package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

import barytone.core.intonation.Sounded;
import barytone.core.job.Station;
import barytone.core.pitch.Heard;
import barytone.core.pitch.Listening;
import barytone.core.pitch.PluckedSound;
import barytone.core.quantity.Cents;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.Hearing;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.workshop.StandIn;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is made of a sound on a job: which note it is, and whether it is taken. */
class HearingTest extends PaperJob {
    private static final Hearing.Level LEVEL = (string, decibels) -> new PickupEvent.LevelHeard(1, string, decibels);

    private static final Intonation.Wanted LOW_OPEN = new Intonation.Wanted(6, Sounded.OPEN);
    private static final Intonation.Wanted LOW_AT_12 = new Intonation.Wanted(6, Sounded.at(12));

    @BeforeEach
    void intonationAlone() {
        agreed(Station.INTONATION);
    }

    /** A pitch over the last moments, oldest first, in cents above a frequency. */
    private static Listening listening(double frequency, boolean steady, boolean plucked, double... cents) {
        List<Listening.Moment> trace = new ArrayList<>();
        for (int i = 0; i < cents.length; i++)
            trace.add(new Listening.Moment(0.25 * (cents.length - i), frequency * Cents.ratio(cents[i])));
        Heard.Pitch last = new Heard.Pitch(frequency * Cents.ratio(cents[cents.length - 1]), 0, 0.1, 0.9, -18);
        return steady ? new Listening(trace, last, last, plucked) : Listening.unsteady(trace, last, plucked);
    }

    private Hearing hear(Listening heard, Intonation.Wanted expected) {
        return Hearing.of(state(), Hearing.Mode.NOTE, heard, expected, false, false);
    }

    @ParameterizedTest
    @CsvSource({"0.5, TAKE", "-6, UP", "7, DOWN", "-79, UP", "120, ANOTHER"})
    void anOpenStringIsTakenOnlyWhenItIsInTune(double cents, Hearing.Call call) {
        assertThat(hear(listening(82.407, true, true, cents, cents, cents), LOW_OPEN)
                        .call())
                .isEqualTo(call);
    }

    @Test
    void anOpenStringThatCameDownToItsPitchIsNotTakenUnlessThatIsAllowed() {
        Listening down = listening(82.407, true, true, 20, 12, 6, 0.3, 0.2, 0.1);
        assertThat(hear(down, LOW_OPEN).call()).isEqualTo(Hearing.Call.DROP_AND_COME_UP);
    }

    @Test
    void aFrettedNoteIsTakenAsItIsHoweverSharp() {
        Hearing sharp = hear(listening(164.814, true, true, 22, 22, 22), LOW_AT_12);
        assertThat(sharp.call()).isEqualTo(Hearing.Call.TAKE);
        ToneEvent.PitchRead read = (ToneEvent.PitchRead) sharp.event(Ear.MICROPHONE, LEVEL, false);
        assertThat(read.cents()).isCloseTo(22, within(0.05));
        assertThat(read.sounded()).isEqualTo(Sounded.at(12));
    }

    @Test
    void anotherNoteIsRecognisedWhenItIsStillWantedAndNear() {
        assertThat(hear(listening(110, true, true, 2, 2, 2), LOW_OPEN).note())
                .isEqualTo(new Intonation.Wanted(5, Sounded.OPEN));
        // half a semitone from everything
        assertThat(hear(listening(110, true, true, 48, 48, 48), LOW_OPEN).call())
                .isEqualTo(Hearing.Call.ANOTHER);
        for (Sounded sounded : List.of(Sounded.OPEN, Sounded.at(12)))
            add(new ToneEvent.PitchRead(5, sounded, 0, Ear.TUNER, null, false, false, ""));
        assertThat(hear(listening(110, true, true, 2, 2, 2), LOW_OPEN).call())
                .as("it was read, and is not wanted any more")
                .isEqualTo(Hearing.Call.ANOTHER);
    }

    @Test
    void whatWasTakenMayRingOnUntilAnotherPluck() {
        Listening same = listening(82.407, true, false, 0, 0, 0);
        assertThat(Hearing.of(state(), Hearing.Mode.NOTE, same, LOW_OPEN, true, false)
                        .call())
                .isEqualTo(Hearing.Call.RINGS_ON);
        Listening plucked = listening(82.407, true, true, 0, 0, 0);
        assertThat(Hearing.of(state(), Hearing.Mode.NOTE, plucked, LOW_OPEN, true, false)
                        .call())
                .isEqualTo(Hearing.Call.TAKE);
    }

    @Test
    void aPitchThatSwingsWaversAndOneThatOnlySettlesDoesNot() {
        Listening swings = listening(82.407, false, true, 0, 5, -1, 5, 0, 5, -1);
        assertThat(hear(swings, LOW_OPEN).call()).isEqualTo(Hearing.Call.WAVERS);
        Hearing asIs = Hearing.of(state(), Hearing.Mode.NOTE, swings, LOW_OPEN, false, true);
        assertThat(((ToneEvent.PitchRead) asIs.event(Ear.FILE, LEVEL, true)).wavered())
                .isTrue();
        Listening settles = listening(82.407, false, true, 9, 7, 5, 4, 3, 2, 1);
        assertThat(hear(settles, LOW_OPEN).call()).isEqualTo(Hearing.Call.RINGING);
        assertThatIllegalStateException()
                .isThrownBy(() -> hear(settles, LOW_OPEN).event(Ear.FILE, LEVEL, false))
                .withMessageContaining("RINGING");
    }

    @Test
    void sharpAndUnsteadyUnderAFingerIsAHardGrip() {
        assertThat(hear(listening(164.814, false, true, 20, 26, 21, 27), LOW_AT_12)
                        .call())
                .isEqualTo(Hearing.Call.GRIPPED);
        assertThat(hear(listening(82.407, false, true, 20, 26, 21, 27), LOW_OPEN)
                        .call())
                .isNotEqualTo(Hearing.Call.GRIPPED);
    }

    @Test
    void stretchesAndLevelsAreTakenWhateverThePitchWithinReach() {
        Listening dropped = listening(82.407, true, true, -30, -30, -30);
        Hearing stretch = Hearing.of(state(), Hearing.Mode.STRETCH, dropped, LOW_OPEN, false, false);
        assertThat(((ToneEvent.Stretched) stretch.event(Ear.MICROPHONE, LEVEL, false)).drop())
                .isCloseTo(30, within(0.05));
        Hearing level = Hearing.of(state(), Hearing.Mode.LEVEL, dropped, LOW_OPEN, false, false);
        assertThat(level.event(Ear.MICROPHONE, LEVEL, false)).isEqualTo(new PickupEvent.LevelHeard(1, 6, -18));
    }

    @Test
    void silenceIsNothing() {
        Listening silent = Listening.unsteady(List.of(), new Heard.Nothing(Heard.Reason.SILENT), false);
        assertThat(hear(silent, LOW_OPEN).call()).isEqualTo(Hearing.Call.NOTHING);
        assertThat(silent.why()).contains("Nothing is heard");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 6})
    void theStandInPlaysInTuneOpenAndFollowsItsSaddle(int string) {
        var open = Listening.to(StandIn.note(state(), 4, string, Sounded.OPEN, 0), 0);
        assertThat(hear(open, new Intonation.Wanted(string, Sounded.OPEN)).cents())
                .isCloseTo(0, within(0.1));
        double before = fretted(string);
        List<Double> back = new ArrayList<>(java.util.Collections.nCopies(6, 0.0));
        back.set(6 - string, 1.0);
        add(new ToneEvent.SaddlesMoved(java.util.Collections.nCopies(6, barytone.core.quantity.Turns.NONE), back));
        // a millimetre back is flatter at 12 by 1731 over the length
        assertThat(fretted(string) - before).isCloseTo(-1731 / spec.scaleLength(), within(0.3));
        var stretched = Listening.to(StandIn.note(state(), 4, string, Sounded.OPEN, 12), 0);
        assertThat(hear(stretched, new Intonation.Wanted(string, Sounded.OPEN)).cents())
                .isCloseTo(-12, within(0.1));
    }

    private double fretted(int string) {
        var sound = StandIn.note(state(), 4, string, Sounded.at(12), 0);
        return hear(Listening.to(sound, 0), new Intonation.Wanted(string, Sounded.at(12)))
                .cents();
    }

    @Test
    void theFirstPartialIsWhatIsCompared() {
        var sound =
                PluckedSound.of(82.407 / Math.sqrt(1 + 4e-4), 4e-4).noise(40).sound(2, 44_100, 3);
        assertThat(hear(Listening.to(sound, 0), LOW_OPEN).cents()).isCloseTo(0, within(0.05));
    }
}
