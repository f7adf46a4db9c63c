package barytone.core.buzz;

import barytone.core.playoff.PlayedNote;
import java.util.List;

/** What speaks for a cause, or against it. */
public sealed interface Reason {
    /** Whether it speaks for it. */
    boolean speaksFor();

    /**
     * Notes that it would make sound as they do.
     *
     * @param heard how many notes sound wrong altogether
     */
    record Explains(List<PlayedNote> notes, int heard) implements Reason {
        public Explains {
            notes = List.copyOf(notes);
        }

        @Override
        public boolean speaksFor() {
            return true;
        }
    }

    /** Notes that ring clean though it would spoil them. */
    record RingsClean(List<PlayedNote> notes) implements Reason {
        public RingsClean {
            notes = List.copyOf(notes);
        }

        @Override
        public boolean speaksFor() {
            return false;
        }
    }

    /** The noise seems to come from where it sits. */
    record ComesFrom(Zone zone) implements Reason {
        @Override
        public boolean speaksFor() {
            return true;
        }
    }

    /** The player says that it hurts there. */
    record Said(BuzzMap.Region region) implements Reason {
        @Override
        public boolean speaksFor() {
            return true;
        }
    }

    /**
     * Something that is known of the instrument.
     *
     * @param known that alone
     */
    record Found(Findings known, boolean speaksFor) implements Reason {}

    /** A test that was made. */
    record Tested(TestResult result, boolean speaksFor) implements Reason {}
}
