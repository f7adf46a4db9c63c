package barytone.server.job;

import java.util.List;

/** The doors to the stations: the one list of the server. Whoever adds a room adds a line here. */
final class Doors {
    /** All of them, in the order of work. */
    static final List<Door> ALL =
            List.of(new ReliefDoor(), new NutDoor(), new ActionDoor(), new ToneDoor(), new PickupDoor());

    private Doors() {}
}
