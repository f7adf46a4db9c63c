package barytone.core.buzz;

import org.jspecify.annotations.Nullable;

/**
 * The test that tells most about what is to be done, for its time.
 *
 * @param string on which; null where it is on no one string
 * @param fret over which; null where it is over no one fret
 * @param bits how much it is expected to tell of what is to be done
 */
public record NextTest(
        BuzzTest test, @Nullable Integer string, @Nullable Integer fret, double bits) {}
