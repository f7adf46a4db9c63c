package barytone.core.station.action;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Where each support of the bridge stands between its floor and its ceiling: a position, so that what goes up and comes down again has its room back.
 *
 * @param down how far each can still go down from bass to treble, mm; below 0 when it went farther than was thought possible
 * @param up the same upwards
 */
public record BridgeTravel(List<Double> down, List<Double> up) {
    public BridgeTravel {
        down = List.copyOf(down);
        up = List.copyOf(up);
    }

    /** As it was looked at: the room that the least roomy support has, taken for all. */
    static BridgeTravel of(ActionEvent.TravelRead read, int supports) {
        return new BridgeTravel(Collections.nCopies(supports, read.down()), Collections.nCopies(supports, read.up()));
    }

    /** After every support has gone by so much, mm, positive up. */
    BridgeTravel after(List<Double> changes) {
        List<Double> below = new ArrayList<>();
        List<Double> above = new ArrayList<>();
        for (int j = 0; j < down.size(); j++) {
            double change = j < changes.size() ? changes.get(j) : 0;
            below.add(down.get(j) + change);
            above.add(up.get(j) - change);
        }
        return new BridgeTravel(below, above);
    }

    /** How far a support can go down, mm. */
    public double down(int support) {
        return Math.max(0, down.get(support));
    }

    /** How far a support can go up, mm. */
    public double up(int support) {
        return Math.max(0, up.get(support));
    }

    /** The least that any support can go down, mm. */
    public double leastDown() {
        return Math.max(0, Collections.min(down));
    }

    /** The least that any support can go up, mm. */
    public double leastUp() {
        return Math.max(0, Collections.min(up));
    }
}
