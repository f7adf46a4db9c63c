package barytone.core.advice;

import barytone.core.quantity.Allowed;

/**
 * What work at the bench costs in time. Readings and moves are worth their minutes when what they save is more: a look, where it is likely enough to find something;
 * a move of what is barely out, where it is likely enough to be out.
 *
 * @param reading minutes for one reading, 0.05 to 30
 * @param retune minutes for bringing the strings to pitch once, 0 to 60
 * @param slackening minutes for a round with the strings slack or off, 0 to 120
 * @param comeback minutes that are lost when what was handed over has to be done again, 1 to 600
 */
public record Effort(double reading, double retune, double slackening, double comeback) {
    /** A usual bench. */
    public static final Effort USUAL = new Effort(0.5, 1.5, 3, 10);

    /** Another tool has to be fetched for a closer look: so much more than a reading. */
    private static final double CLOSER = 1.4;

    /** However cheap a look is, it is not taken where it all but surely finds nothing; however dear, where it is likely to. */
    private static final double LEAST_CHANCE = 0.02;

    private static final double MOST_CHANCE = 0.4;

    /** What is out as read is worth moving when that is likelier than not; what is surely out always is. */
    private static final double LIKELIER = 0.5;

    private static final double SURELY_OUT = 0.9;

    public Effort {
        Allowed.number("minutes for a reading", reading, 0.05, 30, "minutes");
        Allowed.number("minutes for retuning", retune, 0, 60, "minutes");
        Allowed.number("minutes for a round with the strings slack", slackening, 0, 120, "minutes");
        Allowed.number("minutes for a job that comes back", comeback, 1, 600, "minutes");
    }

    /** The chance of finding something out from which a reading is worth taking. */
    public double worthALook() {
        return Math.clamp(reading / comeback, LEAST_CHANCE, MOST_CHANCE);
    }

    /** The same of a closer look, with another tool or with leaves laid together. */
    public double worthACloserLook() {
        return Math.clamp(CLOSER * reading / comeback, LEAST_CHANCE, MOST_CHANCE);
    }

    /**
     * The chance of being out from which what reads well is read once more: that costs a reading at pitch, and saves a job that comes back, less the move that then has to be
     * made and read.
     */
    public double worthReadingAgain() {
        double look = reading + retune;
        double saved = Math.max(comeback - look, look);
        return Math.clamp(look / saved, LEAST_CHANCE, MOST_CHANCE);
    }

    /** The chance of being out from which a slot, or a saddle, is worth a slackening of its own; beside others it costs next to nothing. */
    public double worthASlackening() {
        return Math.clamp((slackening + retune + reading) / comeback, LIKELIER, SURELY_OUT);
    }

    /** The chance of being out from which a turn of the rod, with the retuning and the two looks after it, is worth making. */
    public double worthATurn() {
        return Math.clamp((retune + 2 * reading) / comeback, LIKELIER, SURELY_OUT);
    }
}
