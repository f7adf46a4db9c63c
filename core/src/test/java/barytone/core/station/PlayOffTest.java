package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.core.job.JobEvent;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import org.junit.jupiter.api.Test;

/** What is heard when an instrument is played through. */
class PlayOffTest extends PaperJob {
    private PlayOffTest heard(int string, int fret, NoteMark mark, Pluck pluck) {
        add(new JobEvent.NoteHeard(new PlayedNote(string, fret, mark, pluck, false)));
        return this;
    }

    @Test
    void theLastWordOnANoteHoldsAndACleanOneIsNoMark() {
        heard(5, 7, NoteMark.BUZZ, Pluck.HARD)
                .heard(6, 0, NoteMark.DEAD, Pluck.NORMAL)
                .heard(5, 7, NoteMark.CHOKE, Pluck.HARD)
                .heard(6, 0, NoteMark.CLEAN, Pluck.NORMAL)
                .heard(5, 7, NoteMark.CLEAN, Pluck.SOFT);
        assertThat(state().playOff().heard()).containsExactly(new PlayedNote(5, 7, NoteMark.CHOKE, Pluck.HARD, false));
    }

    @Test
    void whatIsAcceptedIsNotAcceptedAnewWhenItSoundsWorse() {
        heard(5, 7, NoteMark.BUZZ, Pluck.HARD).add(new JobEvent.HeardAccepted("the player", ""));
        assertThat(state().playOff().open()).isEmpty();
        assertThat(state().playOff().known()).hasSize(1);
        heard(5, 7, NoteMark.CHOKE, Pluck.HARD).heard(4, 2, NoteMark.BUZZ, Pluck.NORMAL);
        assertThat(state().playOff().open()).hasSize(2);
        assertThat(state().playOff().known()).isEmpty();
    }

    @Test
    void whatIsHeardMovesNothing() {
        good();
        var before = advice();
        heard(5, 7, NoteMark.BUZZ, Pluck.HARD);
        assertThat(advice()).isEqualTo(before);
        // on a board that turns out to be shorter it is no note
        heard(5, 22, NoteMark.BUZZ, Pluck.HARD);
        spec = InstrumentKind.FLAT_TOP.usual();
        assertThat(state().playOff().heard()).hasSize(1);
        assertThat(state().unfit()).hasSize(1);
    }
}
