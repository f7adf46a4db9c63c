package barytone.core.buzz;

import barytone.core.playoff.NoteMark;
import barytone.core.playoff.Pluck;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What can make a note sound wrong: how often it is met, where it can sit, which notes it spoils from there, what measurements and hints say of it, what tests show of it,
 * and what is done about it. All chances are trade judgement, held by the cases of the hunt.
 */
public abstract class Cause {
    private final String code;
    private final String title;
    private final Remedy remedy;
    private final BuzzTest confirming;
    private final Map<BuzzTest, Map<Outcome, Double>> shows = new EnumMap<>(BuzzTest.class);
    private final Map<Zone, Double> zones = new EnumMap<>(Zone.class);

    /**
     * A cause.
     *
     * @param code stable, as it is sent and stored
     * @param confirming the test that settles it
     */
    protected Cause(String code, String title, Remedy remedy, BuzzTest confirming) {
        this.code = code;
        this.title = title;
        this.remedy = remedy;
        this.confirming = confirming;
    }

    /** How often a test has this outcome where the cause is present. */
    protected final void shows(BuzzTest test, Outcome outcome, double chance) {
        shows.computeIfAbsent(test, t -> new EnumMap<>(Outcome.class)).put(outcome, chance);
    }

    /** How often the noise seems to come from there. */
    protected final void from(Zone zone, double chance) {
        zones.put(zone, chance);
    }

    /** The stable code. */
    public final String code() {
        return code;
    }

    /** As it is called at the bench. */
    public final String title() {
        return title;
    }

    public final Remedy remedy() {
        return remedy;
    }

    /** The test that settles it. */
    public final BuzzTest confirming() {
        return confirming;
    }

    /** How often it is met on an instrument that buzzes, all its places together; 0 where it cannot be. */
    protected abstract double odds(Board board);

    /** Where it can sit. */
    protected List<Place> places(Board board) {
        return List.of(Place.ANY);
    }

    /**
     * The chance that a note of a usual touch sounds wrong for it.
     *
     * @param note the note, with what it depends on
     */
    protected abstract double spoils(Place place, Note note);

    /** The chance that a note that rings clean is cut short when it is bent. */
    protected double chokes(Place place, Note note) {
        return 0;
    }

    /** How much of it is left under another touch; 1 for the usual one. */
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.8;
            case NORMAL -> 1;
            case HARD -> 1.1;
        };
    }

    /** How much is left under another touch where the string touches a crown for want of room. */
    protected static double wantOfRoom(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.55;
            case NORMAL -> 1;
            case HARD -> 1.3;
        };
    }

    /** How well a note's sound goes with it; 1 where it says nothing. */
    protected double sounds(NoteMark mark) {
        return 1;
    }

    /** How much likelier what is known of the instrument is with it than without. */
    protected double fits(Findings findings, Place place, Board board) {
        return 1;
    }

    /** Whether a test was made where it sits. */
    protected boolean met(Place place, TestResult result) {
        return (place.string() == 0 || result.string() == null || place.string() == result.string())
                && (place.fret() == 0 || result.fret() == null || place.fret() == result.fret());
    }

    final double chanceOf(BuzzTest test, Outcome outcome) {
        return shows.getOrDefault(test, Map.of()).getOrDefault(outcome, 0.0);
    }

    final boolean speaksTo(BuzzTest test) {
        return shows.containsKey(test);
    }

    final double chanceFrom(Zone zone) {
        return zones.getOrDefault(zone, 0.0);
    }
}
