package barytone.server.job;

import barytone.core.estimate.Move;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.LoggedEvent;
import barytone.core.joblog.ReadingStatus;
import barytone.core.joblog.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefSchool;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The tape: everything that was done on a job, newest first. */
final class Tape {
    private final JobLog.Opened opened;
    private final LengthUnit unit;
    private final Words words;
    private final Set<Long> undone;
    private final Map<Long, TakenReading> readings;

    Tape(JobLog.Opened opened, LengthUnit unit) {
        this.opened = opened;
        this.unit = unit;
        this.words = new Words(opened.state(), unit);
        this.undone = JobReplay.undone(opened.log());
        this.readings =
                opened.state().readings().stream().collect(Collectors.toMap(TakenReading::seq, Function.identity()));
    }

    List<JobView.TapeLine> lines() {
        List<JobView.TapeLine> lines = new ArrayList<>();
        for (LoggedEvent logged : opened.log().reversed()) {
            if (logged.event() instanceof JobEvent.Undone || logged.event() instanceof JobEvent.Redone) continue;
            TakenReading reading = readings.get(logged.seq());
            lines.add(new JobView.TapeLine(
                    logged.seq(),
                    logged.at(),
                    text(logged.event()),
                    reading == null ? null : doubt(reading.status()),
                    reading != null && reading.status() == ReadingStatus.DROPPED,
                    undone.contains(logged.seq())));
        }
        return lines;
    }

    boolean anythingCounts() {
        return lines().stream().anyMatch(l -> !l.undone());
    }

    private static @Nullable String doubt(ReadingStatus status) {
        return switch (status) {
            case SURPRISING -> "surprising";
            case OFF_PITCH -> "off-pitch";
            case BELIEVED, DROPPED -> null;
        };
    }

    private String text(JobEvent event) {
        return switch (event) {
            case JobEvent.ReadingTaken e -> reading(e);
            case JobEvent.ReadingKept e -> "Kept the reading " + about(e.reading());
            case JobEvent.ReadingDropped e -> "Dropped the reading " + about(e.reading());
            case JobEvent.RodTurned e -> turned(e);
            case JobEvent.RodRanFree ignored -> "That turn ran free and does not count";
            case JobEvent.RodTurnedOtherWay ignored -> "That turn went the other way";
            case JobEvent.RodDirectionLearned e ->
                e.straightensAnticlockwise() ? "This rod straightens anticlockwise" : "This rod straightens clockwise";
            case JobEvent.RodStiff ignored -> "Rod stiff";
            case JobEvent.Moved e -> moved(e.move());
            case JobEvent.Retuned ignored -> "Retuned, from below";
            case JobEvent.SettlingSkipped ignored -> "Did not wait for the neck to settle";
            case JobEvent.NoteWritten e -> e.text();
            case JobEvent.TargetSet e -> {
                ReliefSchool school = e.target().school();
                yield "Target: " + (school == null ? "by hand" : school.label()) + ", bass "
                        + words.band(e.target().bass()) + ", treble "
                        + words.band(e.target().treble()) + " " + unit.suffix();
            }
            case JobEvent.HabitSet e -> "Reading by " + e.habit().tool().label() + ", " + words.method(e.habit());
            case JobEvent.RodWaysSet e ->
                "Rod: steps of " + e.ways().step().amount() + ", settle "
                        + e.ways().settleMinutes() + " min, limit "
                        + e.ways().limit().amount() + (e.ways().finishTightening() ? ", finish tightening" : "");
            case JobEvent.Closed ignored -> "Closed: as left recorded";
            case JobEvent.Reopened ignored -> "Reopened";
            case JobEvent.Undone ignored -> "Undone";
            case JobEvent.Redone ignored -> "Brought back";
        };
    }

    private String moved(Move move) {
        return switch (move) {
            case Move.RodTurned m -> "Rod " + Turns.nearest(m.turns());
            case Move.SaddleScrewed m -> "Saddle " + m.string() + ", screws " + Turns.nearest(m.turns());
            case Move.SaddleMoved m -> "Saddle " + m.string() + " " + unit.showChange(m.change()) + " " + unit.suffix();
            case Move.SlotFiled m -> "Slot " + m.string() + " filed, " + Math.round(m.strokes()) + " strokes";
            case Move.SlotMoved m -> "Slot " + m.string() + " " + unit.showChange(m.change()) + " " + unit.suffix();
            case Move.TensionChanged m -> "String tension changed by " + Math.round(m.newtons()) + " N";
            case Move.Retuned ignored -> "Retuned";
            case Move.Rested m -> "Rested " + m.time().toMinutes() + " min";
            case Move.HumidityChanged m -> "Humidity changed by " + Math.round(m.points()) + " %";
        };
    }

    private String about(long seq) {
        TakenReading reading = readings.get(seq);
        return reading == null ? "" : gap(reading.reading().gap());
    }

    private String reading(JobEvent.ReadingTaken e) {
        String what = switch (e.method()) {
            case GapMethod.Relief ignored -> "Relief ";
            case GapMethod.NutOpen ignored -> "Nut open ";
            case GapMethod.NutPressed ignored -> "Nut pressed ";
            case GapMethod.Action m -> "Action at " + m.gaugeFret() + " ";
            case GapMethod.ActionCapo m -> "Action at " + m.gaugeFret() + ", capo, ";
        };
        return what + e.string() + ": " + gap(e.gap()) + " " + unit.suffix();
    }

    private String gap(Gap gap) {
        return switch (gap) {
            case Gap.Of of -> unit.show(of.mm());
            case Gap.Between between -> unit.show(between.goes()) + " goes, " + unit.show(between.stops()) + " lifts";
            case Gap.AtLeast least -> "over " + unit.show(least.mm());
            case Gap.AtMost most -> "under " + unit.show(most.mm());
        };
    }

    private String turned(JobEvent.RodTurned e) {
        boolean tighter = (e.net().sixteenths() > 0) != opened.state().reversed();
        return "Rod " + e.net().amount() + (tighter ? " tighter" : " looser")
                + (e.free() ? ", turned freely" : e.finishTightening() ? ", finished tightening" : "");
    }
}
