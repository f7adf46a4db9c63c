package barytone.server.arrival;

import barytone.core.job.JobEvent;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayPart;
import barytone.core.quantity.Allowed;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is heard when an instrument is played through before it goes home. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/play-off", produces = MediaType.APPLICATION_JSON_VALUE)
class PlayOffController {
    private static final int LONGEST = 200;

    private final JobDesk desk;

    PlayOffController(JobDesk desk) {
        this.desk = desk;
    }

    /** A part that was played through. */
    record PlayedTyped(long after, @RequestKey String key, PlayPart part, boolean plugged) implements Addition {}

    /** Who accepts what is heard, and how. */
    record AcceptedTyped(
            long after,
            @RequestKey String key,
            String by,
            @Nullable String how) implements Addition {}

    /** A part was played through. */
    @PostMapping("/parts")
    JobView notePlayed(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PlayedTyped asked) {
        return desk.add(
                id, unit, asked, job -> new JobEvent.PlayedThrough(new PlayOff.Part(asked.part(), asked.plugged())));
    }

    /** The player knows what is heard, and accepts it. */
    @PostMapping("/accepted")
    JobView acceptHeard(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AcceptedTyped asked) {
        String by = Texts.of("by", asked.by(), 1, LONGEST);
        String how = Texts.optional("how", asked.how(), LONGEST);
        return desk.add(id, unit, asked, job -> {
            if (job.state().playOff().open().isEmpty())
                throw Allowed.broken("heard", "nothing", "something that is heard and not accepted yet");
            return new JobEvent.HeardAccepted(by, how);
        });
    }
}
