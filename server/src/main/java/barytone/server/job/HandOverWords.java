package barytone.server.job;

import barytone.core.instrument.InstrumentKind;

/** What is said to whoever takes an instrument home. */
final class HandOverWords {
    private HandOverWords() {}

    /** When to look again, as far as the kind of instrument tells. */
    static String lookAgain(InstrumentKind kind) {
        return kind.thinTop()
                ? "When the heating comes on, or at other strings or another tuning: its top moves with the air."
                : "At the third change of strings, or sooner with other gauges or another tuning, or when it buzzes.";
    }
}
