package barytone.server.records;

import barytone.core.instrument.Touch;
import barytone.server.instruments.Instruments;
import barytone.server.job.Choices;
import barytone.server.job.JobRegister;
import barytone.server.people.People;
import barytone.server.shop.Settings;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Players with what they brought. */
@RestController
@RequestMapping(path = "/api/players", produces = MediaType.APPLICATION_JSON_VALUE)
class PlayerController {
    private static final int JOBS_TOLD = 50;

    private final People people;
    private final Instruments instruments;
    private final JobRegister register;
    private final Forgetting forgetting;
    private final Choices choices;

    PlayerController(
            People people, Instruments instruments, JobRegister register, Forgetting forgetting, Choices choices) {
        this.choices = choices;
        this.people = people;
        this.instruments = instruments;
        this.register = register;
        this.forgetting = forgetting;
    }

    /**
     * How a player is called and reached, and how they like it.
     *
     * @param version the version that was seen
     */
    record PlayerTyped(long version, String name, Touch touch, String contact, String notes) {}

    /** Sent with true it is done; before that it is asked about. */
    record Sure(boolean sure) {}

    /** A player; of one who was found to be another, the page of that one. */
    @GetMapping("/{id}")
    PlayerPage showPlayer(@PathVariable long id) {
        long told = people.toldAs(id);
        People.Player player = people.find(told);
        JobRegister.Works works = register.worksOf(told, JOBS_TOLD);
        List<PlayerPage.OwnView> own = works.instruments().stream()
                .map(instruments::find)
                .map(i -> new PlayerPage.OwnView(
                        i.id(), i.named().name(), i.named().spec().kind().label()))
                .toList();
        return new PlayerPage(
                told,
                player.version(),
                player.name(),
                player.touch(),
                player.contact(),
                player.notes(),
                player.archivedAt(),
                player.forgottenAt(),
                own,
                works.newest().stream()
                        .map(w -> new PlayerPage.WorkView(
                                w.job(), w.ticket(), w.instrument(), w.complaint(), w.openedAt(), w.closed()))
                        .toList(),
                works.count(),
                choices.favourites(Settings.Scope.PLAYER, told, player.name()),
                people.sameAs(told).stream()
                        .map(s -> new InstrumentPage.SameView(s.id(), s.name()))
                        .toList());
    }

    /** Writes down how a player is called and reached, and how they like it. */
    @PutMapping("/{id}")
    PlayerPage writePlayer(@PathVariable long id, @RequestBody PlayerTyped asked) {
        people.write(new People.Player(
                id, asked.version(), asked.name(), asked.touch(), asked.contact(), asked.notes(), null, null));
        return showPlayer(id);
    }

    /** Takes a player out of the lists, or puts them back; nothing is lost. */
    @PutMapping("/{id}/archived")
    PlayerPage archivePlayer(@PathVariable long id, @RequestBody InstrumentController.Archived asked) {
        people.archive(id, asked.archived());
        return showPlayer(id);
    }

    /** Says that one is the same as another: both histories are told together. */
    @PutMapping("/{id}/same-as")
    PlayerPage mergePlayer(@PathVariable long id, @RequestBody InstrumentController.SameAs asked) {
        people.merge(id, asked.as());
        return showPlayer(asked.as());
    }

    /** Takes back that a player is the same as another. */
    @DeleteMapping("/{id}/same-as")
    PlayerPage separatePlayer(@PathVariable long id) {
        people.unmerge(id);
        return showPlayer(id);
    }

    /** Removes name, contact and notes for good; the instruments keep their technical history. It is asked about first. */
    @PostMapping("/{id}/forget")
    PlayerPage forgetPlayer(@PathVariable long id, @RequestBody Sure asked) {
        forgetting.forget(id, asked.sure());
        return showPlayer(id);
    }
}
