package barytone.server.job;

import barytone.core.estimate.Move;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.LoggedEvent;
import barytone.core.job.ReadingStatus;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.quantity.Cents;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthTextException;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.SlotFlaw;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefState;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The tape: everything that was done on a job, newest first. */
final class Tape {
    private static final Duration WORTH_TELLING = Duration.ofMinutes(1);
    private static final int TOLD = 4;
    private static final String NOT_FOR_IT = "Not for this instrument as it is now: not counted.";

    private final JobLog.Opened opened;
    /** For what belongs to the saddles, and for what has no unit of its own. */
    private final LengthUnit unit;

    private final Units units;
    private final Words words;
    private final Set<Long> undone;
    private final Map<Long, TakenReading> readings;

    Tape(JobLog.Opened opened, Units units) {
        this.opened = opened;
        this.units = units;
        this.unit = units.action();
        this.words = new Words(opened.state(), units);
        this.undone = JobReplay.undone(opened.log());
        this.readings =
                opened.state().readings().stream().collect(Collectors.toMap(TakenReading::seq, Function.identity()));
    }

    List<JobView.TapeLine> lines() {
        List<JobView.TapeLine> lines = new ArrayList<>();
        Map<Long, String> clock = setBack();
        for (LoggedEvent logged : opened.log().reversed()) {
            if (logged.event() instanceof JobEvent.Undone || logged.event() instanceof JobEvent.Redone) continue;
            TakenReading reading = readings.get(logged.seq());
            lines.add(new JobView.TapeLine(
                    logged.seq(),
                    logged.at(),
                    text(logged.event()),
                    reading == null ? null : doubt(reading),
                    reading != null && reading.status() == ReadingStatus.DROPPED,
                    undone.contains(logged.seq()),
                    mark(logged.seq(), clock.get(logged.seq()))));
        }
        return lines;
    }

    private @Nullable String mark(long seq, @Nullable String clock) {
        return opened.state().unfit().contains(seq) ? NOT_FOR_IT : clock;
    }

    /** What is on the tape but not for this instrument as it is now; null when all of it is. */
    @Nullable
    String unfit() {
        List<String> texts = opened.log().stream()
                .filter(e -> opened.state().unfit().contains(e.seq()))
                .map(e -> "“" + text(e.event()) + "”")
                .distinct()
                .toList();
        if (texts.isEmpty()) return null;
        String more = texts.size() > TOLD ? " and " + (texts.size() - TOLD) + " more" : "";
        return "Not for this instrument as it is now, and not counted: "
                + String.join(", ", texts.subList(0, Math.min(TOLD, texts.size()))) + more
                + ". They stay on the tape, and count again if the facts are put back.";
    }

    /** The tape stays in the order in which things were done; where the clock was set back it says so. */
    private Map<Long, String> setBack() {
        Map<Long, String> told = new HashMap<>();
        Instant before = Instant.MIN;
        for (LoggedEvent logged : opened.log()) {
            if (before != Instant.MIN && logged.at().isBefore(before.minus(WORTH_TELLING))) {
                Duration by = Duration.between(logged.at(), before);
                String length =
                        by.toHours() > 0 ? by.toHours() + " h " + by.toMinutesPart() + " min" : by.toMinutes() + " min";
                told.put(logged.seq(), "The clock was set back by " + length + " before this.");
            }
            before = logged.at();
        }
        return told;
    }

    boolean anythingCounts() {
        return lines().stream().anyMatch(l -> !l.undone());
    }

    private @Nullable String doubt(TakenReading reading) {
        return switch (reading.status()) {
            // one that a move has overtaken waits no more
            case SURPRISING -> opened.state().doubts().contains(reading) ? "surprising" : null;
            case OFF_PITCH -> "off-pitch";
            case BELIEVED, DROPPED -> null;
        };
    }

