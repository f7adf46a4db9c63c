package barytone.core.intonation;

import barytone.core.neck.FretScale;
import barytone.core.quantity.Allowed;

/**
 * One saddle under two strings: one move for both.
 *
 * @param saddleBack mm, positive away from the nut
 * @param first error of the first string at 12 afterwards, cents
 * @param second error of the second string at 12 afterwards, cents
 */
public record BarrelSplit(double saddleBack, double first, double second) {
    /** Who gets it right. */
    public enum Rule {
        /** One as sharp as the other is flat. */
        SPLIT("split"),
        /** The first string exactly. */
        FAVOUR_FIRST("favour-first"),
        /** The second string exactly. */
        FAVOUR_SECOND("favour-second");

        private final String code;

        Rule(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }

        /** The rule with this name. */
        public static Rule ofCode(String code) {
            for (Rule rule : values()) if (rule.code.equals(code)) return rule;
            throw Allowed.broken("rule", "“" + code + "”", "split, favour-first or favour-second");
        }
    }

    /** A string of the pair: its compensation in mm and its error at 12 in cents. */
    public record Member(double compensation, double cents12) {
        public Member {
            Allowed.number("cents12", cents12, -200, 200, "cents");
        }
    }

    /** The move by a rule. */
    public static BarrelSplit of(FretScale scale, Member first, Member second, Rule rule) {
        for (Member m : new Member[] {first, second})
            Allowed.number(
                    "compensation", m.compensation(), -0.05 * scale.scaleLength(), 0.1 * scale.scaleLength(), "mm");
        double s1 = SaddleFit.centsPerMm(scale, first.compensation(), 12);
        double s2 = SaddleFit.centsPerMm(scale, second.compensation(), 12);
        double back = switch (rule) {
            case SPLIT -> -(first.cents12() + second.cents12()) / (s1 + s2);
            case FAVOUR_FIRST -> -first.cents12() / s1;
            case FAVOUR_SECOND -> -second.cents12() / s2;
        };
        return new BarrelSplit(back, first.cents12() + s1 * back, second.cents12() + s2 * back);
    }
}
