package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.job.WorkOrder;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.NotAllowedException;
import barytone.core.quantity.Units;
import barytone.server.shop.Settings;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import jakarta.validation.constraints.NotEmpty;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is answered to the next move over HTTP, and what was agreed on with the player. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class AnswerController {
    private static final int LONGEST_HOW = 120;

    private final JobDesk desk;
    private final Choices choices;

    AnswerController(JobDesk desk, Choices choices) {
        this.desk = desk;
        this.choices = choices;
    }

    /**
     * Leaves out what is advised, or one step of it by its topic.
     *
     * @param move the advice that is meant; whichever it is now when null
     */
    record Decline(
            long after,
            @RequestKey String key,
            @Nullable String topic,
            @Nullable String move) implements Addition {}

    /**
     * The advised move was made.
     *
     * @param whole all of it at once, where a part was advised first
     * @param move the advice that is meant; whichever it is now when null
     */
    record Followed(
            long after,
            @RequestKey String key,
            @Nullable Boolean whole,
            @Nullable String move) implements Addition {}

    /** A station is left until the others are done. */
    record Later(long after, @RequestKey String key, Station station) implements Addition {}

    /** The order of work. */
    record Order(long after, @RequestKey String key, WorkOrder order) implements Addition {}

    /** The work agreed on. */
    record Scope(
            long after,
            @RequestKey String key,
            @NotEmpty(message = "at least one station") List<Station> stations) implements Addition {}

    /**
     * Moved without counting.
     *
     * @param strings that were moved; all when null
     */
    record Uncounted(
            long after,
            @RequestKey String key,
            Station station,
            @Nullable List<Integer> strings) implements Addition {}

    /** The advised move was made as advised. */
    @PostMapping("/followed")
    JobView followAdvice(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Followed asked) {
        return desk.add(id, unit, asked, job -> {
            JobViewer viewer = desk.viewer(job, Units.MM);
            meant(viewer, asked.move());
            Advice advice = viewer.advice();
            Optional<JobEvent> noted = Boolean.TRUE.equals(asked.whole())
                    ? advice.becomesWhole(job.state()).or(() -> advice.becomes(job.state()))
                    : advice.becomes(job.state());
            return noted.orElseThrow(() -> new NotAllowedException("The next move is not one that can be ticked off."));
        });
    }

    /** What was confirmed is what was shown: nothing is recorded when it has changed meanwhile. */
    private static void meant(JobViewer viewer, @Nullable String move) {
        if (move != null && !move.equals(viewer.told().move()))
            throw new MoveChangedException(viewer.told().headline());
    }

    /** The station of what is advised is left until the others are done. */
    @PostMapping("/later")
    JobView putOffStation(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Later asked) {
        return desk.add(id, unit, asked, job -> {
            if (!job.state().agreed(asked.station()))
                throw Allowed.broken("station", asked.station(), "a station that was agreed on");
            return new JobEvent.PutOff(asked.station());
        });
    }

    /** What is advised, or one step of it, shall not be done on this job. */
    @PostMapping("/declined")
    JobView declineAdvice(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Decline asked) {
        return desk.add(id, unit, asked, job -> {
            JobViewer viewer = desk.viewer(job, Units.MM);
            meant(viewer, asked.move());
            JobView.AdviceView advice = viewer.told();
            String topic = asked.topic();
            if (topic == null) {
                if (advice.decline() == null
                        && advice.goOn().stream().noneMatch(g -> g.does() == JobView.Anyway.DECLINE))
                    throw new NotAllowedException("There is nothing here to leave out.");
                return new JobEvent.Answered(viewer.advice().topic(), false);
            }
            if (advice.steps().stream().noneMatch(s -> topic.equals(s.leave())))
                throw Allowed.broken("topic", topic, "a step of the next move that can be left out");
            return new JobEvent.Answered(Topic.read(topic), false);
        });
    }

    /** The order of work on this job. */
    @PostMapping("/order")
    JobView chooseOrder(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Order asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.OrderSet(asked.order()));
    }

    /** The stations that were agreed on with the player. */
    @PostMapping("/scope")
    JobView agreeOnStations(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Scope asked) {
        return desk.add(id, unit, asked, job -> {
            return new JobEvent.ScopeSet(
                    asked.stations().stream().distinct().sorted().toList());
        });
    }

    /**
     * One more station that was agreed on.
     *
     * @param how by telephone, at the counter; may be empty
     */
    record AgreedTooTyped(
            long after,
            @RequestKey String key,
            Station station,
            @Nullable String how) implements Addition {}

    /** The player agreed to work at one more station. */
    @PostMapping("/agreed-too")
    JobView agreeToo(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AgreedTooTyped asked) {
        String how = Texts.optional("how", asked.how(), LONGEST_HOW);
        return desk.add(id, unit, asked, job -> new JobEvent.AgreedToo(asked.station(), how));
    }

    /**
     * What to keep for later jobs.
     *
     * @param what relief, nut, action or order
     * @param scope whose wish it is
     */
    record Keep(String what, Settings.Scope scope) {}

    /** Keeps what this job wants for its instrument, its player or the shop. */
    @PutMapping("/wishes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepWish(@PathVariable long id, @RequestBody Keep asked) {
        OpenedJob job = desk.open(id);
        String owner = switch (asked.scope()) {
            case SHOP -> "";
            case PLAYER -> Choices.owner(job.job().playerId());
            case INSTRUMENT -> Choices.owner(job.job().instrumentId());
        };
        choices.keep(asked.scope(), owner, asked.what(), job);
        // one that is taken in anew under its name is meant as well
        if (asked.scope() == Settings.Scope.INSTRUMENT)
            choices.keep(asked.scope(), job.job().instrument(), asked.what(), job);
    }

    /** Heights were moved without counting, and will be read. */
    @PostMapping("/uncounted")
    JobView noteUncountedMove(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Uncounted asked) {
        return desk.add(id, unit, asked, job -> {
            if (!asked.station().height()) throw Allowed.broken("station", asked.station(), "relief, nut or action");
            List<Integer> strings = asked.strings() == null ? job.state().spec().everyString() : asked.strings();
            if (strings.isEmpty()) throw Allowed.broken("strings", "none", "at least one string");
            for (int s : strings)
                Allowed.whole("string", s, 1, job.state().spec().strings());
            return new JobEvent.MovedUncounted(asked.station(), strings);
        });
    }
}