    private String text(JobEvent event) {
        return switch (event) {
            case JobEvent.ReadingTaken e -> reading(e);
            case JobEvent.ReadingKept e -> "Kept the reading " + about(e.reading());
            case JobEvent.ReadingDropped e -> "Dropped the reading " + about(e.reading());
            case ReliefEvent.RodTurned e -> turned(e);
            case ReliefEvent.RodRanFree ignored -> "That turn ran free and does not count";
            case ReliefEvent.RodTurnedOtherWay ignored -> "That turn went the other way";
            case ReliefEvent.RodDirectionLearned e ->
                e.straightensAnticlockwise() ? "This rod straightens anticlockwise" : "This rod straightens clockwise";
            case ReliefEvent.RodStiff ignored -> "Rod stiff";
            case JobEvent.Moved e -> moved(e.move());
            case JobEvent.Retuned ignored -> "Retuned, from below";
            case ReliefEvent.SettlingSkipped ignored -> "Did not wait for the neck to settle";
            case JobEvent.NoteWritten e -> e.text();
            case ReliefEvent.TargetSet e -> {
                yield "Relief target: " + school(e.target().school()) + ", bass "
                        + words.band(Station.RELIEF, e.target().bass()) + ", treble "
                        + words.band(Station.RELIEF, e.target().treble()) + " "
                        + units.relief().suffix();
            }
            case JobEvent.HabitSet e -> "Reading by " + e.habit().tool().label() + ", " + words.method(e.habit());
            case ReliefEvent.RodWaysSet e ->
                "Rod: steps of " + e.ways().step().amount() + ", settle "
                        + e.ways().settleMinutes() + " min, limit "
                        + e.ways().limit().amount() + (e.ways().finishTightening() ? ", finish tightening" : "");
            case ActionEvent.BridgeScrewed e -> screwed(e);
            case ActionEvent.SaddleReworked e ->
                "Saddle " + way(e.way())
                        + (e.bass() == 0 && e.treble() == 0
                                ? ""
                                : ": bass " + change(e.bass()) + ", treble " + change(e.treble()));
            case NutEvent.SlotsFiled e ->
                "Filed "
                        + String.join(
                                ", ",
                                e.slots().stream()
                                        .map(f -> "slot " + f.string() + " " + f.strokes()
                                                + (f.light() ? " light strokes" : " strokes"))
                                        .toList());
            case NutEvent.NutReworked e ->
                "Nut " + nutWay(e.way())
                        + (e.material() == null ? "" : ", " + e.material().label())
                        + ", " + words.strings(e.strings())
                        + (e.change() == 0
                                ? ""
                                : ": " + units.nut().showChange(e.change()) + " "
                                        + units.nut().suffix());
            case ActionEvent.NeckShimmed e ->
                "Neck shim " + unit.showWithUnit(e.thickness()) + ", thick at the " + Words.thickEnd(e.end());
            case NutEvent.SlotChecked e ->
                "Slot " + e.string() + ": "
                        + (e.flaws().isEmpty()
                                ? "good"
                                : String.join(
                                        ", ",
                                        e.flaws().stream().map(SlotFlaw::label).toList()));
            case ActionEvent.GaugePatternRead e ->
                "Gauge " + units.radius().showWithUnit(e.radius()) + " under the strings: "
                        + (e.ringing().isEmpty() ? "all touch" : "clear are " + words.strings(e.ringing()));
            case ActionEvent.SaddleProudRead e -> "The saddle stands " + unit.showWithUnit(e.proud()) + " proud";
            case ActionEvent.TravelRead e ->
                "Saddles can go " + unit.showWithUnit(e.down()) + " down, " + unit.showWithUnit(e.up()) + " up";
            case ActionEvent.NeckAngleRead e -> "Straightedge over the bridge: " + change(e.above());
            case JobEvent.HeightHabitSet e -> {
                String what = words.quantity(Station.of(e.habit().method()));
                yield "Reading the " + what + " by " + e.habit().tool().label() + ", "
                        + words.method(e.habit().method());
            }
            case NutEvent.NutTargetSet e -> "Nut target: " + school(e.target().school());
            case ActionEvent.ActionTargetSet e ->
                "Action target: " + school(e.target().school());
            case ToneEvent.PitchRead e -> pitch(e);
            case ToneEvent.IntonationSet e ->
                "Intonation: frets "
                        + String.join(
                                ", ",
                                e.ways().frets().stream().map(String::valueOf).toList())
                        + ", " + e.ways().where().label();
            case ToneEvent.SaddlesMoved e -> along(e);
            case ToneEvent.LengthDirectionLearned e ->
                "Length screws: clockwise moves a saddle " + (e.clockwiseBack() ? "back" : "towards the nut");
            case ToneEvent.LengthTravelRead e ->
                alongName(e.support()) + " can go " + unit.showWithUnit(e.forward()) + " towards the nut, "
                        + unit.showWithUnit(e.back()) + " back";
            case ToneEvent.SaddlePlacesRead ignored -> "Where the saddles stand was measured";
            case ToneEvent.StringsStated e -> "Strings: " + e.age().label();
            case ToneEvent.Stretched e -> "Stretched string " + e.string() + ": " + Cents.signed(-e.drop()) + " cents";
            case ToneEvent.StringRenewed e -> "String " + e.string() + " replaced";
            case PickupEvent.PickupRead e ->
                pickup(e.pickup())
                        + (e.side() == Pickup.Side.BASS ? ", bass side: " : ", treble side: ")
                        + typed(e.typed(), units.pickups(), e.gap());
            case PickupEvent.PickupTargetSet ignored -> "Pickup gaps wanted: set by hand";
            case PickupEvent.PickupTurned e ->
                pickup(e.pickup()) + side(", bass ", e.bass()) + side(", treble ", e.treble());
            case PickupEvent.PickupChecked e ->
                pickup(e.pickup()) + ": "
                        + (e.signs().isEmpty()
                                ? "good"
                                : String.join(
                                        ", ",
                                        e.signs().stream()
                                                .map(PickupSign::label)
                                                .toList()));
            case PickupEvent.PickupsLowered e -> e.down() ? "Pickups lowered out of the way" : "Pickups brought back";
            case PickupEvent.LevelHeard e ->
                pickup(e.pickup()) + ", string " + e.string() + ": " + Cents.signed(e.decibels()) + " dB";
            case JobEvent.OrderSet e -> "Order of work: " + e.order().label();
            case JobEvent.ScopeSet e ->
                "Agreed: "
                        + String.join(
                                ", ", e.stations().stream().map(Station::label).toList());
            case JobEvent.Answered e -> (e.done() ? "Done: " : "Left as it is: ") + Rules.topic(e.topic());
            case JobEvent.ReadingMoved e -> "Moved before the reading " + about(e.reading()) + ", not counted";
            case JobEvent.MovedUncounted e ->
                Words.sentence(words.quantity(e.station())) + " moved without counting, "
                        + (e.station() == Station.RELIEF ? "by the rod" : words.strings(e.strings()));
            case JobEvent.StringsChanged e ->
                "Other strings: " + e.to() + (e.from().isEmpty() ? "" : ", before " + e.from());
            case JobEvent.PutOff e -> e.station().label() + ": later";
            case JobEvent.Closed ignored -> "Closed: as left recorded";
            case JobEvent.Reopened ignored -> "Reopened";
            case JobEvent.Undone ignored -> "Undone";
            case JobEvent.Redone ignored -> "Brought back";
        };
    }

