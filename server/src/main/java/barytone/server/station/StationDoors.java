package barytone.server.station;

import barytone.server.job.Doors;
import barytone.server.station.action.ActionDoor;
import barytone.server.station.frets.FretDoor;
import barytone.server.station.intonation.ToneDoor;
import barytone.server.station.nut.NutDoor;
import barytone.server.station.pickups.PickupDoor;
import barytone.server.station.relief.ReliefDoor;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one list of the server's stations. Whoever adds a room adds a line here. */
@Configuration(proxyBeanMethods = false)
public class StationDoors {
    /** The doors to all of them, in the order of work. */
    @Bean
    public Doors doors() {
        return new Doors(List.of(
                new ReliefDoor(), new NutDoor(), new ActionDoor(), new FretDoor(), new ToneDoor(), new PickupDoor()));
    }
}
