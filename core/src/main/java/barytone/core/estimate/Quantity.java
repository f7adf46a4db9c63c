package barytone.core.estimate;

import barytone.core.neck.GapMethod;

/**
 * Any quantity of a setup as it is asked for: by which method, under which string, against which band.
 *
 * @param value what the method would read now, mm
 * @param stale known too loosely to be judged by this band
 */
public record Quantity(int string, GapMethod method, Normal value, Verdict verdict, boolean stale) {
    /** Asks an estimate. */
    public static Quantity of(SetupEstimate estimate, int string, GapMethod method, Band band) {
        Normal value = estimate.now(string, method);
        return new Quantity(string, method, value, band.verdict(value), band.stale(value));
    }
}