    private String pitch(ToneEvent.PitchRead e) {
        boolean slack = Tones.of(opened.state()).notes().stream().anyMatch(n -> n.offPitch() && n.read() == e);
        return "String " + e.string() + " " + e.sounded().label() + ": " + Cents.signed(e.cents()) + " cents, "
                + e.ear().label() + (e.wavered() ? ", wavering" : "") + (slack ? ", off pitch: void" : "");
    }

    private String alongName(int support) {
        List<String> names = opened.state().spec().lengthwise().names();
        return support < names.size() ? Words.sentence(names.get(support)) : "Saddle";
    }

    private String along(ToneEvent.SaddlesMoved e) {
        List<String> moved = new ArrayList<>();
        for (int j = 0; j < e.clockwise().size(); j++) {
            Turns turns = e.clockwise().get(j);
            double back = e.back().get(j);
            if (!turns.isZero()) moved.add(alongName(j) + " " + ToneWords.turned(turns));
            else if (back != 0)
                moved.add(
                        alongName(j) + " " + unit.showWithUnit(Math.abs(back)) + (back > 0 ? " back" : " to the nut"));
        }
        return String.join(", ", moved);
    }

    private String pickup(int pickup) {
        List<Pickup> there = opened.state().spec().fittings().pickups();
        return pickup < there.size() ? Words.sentence(there.get(pickup).place().label()) : "Pickup";
    }

    private static String side(String side, Turns turns) {
        return turns.isZero() ? "" : side + ToneWords.turned(turns);
    }

