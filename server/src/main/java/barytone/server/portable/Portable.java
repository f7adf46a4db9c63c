package barytone.server.portable;

import java.util.function.Consumer;
import tools.jackson.databind.node.ObjectNode;

/** What a room keeps of the shop, as it leaves and comes back. */
public interface Portable {
    /** Under which name its records stand in a file. */
    String section();

    /** What is referred to comes first: the smaller number. */
    int order();

    /** The records of a choice, one after the other: a shop of years is more than the memory holds. */
    void out(Chosen what, Consumer<ObjectNode> taker);

    /**
     * Takes a record in.
     *
     * @throws RuntimeException with the reason when it cannot be; nothing of it is kept then
     */
    Came in(ObjectNode record, Known known);

    /** The files that go along with the records. */
    default void files(Chosen what, FileTaker taker) {}

    /** Takes the files one after the other. */
    interface FileTaker {
        /**
         * One of them.
         *
         * @param name with which it stands in the records
         */
        void take(String name, byte[] content);
    }

    /** What became of a record. */
    enum Came {
        NEW,
        /** It was here, and had grown since. */
        MORE,
        /** It was here as it is. */
        SAME
    }
}
