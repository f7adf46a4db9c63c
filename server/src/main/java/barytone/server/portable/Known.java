package barytone.server.portable;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Which local number a name of a file has come to, while the file is taken in. */
public final class Known {
    private final Map<String, Long> numbers = new HashMap<>();

    private final List<Runnable> later = new ArrayList<>();

    private final Function<String, Optional<byte[]>> files;

    /**
     * Nothing has come yet.
     *
     * @param files what stands beside the records, by name
     */
    public Known(Function<String, Optional<byte[]>> files) {
        this.files = files;
    }

    /** A file that stands beside the records. */
    public Optional<byte[]> file(String name) {
        return files.apply(name);
    }

    /** What can only be said when all of a file is in. */
    public void later(Runnable work) {
        later.add(work);
    }

    /** Says it. */
    public void finish() {
        // what is told as one that is itself told as another needs that one said first, whichever stands first in the
        // file
        for (int round = 0; round < 2; round++) later.forEach(Runnable::run);
        later.clear();
    }

    /** What can be referred to. */
    public enum What {
        PLAYER,
        INSTRUMENT,
        JOB
    }

    /** A name has this number here. */
    public void is(What what, String uid, long id) {
        numbers.put(what + uid, id);
    }

    /** The number of a name that came before; empty when it did not, or was refused. */
    public Optional<Long> find(What what, String uid) {
        return Optional.ofNullable(numbers.get(what + uid));
    }

    /**
     * The number of a name that must have come before.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it did not, or was refused
     */
    public long id(What what, String uid) {
        return find(what, uid)
                .orElseThrow(() -> Allowed.broken(
                        Allowed.spelt(what), "“" + uid + "”", "one that stands in the file and was taken"));
    }
}
