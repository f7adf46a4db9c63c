package barytone.core.reading;

import barytone.core.neck.GapMethod;

/** What a reading says about the true gap, with the uncertainty of tool, hand and position in it. Lengths in mm. */
public sealed interface Evidence {
    /** The uncertainty, one standard deviation in mm; always above zero. */
    double sd();

    /** The gap is this, give or take. */
    record Point(double value, double sd) implements Evidence {}

    /** The gap is above this limit; the limit itself is known give or take. */
    record Above(double limit, double sd) implements Evidence {}

    /** The gap is below this limit. */
    record Below(double limit, double sd) implements Evidence {}

    /** A string or edge that lies on the crowns shows no gap, however far the neck is bent back. */
    double NO_GAP = 0.01;

    /**
     * Weighs a reading.
     *
     * @param method a relief of nothing by string or straightedge only says that the neck is straight or bent back
     */
    static Evidence of(Gap gap, GapMethod method, Tool tool, Position position, double extraSd) {
        double sd = Math.sqrt(Tool.REPEATABILITY * Tool.REPEATABILITY
                + position.extraSd() * position.extraSd()
                + extraSd * extraSd
                + (gap instanceof Gap.Of ? tool.sd() * tool.sd() : 0));
        return switch (gap) {
            case Gap.Of of ->
                method instanceof GapMethod.Relief && Math.abs(of.mm()) < NO_GAP
                        ? new Below(NO_GAP, sd)
                        : new Point(of.mm(), sd);
            case Gap.Between b -> {
                double width = b.stops() - b.goes();
                yield new Point((b.goes() + b.stops()) / 2, Math.sqrt(sd * sd + width * width / 12));
            }
            case Gap.AtLeast least -> new Above(least.mm(), sd);
            case Gap.AtMost most -> new Below(most.mm(), sd);
        };
    }
}
