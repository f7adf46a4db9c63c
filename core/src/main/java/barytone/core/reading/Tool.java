package barytone.core.reading;

import barytone.core.neck.NotAllowedException;

/**
 * A kind of measuring tool and how sure a number read off with it is.
 *
 * <p>A ruler with finest mark q is read to half a mark: sd {@code q / (2 sqrt 3)}. A leaf that goes and the next that does
 * not leave the gap uniform on the bracket: sd width / sqrt 12. Every reading adds a repeatability of
 * {@value #REPEATABILITY} mm.
 */
public enum Tool {
    LEAF("leaf", "feeler leaf", 0.010, 0.010),
    CALIPER("caliper", "caliper", 0.030, 0.020),
    CARD("card", "action card", 0.060, 0.030),
    RULER_HALF("ruler-half", "ruler, half millimetres", 0.5),
    RULER_64("ruler-64", "ruler, 64ths", 0.396875),
    RULER_32("ruler-32", "ruler, 32nds", 0.79375),
    RULER_MM("ruler-mm", "ruler, millimetres", 1),
    EYE("eye", "by eye, tap or paper", 0.080, 0.080);

    /** Spread of the same hand measuring the same gap again, in mm (1 sd). */
    public static final double REPEATABILITY = 0.008;

    private final String code;
    private final String label;
    private final double sd;
    private final double sees;

    /** A ruler, read to half of its finest mark. */
    Tool(String code, String label, double mark) {
        this(code, label, mark / (2 * Math.sqrt(3)), mark / 4);
    }

    Tool(String code, String label, double sd, double sees) {
        this.code = code;
        this.label = label;
        this.sd = sd;
        this.sees = sees;
    }

    /** The name used in stored events and addresses. */
    public String code() {
        return code;
    }

    /** The name at the bench. */
    public String label() {
        return label;
    }

    /** Standard deviation of one number read with this tool in mm, repeatability not included. */
    public double sd() {
        return sd;
    }

    /** The smallest difference that can be told with it, mm: half of the step it is read in. */
    public double sees() {
        return sees;
    }

    /** The spread of one number read with this tool, tool and hand together, in mm (1 sd). */
    public double spread() {
        return Math.hypot(sd, REPEATABILITY);
    }

    /** The tool with this code. */
    public static Tool ofCode(String code) {
        for (Tool tool : values()) {
            if (tool.code.equals(code)) return tool;
        }
        throw new NotAllowedException("tool “" + code + "” is not known");
    }
}
