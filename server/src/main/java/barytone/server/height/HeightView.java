package barytone.server.height;

import barytone.core.job.Station;
import barytone.core.station.action.ActionSchool;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The ledger of the nut or action station. */
public record HeightView(
        Station station,
        String suffix,
        String method,
        HeightHabitView habit,
        List<HeightChoice> methods,
        List<ToolChoice> tools,
        List<LedgerRow> rows,
        List<String> remarks,
        HeightTargetView target) {
    /**
     * How heights are read.
     *
     * @param pressed nut: the fret held, 0 for open; action: 1 with a capo at 1
     */
    public record HeightHabitView(int pressed, int fret, String tool, boolean flat) {}

    public record HeightChoice(String label, int pressed, int fret) {}

    /**
     * What is wanted at a station.
     *
     * @param school code of the school; null when set by hand
     * @param bands of every string as they are typed, string 1 first, in the way of reading in use
     */
    public record HeightTargetView(
            @Nullable String school,
            String label,
            String reason,
            List<TypedBandView> bands,
            List<HeightSchoolView> schools,
            List<StyleView> styles) {}

    public record TypedBandView(int string, String name, String low, String high) {}

    public record HeightSchoolView(String school, String label, String bands, String reason) {}

    public record StyleView(ActionSchool.Style style, String label) {}
}
