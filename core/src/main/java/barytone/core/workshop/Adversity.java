package barytone.core.workshop;

import barytone.core.quantity.NotAllowedException;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What reality does to the model; each can be left out of a world, so that its price shows. Sizes are trade judgement, give or take a third. */
public enum Adversity {
    /** A hand repeats itself within 0.010 to 0.025 mm, not 0.008; two leaves laid together add a film of 0.004. */
    HAND,
    /** A card stands off by a constant of 0.05 mm, a caliper by 0.02, leaves by 0.004; one set in three has a bent leaf (0.025). */
    TOOLS,
    /** One shop in four reads on the flat bench, half of them without saying so; one job in ten holds or gauges at another fret than it says. */
    METHOD,
    /** One reading in sixty is of the neighbour string, open for pressed, or a digit wrong. */
    SLIPS,
    /** Relief as it comes, twist, uneven and bent crowns, uneven bending, body joint, scale and compensation off. */
    NECK,
    /** A rod whose answer changes over its range, with backlash, unequal sides, a dead zone, an end either way. */
    ROD,
    /** Creep over minutes to hours, drift, necks that move when they are tuned. */
    TIME,
    /** Files that bite unevenly, turns off, the wrong way or left out, sanding off and tapered, threads stated wrong, screws and saddles at their ends. */
    WORK,
    /** Intonation and pickups are agreed on: a finger presses below the crown, tuners tell a cent, strings are false or go off pitch, saddles stay where they were, springs are tired. */
    SOUND;

    /** The name on a command line. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The adversity with this name. */
    public static Adversity ofCode(String code) {
        for (Adversity a : values()) if (a.code().equals(code)) return a;
        throw new NotAllowedException("adversity: given “" + code + "”; allowed are "
                + Arrays.stream(values()).map(Adversity::code).collect(Collectors.joining(", ")) + ".");
    }
}
