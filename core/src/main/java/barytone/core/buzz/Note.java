package barytone.core.buzz;

/**
 * A note of the map, with what causes ask about it.
 *
 * @param fret 0 is the open string
 * @param shared whether notes of this pitch sound wrong on other strings too, as they do when a loose part answers to a pitch
 */
public record Note(Board board, int string, int fret, boolean shared) {
    /** Whether the string is open. */
    public boolean open() {
        return fret == 0;
    }

    /** The part of the notes around that a loose part answers to: nearly all of one pitch, and hardly any other. */
    public double answersToPitch() {
        return shared ? 0.75 : 0.06;
    }

    /**
     * How likely the string touches for want of room: by the forecast of the readings where there is one, else as given.
     *
     * @param otherwise where nothing is read
     */
    public double touches(double otherwise) {
        Board.Forecast forecast = board.forecast();
        if (forecast == null || fret >= board.frets()) return otherwise;
        double margin = forecast.margin(string, fret);
        double sd = Math.hypot(0.08, forecast.sd(string, fret));
        // a logistic that is close to the normal distribution
        return Math.clamp(1 / (1 + Math.exp(1.7 * margin / sd)), 0.02, 0.95);
    }
}
