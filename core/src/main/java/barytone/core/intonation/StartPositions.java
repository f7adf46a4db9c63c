package barytone.core.intonation;

import barytone.core.strings.MusicString;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the saddles of a bare bridge start, and what a pattern of saddles that lacks its step hints at. The first string stands
 * at the scale length, each next one about a string diameter farther; where the wound strings begin the pattern steps back, for
 * it is the core that makes a string stiff.
 */
public final class StartPositions {
    /** A step this small or turned round does not count as one, mm. */
    private static final double CLEAR = 0.15;

    private StartPositions() {}

    /**
     * How far beyond the scale length each saddle starts, in mm, string 1 first.
     *
     * @param strings string 1 first, one of each course
     */
    public static List<Double> of(List<MusicString> strings) {
        List<Double> starts = new ArrayList<>();
        for (int i = 0; i < strings.size(); i++) {
            MusicString now = strings.get(i);
            if (i == 0) starts.add(0.0);
            else if (stepsBack(strings, i)) starts.add(likeThePlain(strings, starts, i));
            else starts.add(starts.get(i - 1) + now.diameter());
        }
        return List.copyOf(starts);
    }

    /** Whether the wound strings begin here. */
    private static boolean stepsBack(List<MusicString> strings, int i) {
        return strings.get(i).wrap().wound() && !strings.get(i - 1).wrap().wound();
    }

    /** Where the plain string stands that is as thick as the core of the first wound one. */
    private static double likeThePlain(List<MusicString> strings, List<Double> starts, int wound) {
        double core = strings.get(wound).core();
        int like = 0;
        for (int i = 1; i < wound; i++)
            if (Math.abs(strings.get(i).diameter() - core)
                    < Math.abs(strings.get(like).diameter() - core)) like = i;
        return starts.get(like);
    }

    /** What a pattern of saddles shows. */
    public enum Sign {
        /** The wound strings do not begin with a step back. */
        NO_STEP,
        /** A saddle stands before the one of the next higher string although nothing asks for a step. */
        STEP_TOO_MANY,
        /** A saddle stands much farther back than a string diameter wants. */
        FAR_BACK
    }

    /**
     * Something odd in a pattern.
     *
     * @param string the lower one of the two strings that it is about
     */
    public record Oddity(int string, Sign sign) {}

    /**
     * Looks at a pattern of saddles whose intonation is set.
     *
     * @param places of the saddles behind string 1's, in mm, string 1 first
     */
    public static List<Oddity> odd(List<MusicString> strings, List<Double> places) {
        List<Double> starts = of(strings);
        List<Oddity> odd = new ArrayList<>();
        for (int i = 1; i < Math.min(strings.size(), places.size()); i++) {
            double step = places.get(i) - places.get(i - 1);
            double usual = starts.get(i) - starts.get(i - 1);
            if (usual < -CLEAR && step > -CLEAR) odd.add(new Oddity(i + 1, Sign.NO_STEP));
            else if (usual >= 0 && step < -CLEAR) odd.add(new Oddity(i + 1, Sign.STEP_TOO_MANY));
            else if (step > usual + 2) odd.add(new Oddity(i + 1, Sign.FAR_BACK));
        }
        return List.copyOf(odd);
    }
}
