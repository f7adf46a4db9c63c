package barytone.server.day;

import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import barytone.server.job.WaitWords;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What has come to its end on another instrument while one is worked on. */
@RestController
@RequestMapping(path = "/api/notices", produces = MediaType.APPLICATION_JSON_VALUE)
class NoticeController {
    /** What ended longer ago is on the bench, and no news. */
    private static final Duration NEWS = Duration.ofHours(12);

    private final OnTheBench bench;
    private final Clock clock;

    NoticeController(OnTheBench bench, Clock clock) {
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * Something whose time has come.
     *
     * @param key names it, so that a window tells it once
     * @param text in words
     * @param since when it was over
     */
    record Notice(String key, long job, String text, String instrument, Instant since) {}

    /** All that is over and that nobody has looked at since, the newest first. */
    @GetMapping
    List<Notice> notices() {
        Instant now = clock.instant();
        List<Notice> notices = new ArrayList<>();
        for (OpenedJob job : bench.open())
            for (WaitWords.WaitView wait : WaitWords.views(job.state().waiting(), now)) {
                Instant since = wait.until();
                if (since == null || since.isAfter(now)) continue;
                boolean news = Duration.between(since, now).compareTo(NEWS) <= 0;
                if (news && (wait.over() || wait.overdue()))
                    notices.add(new Notice(
                            job.job().id() + "-" + wait.begun() + "-" + wait.reason(),
                            job.job().id(),
                            text(wait),
                            job.job().instrument(),
                            since));
            }
        notices.sort(Comparator.comparing(Notice::since).reversed());
        return notices;
    }

    private static String text(WaitWords.WaitView wait) {
        return switch (wait.reason()) {
            case SETTLING -> "neck settled";
            case NEXT_DAY -> "neck: look of the next day";
            case GLUE, FILL -> "cured";
            case FINISH -> "finish dry";
            case CONDITIONING -> "read the air";
            case STRETCHING -> "strings stretched";
            case PART -> "part expected by now";
            case ANSWER -> "answer expected by now";
            case PLAYER -> "to be played by now";
            case OTHER -> wait.note().isEmpty() ? "its time has come" : "its time has come: " + wait.note();
        };
    }
}
