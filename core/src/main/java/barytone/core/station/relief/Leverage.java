package barytone.core.station.relief;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupModel;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.StringLine;
import barytone.core.reading.Evidence;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Whether relief and action moved together as one neck moves them, while nothing but the rod was turned: relief that is read in another habit than is said does not
 * go with the action.
 */
final class Leverage {
    /** How differently sound necks go, for they begin to bend where they like; share (1 sd). */
    private static final double NECKS = 0.12;

    /** Less curvature than this makes no lever, in mm of relief. */
    private static final double TELLS = 0.08;

    private final StringLine line;
    private final Map<Integer, TakenReading> reliefFirst = new HashMap<>();
    private final Map<Integer, TakenReading> reliefLast = new HashMap<>();
    private final Map<Integer, TakenReading> actionFirst = new HashMap<>();
    private final Map<Integer, TakenReading> actionLast = new HashMap<>();

    Leverage(StringLine line) {
        this.line = line;
    }

    /** Something else than the rod was moved: from here anew. */
    void otherwiseMoved() {
        reliefFirst.clear();
        reliefLast.clear();
        actionFirst.clear();
        actionLast.clear();
    }

    void read(TakenReading taken) {
        if (!(taken.evidence() instanceof Evidence.Point)) return;
        if (taken.station() == Station.RELIEF) note(taken, reliefFirst, reliefLast);
        if (taken.station() == Station.ACTION) note(taken, actionFirst, actionLast);
    }

    private static void note(TakenReading taken, Map<Integer, TakenReading> first, Map<Integer, TakenReading> last) {
        TakenReading before = first.get(taken.string());
        if (before == null
                || !before.reading().means().equals(taken.reading().means())
                || !before.method().equals(taken.method())) first.put(taken.string(), taken);
        last.put(taken.string(), taken);
    }

    /** What relief moved by for what the action says that it should, 1 being just that; null while too little was turned to tell. */
    @Nullable
    Normal share() {
        Normal relief = change(reliefFirst, reliefLast);
        Normal action = change(actionFirst, actionLast);
        if (relief == null || action == null || action.mean() == 0 || relief.mean() == 0) return null;
        double share = relief.mean() / action.mean();
        double spread = Math.hypot(NECKS, Math.hypot(relief.sd() / relief.mean(), action.sd() / action.mean()));
        return new Normal(share, Math.abs(share) * spread);
    }

    /** The change of curvature between the first and the last readings, mean of all strings that were read before and after a turn; 1/mm. */
    private @Nullable Normal change(Map<Integer, TakenReading> first, Map<Integer, TakenReading> last) {
        double sum = 0;
        double variance = 0;
        int count = 0;
        for (TakenReading then : last.values()) {
            TakenReading before = first.get(then.string());
            if (before == null || before.afterMoves() == then.afterMoves()) continue;
            double perCurvature = line.form(then.method()).curvature();
            sum += (then.mm() - before.mm()) / perCurvature;
            double sd = Math.hypot(then.evidence().sd(), before.evidence().sd()) / perCurvature;
            variance += sd * sd;
            count++;
        }
        if (count == 0) return null;
        double mean = sum / count;
        double inRelief = Math.abs(mean
                * line.form(SetupModel.standardRelief(line.bodyJointFret())).curvature());
        return inRelief < TELLS ? null : new Normal(mean, Math.sqrt(variance) / count);
    }
}
