package barytone.server.records;

import barytone.server.job.Days;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Instruments that are to be looked at again on a day, over HTTP. */
@RestController
@RequestMapping(path = "/api/follow-ups", produces = MediaType.APPLICATION_JSON_VALUE)
class FollowUpController {
    private final FollowUps followUps;
    private final Clock clock;

    FollowUpController(FollowUps followUps, Clock clock) {
        this.followUps = followUps;
        this.clock = clock;
    }

    /**
     * An instrument to look at again.
     *
     * @param day in words
     * @param due whether the day has come
     * @param set somebody set the day; otherwise it follows from what was done
     * @param news whether it is told at the bench
     * @param text ready to be sent to the player by hand
     */
    record FollowUpView(
            long instrument,
            long job,
            String name,
            String player,
            LocalDate on,
            String day,
            String why,
            boolean due,
            boolean set,
            boolean news,
            String text) {}

    /** All of them, and what the newest visits ask for by what was done, the earliest day first. One that was here again since is done. */
    @GetMapping
    List<FollowUpView> followUps() {
        LocalDate today = Days.of(clock.instant());
        return followUps.all().stream()
                .map(again -> new FollowUpView(
                        again.instrument(),
                        again.job(),
                        again.name(),
                        again.player(),
                        again.on(),
                        Days.withYear(again.on()),
                        again.why(),
                        !again.on().isAfter(today),
                        again.set(),
                        again.news(today),
                        text(again)))
                .toList();
    }

    private static String text(FollowUps.Again again) {
        String why =
                again.why().isBlank() ? "" : " (" + lower(again.why().strip().replaceFirst("[.]$", "")) + ")";
        return "Hello " + again.player() + ", it is time to look at your " + again.name() + " again" + why
                + ". Bring it in when it suits you; if it plays as it should, a short look is enough.";
    }

    private static String lower(String text) {
        return text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }
}
