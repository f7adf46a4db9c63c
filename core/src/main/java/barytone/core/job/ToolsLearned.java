package barytone.core.job;

import barytone.core.estimate.Normal;
import barytone.core.reading.Tool;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What the readings of several jobs together tell of a bench's tools and of the hand that reads.
 *
 * @param offsets what a card or caliper is off by, positive when it reads high, mm; only of those that another tool has met at the same gaps
 * @param hand what gaps that were read again tell
 */
public record ToolsLearned(Map<Tool, Offset> offsets, HandRepeats hand) {
    /** A job tells something of a tool when it takes this share of what is not known of it. */
    private static final double TELLS = 0.1;

    /**
     * What a tool is off by.
     *
     * @param jobs on how many something was told of it
     */
    public record Offset(Normal off, int jobs) {}

    public ToolsLearned {
        offsets = Map.copyOf(offsets);
    }

    /** What jobs tell that were read with the same tools by the same hand. */
    public static ToolsLearned of(List<JobState> jobs) {
        Map<Tool, Offset> offsets = new EnumMap<>(Tool.class);
        for (Tool tool : List.of(Tool.CARD, Tool.CALIPER)) {
            double prior = 1 / (tool.offset() * tool.offset());
            double precision = prior;
            double towards = 0;
            int telling = 0;
            for (JobState job : jobs) {
                Normal off = job.estimate().offset(tool);
                double told = 1 / (off.sd() * off.sd()) - prior;
                if (told < TELLS * prior) continue;
                telling++;
                precision += told;
                // each job began from the same expectation, 0, which counts once
                towards += off.mean() / (off.sd() * off.sd());
            }
            if (telling > 0)
                offsets.put(tool, new Offset(new Normal(towards / precision, Math.sqrt(1 / precision)), telling));
        }
        return new ToolsLearned(offsets, jobs.stream().map(JobState::hand).reduce(HandRepeats.NONE, HandRepeats::plus));
    }
}
