package barytone.core.reading;

import barytone.core.quantity.NotAllowedException;

/**
 * A kind of measuring tool and how sure a number read off with it is.
 *
 * <p>A ruler with finest mark q is read to half a mark: sd {@code q / (2 sqrt 3)}. A leaf that goes and the next that does
 * not leave the gap uniform on the bracket: sd width / sqrt 12. A card or caliper is off by the same amount all job long, which
 * reading again does not better; every reading adds a repeatability of {@value #REPEATABILITY} mm until the hand is known.
 */
public enum Tool {
    LEAF("leaf", "feeler leaf", 0.010, 0, 0.010),
    CALIPER("caliper", "caliper", 0.020, 0.020, 0.020),
    CARD("card", "action card", 0.030, 0.050, 0.030),
    RULER_HALF("ruler-half", "ruler, half millimetres", 0.5),
    RULER_64("ruler-64", "ruler, 64ths", 0.396875),
    RULER_32("ruler-32", "ruler, 32nds", 0.79375),
    RULER_MM("ruler-mm", "ruler, millimetres", 1),
    EYE("eye", "by eye, tap or paper", 0.080, 0, 0.080);

    /** Spread of the same hand measuring the same gap again, in mm (1 sd). */
    public static final double REPEATABILITY = 0.015;

    private final String code;
    private final String label;
    private final double scatter;
    private final double offset;
    private final double sees;

    /** A ruler, read to half of its finest mark. */
    Tool(String code, String label, double mark) {
        this(code, label, RulerUncertainty.scatter(mark), 0, RulerUncertainty.sees(mark));
    }

    Tool(String code, String label, double scatter, double offset, double sees) {
        this.code = code;
        this.label = label;
        this.scatter = scatter;
        this.offset = offset;
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

    /** Standard deviation of one number read with this tool in mm, repeatability not included: scatter and constant offset together. */
    public double sd() {
        return Math.hypot(scatter, offset);
    }

    /** How far one number differs from the next with the same tool, mm (1 sd), repeatability not included. */
    public double scatter() {
        return scatter;
    }

    /** By how much all numbers of one such tool are off together, mm (1 sd over tools); 0 where that is none or too little to matter. */
    public double offset() {
        return offset;
    }

    /** The smallest difference that can be told with it, mm: half of the step it is read in. */
    public double sees() {
        return sees;
    }

    /** The spread of one number read with this tool, tool and hand together, in mm (1 sd). */
    public double spread() {
        return Math.hypot(sd(), REPEATABILITY);
    }

    /** The tool with this code. */
    public static Tool ofCode(String code) {
        for (Tool tool : values()) {
            if (tool.code.equals(code)) return tool;
        }
        throw new NotAllowedException("tool “" + code + "” is not known");
    }
}
