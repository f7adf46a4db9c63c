package barytone.server.portable;

import java.util.Set;

/**
 * What of a shop leaves, by local numbers.
 *
 * @param all the whole shop, its settings among it
 * @param sets string sets and schools alone, to be passed between shops
 */
public record Chosen(boolean all, boolean sets, Set<Long> players, Set<Long> instruments, Set<Long> jobs) {
    /** The whole shop. */
    public static final Chosen SHOP = new Chosen(true, true, Set.of(), Set.of(), Set.of());

    /** String sets and schools. */
    public static final Chosen SETS = new Chosen(false, true, Set.of(), Set.of(), Set.of());

    public Chosen {
        players = Set.copyOf(players);
        instruments = Set.copyOf(instruments);
        jobs = Set.copyOf(jobs);
    }
}
