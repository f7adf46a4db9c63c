package barytone.server.job;

/** Rod, saddles and string tension wait until it is agreed what happens about damage. */
public class DamageStopsException extends RuntimeException {
    DamageStopsException(String what) {
        super(
                "Stopped by damage: " + what
                        + ". Rod, saddles and string tension wait until it is agreed what happens. Nothing was noted; say first that it is agreed, in the next move.");
    }
}
