package barytone.server.records;

import barytone.server.job.HandedOver;
import java.util.Locale;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The lowest string over the frets before and after, as a small drawing for paper: heights many times enlarged. */
final class CardPicture {
    private static final double WIDTH = 520;
    private static final double HEIGHT = 96;
    private static final double LEFT = 8;

    /** Where the line through fret 1 and the body joint lies. */
    private static final double GROUND = 70;

    /** A millimetre of height on paper, so that a high action stays on it. */
    private static final double PER_MM = 16;

    private static final String DASHED = "stroke-dasharray=\"5 4\"";

    private CardPicture() {}

    /** Whether a drawing shows what was found beside what is left. */
    static boolean showsFound(@Nullable String drawing) {
        return drawing != null && drawing.contains(DASHED);
    }

    /** The drawing; null when nothing was read. */
    static @Nullable String of(HandedOver.@Nullable Profile found, HandedOver.@Nullable Profile left) {
        if (left == null) return null;
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.0f %.0f\" width=\"520\" height=\"96\">",
                WIDTH,
                HEIGHT));
        double scale = (WIDTH - 2 * LEFT) / left.saddleX();
        svg.append("<path d=\"").append(board(left, scale)).append("\" fill=\"#16201E\"/>");
        if (found != null)
            svg.append(string(found, scale))
                    .append("\" stroke=\"#7F8D85\" stroke-width=\"1.2\" " + DASHED + " fill=\"none\"/>");
        svg.append(string(left, scale)).append("\" stroke=\"#9C3B1B\" stroke-width=\"1.6\" fill=\"none\"/>");
        return svg.append("</svg>").toString();
    }

    /** The neck under its crowns. */
    private static String board(HandedOver.Profile left, double scale) {
        StringBuilder path =
                new StringBuilder(String.format(Locale.ROOT, "M%.2f %.2fL%.2f %.2f", LEFT, HEIGHT, LEFT, GROUND));
        IntStream.range(0, left.x().size())
                .forEach(i -> path.append(String.format(
                        Locale.ROOT,
                        "L%.2f %.2f",
                        LEFT + left.x().get(i) * scale,
                        GROUND - left.crowns().get(i) * PER_MM)));
        double end = LEFT + left.x().getLast() * scale;
        return path.append(String.format(Locale.ROOT, "L%.2f %.2fZ", end, HEIGHT))
                .toString();
    }

    private static String string(HandedOver.Profile at, double scale) {
        return String.format(
                Locale.ROOT,
                "<path d=\"M%.2f %.2fL%.2f %.2f",
                LEFT,
                Math.max(1, GROUND - at.nut() * PER_MM),
                LEFT + at.saddleX() * scale,
                Math.max(1, GROUND - at.saddle() * PER_MM));
    }
}
