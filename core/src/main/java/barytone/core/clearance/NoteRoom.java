package barytone.core.clearance;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.ToneForecast;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;

/**
 * A fretted note that was heard, and how much room it has over each crown ahead, apart for what is asked of it: the hand's force, and the crowns' heights.
 *
 * @see ClearanceMap
 */
final class NoteRoom {
    final PlayedNote note;
    final boolean bad;

    /** Spread of its room for what is not known of the heights, mm. */
    private final double sd;

    /** By crown: the gap of the string at rest; how far it swings down for a usual hand; how much of its own crown's height lifts it there. */
    private final double[] gap;

    private final double[] swing;
    private final double[] lever;

    NoteRoom(InstrumentSpec spec, StringState state, PlayedNote note, double sd, double a4) {
        this.note = note;
        this.sd = sd;
        bad = note.mark() != NoteMark.CLEAN;
        StringLine line = spec.line();
        int n = note.fret();
        double length = line.saddle() - line.scale().crown(n);
        Touch touch = switch (note.pluck()) {
            case SOFT -> Touch.LIGHT;
            case NORMAL -> Touch.MEDIUM;
            case HARD -> Touch.HEAVY;
        };
        Swing swings = new Swing(
                line,
                length,
                ToneForecast.tension(spec, a4, note.string()),
                PluckForce.of(spec.kind(), note.string(), spec.strings(), touch),
                WhatIf.PLUCK);
        double own = line.crownHeight(state.curvature(), n);
        gap = new double[spec.frets() + 1];
        swing = new double[spec.frets() + 1];
        lever = new double[spec.frets() + 1];
        for (int m = n + 1; m <= spec.frets(); m++) {
            double ahead = line.scale().crown(m) - line.scale().crown(n);
            gap[m] = own + (state.saddleHeight() - own) * ahead / length - line.crownHeight(state.curvature(), m);
            swing[m] = swings.at(ahead);
            lever[m] = 1 - ahead / length;
        }
    }

    /** Least room over the crowns ahead but one, mm. */
    double marginBut(int but, double hand, double[] crowns) {
        double least = Double.POSITIVE_INFINITY;
        for (int m = note.fret() + 1; m < gap.length; m++)
            if (m != but) least = Math.min(least, margin(m, hand, crowns));
        return least;
    }

    /** Least room, mm. */
    double margin(double hand, double[] crowns) {
        return marginBut(0, hand, crowns);
    }

    /** Room over a crown ahead, mm. */
    double margin(int crown, double hand, double[] crowns) {
        int n = note.fret();
        return gap[crown] - hand * swing[crown] - crowns[crown] + crowns[n] * lever[crown];
    }

    /** How likely it sounds as it does with so much room, as a logarithm. */
    double says(double margin) {
        // a logistic that is close to the normal distribution
        double touches = 1 / (1 + Math.exp(1.7 * margin / sd));
        double sounds = MISTAKEN + (1 - 2 * MISTAKEN) * touches;
        return Math.log(bad ? sounds : 1 - sounds);
    }

    /** A note that touches is marked clean, or one that does not sounds wrong for something else. */
    private static final double MISTAKEN = 0.06;
}
