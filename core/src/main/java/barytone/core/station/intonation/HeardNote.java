package barytone.core.station.intonation;

import barytone.core.job.Setups;
import barytone.core.neck.StringState;

/**
 * A pitch that was read, with what stood when it was.
 *
 * @param session notes of a string in one session were read without a move or a retuning between them
 * @param shift how far back the string's saddle had been moved by then, since as found, in mm
 * @param setup the setup under the string until the first move after it, as well as it is known by now
 * @param offPitch the string was slack: it says nothing
 * @param afterMoves how many moves had been made on the job
 * @param asFound whether it counts as found: nothing was moved before but a neck that had to be put right first
 */
public record HeardNote(
        long seq,
        ToneEvent.PitchRead read,
        int session,
        double shift,
        StringState setup,
        boolean offPitch,
        int afterMoves,
        boolean asFound) {
    /** The same with what is known by now of the setup. */
    HeardNote known(Setups setups) {
        StringState stood = setups.after(afterMoves).likely(read.string());
        return new HeardNote(seq, read, session, shift, stood, offPitch, afterMoves, asFound);
    }
}
