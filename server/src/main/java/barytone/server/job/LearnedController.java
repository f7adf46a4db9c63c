package barytone.server.job;

import barytone.core.job.JobState;
import barytone.core.job.ToolsLearned;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the readings of the open and the newest closed jobs tell of the shop's tools and hand. */
@RestController
@RequestMapping(path = "/api/shop", produces = MediaType.APPLICATION_JSON_VALUE)
class LearnedController {
    private static final int CLOSED_LOOKED_AT = 20;

    /** With fewer repeats the usual hand is still what is reckoned with. */
    private static final double ENOUGH = 6;

    private final JobList list;

    LearnedController(JobList list) {
        this.list = list;
    }

    /**
     * What was learned.
     *
     * @param jobs how many were looked at
     * @param lines what they tell; empty while nothing is known well enough to be spoken of
     */
    record LearnedView(int jobs, List<String> lines) {}

    /** What readings tell of tools and hand. */
    @GetMapping("/learned")
    LearnedView learnedOfTools(@RequestParam(defaultValue = "mm") String unit) {
        Units units = Units.ofCode(unit);
        List<JobState> jobs = Stream.concat(
                        list.open().stream(), list.closed("", JobList.Of.ALL, 0, CLOSED_LOOKED_AT).some().stream())
                .flatMap(listed -> Stream.ofNullable(listed.opened()))
                .map(OpenedJob::state)
                .toList();
        ToolsLearned learned = ToolsLearned.of(jobs);
        List<String> lines = new ArrayList<>();
        LengthUnit action = units.action();
        learned.offsets()
                .forEach((tool, told) -> Words.offBy(tool, told.off(), action)
                        .ifPresent(said -> lines.add(said + " Told by " + jobs(told.jobs()) + ".")));
        double repeats = learned.hand().count();
        if (repeats >= ENOUGH)
            lines.add("Read again, a gap comes out the same within "
                    + units.nut().showWithUnit(learned.hand().spread()) + " (1 sd), by " + Math.round(repeats)
                    + " repeats.");
        return new LearnedView(jobs.size(), List.copyOf(lines));
    }

    private static String jobs(int count) {
        return count == 1 ? "one job" : count + " jobs";
    }
}