    private static String school(@Nullable String code) {
        return code == null ? "by hand" : code.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private String change(double mm) {
        return unit.showChange(mm) + " " + unit.suffix();
    }

    private static String way(ActionEvent.SaddleReworked.Way way) {
        return switch (way) {
            case SANDED -> "sanded";
            case SHIMMED -> "shimmed";
            case RENEWED -> "renewed";
        };
    }

    private static String nutWay(NutEvent.NutReworked.Way way) {
        return switch (way) {
            case UNDERSIDE_SANDED -> "sanded underneath";
            case SHIMMED -> "shimmed, temporary";
            case FILLED -> "filled, temporary";
            case RENEWED -> "renewed";
        };
    }

    private String screwed(ActionEvent.BridgeScrewed e) {
        List<String> names = opened.state().spec().supports().names();
        List<String> turned = new ArrayList<>();
        for (int i = 0; i < Math.min(names.size(), e.screws().size()); i++) {
            Turns turns = e.screws().get(i);
            if (!turns.isZero())
                turned.add(names.get(i) + " " + turns.amount() + (turns.sixteenths() > 0 ? " up" : " down"));
        }
        return Words.sentence(String.join(", ", turned));
    }

    private String moved(Move move) {
        return switch (move) {
            case Move.RodTurned m -> "Rod " + Turns.nearest(m.turns());
            case Move.SaddleScrewed m -> "Saddle " + m.string() + ", screws " + Turns.nearest(m.turns());
            case Move.SaddleMoved m -> "Saddle " + m.string() + " " + change(m.change());
            case Move.SlotMoved m -> "Slot " + m.string() + " " + change(m.change());
            case Move.ScrewTurned m -> "Screw " + Turns.nearest(m.turns());
            case Move.SaddleLifted m -> "Saddle " + change(m.change());
            case Move.SlotFiled m -> "Slot " + m.string() + " filed, " + Math.round(m.strokes()) + " strokes";
            case Move.SlotsLifted m -> "Slots " + change(m.change());
            case Move.TensionChanged m -> "String tension changed by " + Math.round(m.newtons()) + " N";
            case Move.Retuned ignored -> "Retuned";
            case Move.Rested m -> "Rested " + m.time().toMinutes() + " min";
            case Move.SlotsUnknown m -> "Slots changed";
            case Move.SaddlesUnknown m -> "Saddles changed";
            case Move.ReliefUnknown m -> "Relief changed";
            case Move.HumidityChanged m -> "Humidity changed by " + Math.round(m.points()) + " %";
        };
    }

    private String about(long seq) {
        TakenReading reading = readings.get(seq);
        return reading == null ? "" : gap(reading.reading());
    }

    private String reading(JobEvent.ReadingTaken e) {
        String what = switch (e.method()) {
            case GapMethod.Relief ignored -> "Relief " + e.string();
            case GapMethod.NutOpen ignored -> "Nut " + e.string() + ", open";
            case GapMethod.NutPressed m -> "Nut " + e.string() + ", pressed at " + m.heldFret();
            case GapMethod.Action m -> "Action " + e.string() + " at " + m.gaugeFret();
            case GapMethod.ActionCapo m -> "Action " + e.string() + " at " + m.gaugeFret() + ", capo";
        };
        return what + ": " + gap(e);
    }

    /** A reading as it was typed where that tells more than the number: with the unit it was typed in. */
    private String gap(JobEvent.ReadingTaken e) {
        LengthUnit own = words.unit(e.method());
        String found = switch (e.gap()) {
            case Gap.Of of -> typed(e.typed(), e.unit() == null ? own : e.unit(), of.mm());
            case Gap.Between b -> own.show(b.goes()) + " goes, " + own.show(b.stops()) + " lifts " + own.suffix();
            case Gap.AtLeast least -> "over " + own.showWithUnit(least.mm());
            case Gap.AtMost most -> "under " + own.showWithUnit(most.mm());
        };
        return Evidence.noGap(e.gap(), e.method()) ? found + ", no gap" : found;
    }

    /** What was typed, with its unit; the number in the unit in use when nothing was. */
    private static String typed(String text, LengthUnit unit, double mm) {
        String clean = text.strip();
        boolean bare = clean.matches("[+-]?[0-9.,]+");
        // a note from before units were noted with what was typed
        boolean fits = bare && Math.abs(parsed(clean, unit) - mm) < 1e-6;
        if (fits) return clean + " " + unit.suffix();
        return bare || !clean.matches(".*[0-9].*") ? unit.showWithUnit(mm) : clean;
    }

    private static double parsed(String text, LengthUnit unit) {
        try {
            return Length.parse(text, unit).mm();
        } catch (LengthTextException e) {
            return Double.NaN;
        }
    }

    private String turned(ReliefEvent.RodTurned e) {
        boolean tighter =
                (e.net().sixteenths() > 0) != ReliefState.of(opened.state()).reversed();
        return "Rod " + e.net().amount() + (tighter ? " tighter" : " looser")
                + (e.free() ? ", turned freely" : e.finishTightening() ? ", finished tightening" : "");
    }
}
