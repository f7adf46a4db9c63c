package barytone.core.job;

import barytone.core.estimate.Move;
import barytone.core.instrument.InstrumentSpec;
import java.util.List;
import java.util.Optional;

/** Work that changes heights at nut or bridge, and takes the strings off pitch. */
public interface Adjustment extends JobEvent {
    /** How well sanding and shimming hit the intended amount, as a share of it (1 sd). */
    double REWORK_SPREAD = 0.10;

    /** The same for a filled slot or a new nut. */
    double FILL_SPREAD = 0.30;

    /** The same for what a height changes when a saddle is moved along its string. */
    double ALONG_SPREAD = 0.30;

    @Override
    default List<Integer> slackens(InstrumentSpec spec) {
        return spec.everyString();
    }

    /** The station at which it is done. */
    Station station();

    /** What it does to the setup of an instrument, in order. */
    List<Move> moves(InstrumentSpec spec);

    /** The strings whose height it changes on purpose. */
    List<Integer> touches(InstrumentSpec spec);

    /** What nobody knows the height of afterwards, until it is read: it was made new, filled or shimmed. */
    default Optional<Move> unknown(InstrumentSpec spec) {
        return Optional.empty();
    }
}
