package barytone.server.job;

import barytone.core.job.Station;
import java.util.Locale;

/** Work that was not agreed on: the player is asked first. */
public class OutsideAgreementException extends RuntimeException {
    private final Station station;

    OutsideAgreementException(Station station) {
        super("Work on the " + station.label().toLowerCase(Locale.ROOT)
                + " was not agreed on. Ask the player first; once they have agreed, say so and note it again.");
        this.station = station;
    }

    Station station() {
        return station;
    }
}
