package barytone.server.station.relief;

import barytone.server.height.LedgerRow;
import barytone.server.height.ToolChoice;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The ledger of the relief station. */
public record ReliefView(
        String suffix,
        String method,
        HabitView habit,
        List<HabitChoice> habits,
        List<ToolChoice> tools,
        List<LedgerRow> rows,
        List<Equivalent> equivalents,
        List<String> remarks,
        TargetView target,
        WaysView ways) {
    public record HabitView(int heldLow, int heldHigh, int gaugeFret, String tool, boolean flat, boolean board) {}

    public record HabitChoice(String label, int heldLow, int heldHigh, int gaugeFret, boolean board) {}

    /** The same neck by another habit. */
    public record Equivalent(String label, String bass, String treble) {}

    public record TargetView(
            @Nullable String school,
            String label,
            String reason,
            String bassLow,
            String bassHigh,
            String trebleLow,
            String trebleHigh,
            List<SchoolView> schools) {}

    public record SchoolView(String school, String label, String bass, String treble, String reason) {}

    public record WaysView(
            int stepSixteenths,
            boolean finishTightening,
            int settleMinutes,
            int limitSixteenths,
            boolean straightensAnticlockwise,
            String net) {}
}
