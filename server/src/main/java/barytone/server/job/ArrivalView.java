package barytone.server.job;

import barytone.core.arrival.Condition;
import barytone.core.arrival.Side;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Spot;
import barytone.core.arrival.SpotState;
import barytone.core.arrival.Style;
import barytone.core.arrival.Where;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An instrument as it came, step by step as one looks.
 *
 * @param missing what is not done yet, in a sentence; empty when all is
 * @param marks what was seen, in the order in which it was marked
 * @param spots what is looked at from head to tail
 * @param strings null while nothing was said of them
 * @param names of the strings, the lowest first
 * @param sayBefore what is said to the player before the work; null when there is nothing
 * @param provisional why readings are of a set that is not whole; null when it is
 */
public record ArrivalView(
        List<Step> steps,
        String missing,
        HurtView hurt,
        List<MarkView> marks,
        List<SpotView> spots,
        @Nullable StringsView strings,
        List<StringName> names,
        @Nullable String sayBefore,
        @Nullable String provisional) {
    /**
     * A step of intake.
     *
     * @param told what is known there, in a few words
     */
    public record Step(Code code, String label, String told, boolean done) {
        /** Which one. */
        public enum Code {
            WHO("Who and what"),
            HURT("What hurts"),
            LOOK("Look over"),
            AIR("Air"),
            STRINGS("Strings"),
            AGREED("Agreed");

            private final String label;

            Code(String label) {
                this.label = label;
            }
        }

        Step(Code code, String told, boolean done) {
            this(code, code.label, told, done);
        }

        /** The steps before an instrument is taken in. */
        public static List<Step> ahead() {
            return Arrays.stream(Code.values())
                    .map(code -> new Step(code, code == Code.WHO ? "not taken in yet" : "", false))
                    .toList();
        }
    }

    /** What hurts, and how it is played. */
    public record HurtView(
            String words,
            List<Sign> signs,
            List<Where> where,
            List<Integer> strings,
            List<Style> styles,
            @Nullable Integer capo,
            String like) {}

    /**
     * What was seen at one place.
     *
     * @param event the place of the entry that said so first
     * @param text what it is with its note
     * @param stops whether rod, saddles and string tension wait for it
     */
    public record MarkView(
            long event, Condition kind, String text, Side side, double x, double y, String note, boolean stops) {}

    /** A spot; its state is null while nobody has looked. */
    public record SpotView(
            Spot spot, String label, @Nullable SpotState state, String note, String told) {}

    /** A string as it is spoken of: 6 E. */
    public record StringName(int code, String label) {}

    /** Which strings it is to have, and in which tuning; empty where it stays. */
    public record StringsView(
            boolean change, String set, String tuning, String age, String by, List<Integer> missing, boolean trial) {}
}
