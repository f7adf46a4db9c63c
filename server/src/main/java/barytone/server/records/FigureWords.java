package barytone.server.records;

import barytone.core.history.Changed;
import barytone.core.job.Figure;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.server.job.Words;

/** The figures that are kept of an instrument, in words and in the units asked for. */
record FigureWords(Units units) {
    /** Its unit. */
    String suffix(Figure figure) {
        return switch (figure.measure()) {
            case SMALL_GAP, GAP -> unit(figure).suffix();
            case CENTS -> "cents";
            case TURNS -> "";
        };
    }

    private LengthUnit unit(Figure figure) {
        if (figure.measure() == Figure.Measure.GAP) return units.action();
        return figure.code().startsWith("nut") ? units.nut() : units.relief();
    }

    /** How it is read; empty when that goes without saying. */
    static String method(Figure figure) {
        if (figure.method() != null) return Words.spoken(figure.method());
        return figure.measure() == Figure.Measure.CENTS ? "fretted at 12 against the open string" : "";
    }

    /** A value of it, without its unit. */
    String show(Figure figure, double value) {
        return switch (figure.measure()) {
            case SMALL_GAP, GAP -> unit(figure).show(value);
            case CENTS -> Cents.signed(value);
            case TURNS -> turns(value);
        };
    }

    private static String turns(double value) {
        Turns turns = Turns.nearest(value);
        if (turns.isZero()) return "as found";
        return turns.amount() + " turn" + (turns.abs().sixteenths() > 16 ? "s" : "")
                + (turns.sixteenths() > 0 ? " clockwise" : " anticlockwise");
    }

    /** A value with its unit, and a word where it is reckoned. */
    String whole(Figure figure, Figure.Value value) {
        String suffix = suffix(figure);
        String shown = show(figure, value.value()) + (suffix.isEmpty() ? "" : " " + suffix);
        return value.read() ? shown : "reckoned " + shown + " ± " + spread(figure, value.sd());
    }

    /** How well a value is known, without its unit. */
    String spread(Figure figure, double sd) {
        return figure.measure() == Figure.Measure.CENTS
                ? Cents.signed(sd).replaceFirst("^[+−-]", "")
                : show(figure, sd);
    }

    /** What changed since the last visit, and why as far as anything tells. */
    String changed(Changed change) {
        Figure figure = change.figure();
        String suffix = suffix(figure).isEmpty() ? "" : " " + suffix(figure);
        double by = change.to().value() - change.from().value();
        return figure.label() + ": " + show(figure, change.from().value()) + " when it left, "
                + show(figure, change.to().value()) + suffix + " now, "
                + (by > 0 ? "up" : "down") + " by " + spread(figure, Math.abs(by)) + suffix + ". "
                + reason(change.reason());
    }

    private static String reason(Changed.Reason reason) {
        return switch (reason) {
            case STRINGS -> "Likely the other strings.";
            case TUNING -> "Likely the other tuning.";
            case AIR -> "Likely the air: the season changed meanwhile.";
            case WORN -> "Likely worn by its string.";
            case UNKNOWN -> "Nothing on record explains it.";
        };
    }
}
