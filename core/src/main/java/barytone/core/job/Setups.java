package barytone.core.job;

import barytone.core.estimate.SetupEstimate;
import java.util.List;

/**
 * The setup between moves, as well as it is known by now: a reading that comes later says more of what stood there before, and moves
 * nothing.
 *
 * @param beforeMoves as it was estimated last before each move
 * @param now after all of them
 * @param cure how many of the first moves only cured a bent back neck or a loose rod
 */
public record Setups(List<SetupEstimate> beforeMoves, SetupEstimate now, int cure) {
    /** Whether nothing was moved yet but a neck that was put right before anything else could be read. */
    public boolean asFound() {
        return beforeMoves.size() <= cure;
    }

    /** The number of moves made. */
    public int moves() {
        return beforeMoves.size();
    }

    /** The setup that stood while so many moves had been made. */
    public SetupEstimate after(int moves) {
        return moves < beforeMoves.size() ? beforeMoves.get(moves) : now;
    }
}
