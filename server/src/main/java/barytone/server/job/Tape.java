package barytone.server.job;

import barytone.core.estimate.Move;
import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.LoggedEvent;
import barytone.core.job.ReadingStatus;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.job.Tending;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.trial.TargetsTaken;
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

    private final OpenedJob opened;
    private final LengthUnit saddle;
    private final LengthUnit nut;

    private final Voices voices;
    private final Rules rules;
    private final Words words;
    private final Set<Long> undone;
    private final Map<Long, TakenReading> readings;

    Tape(OpenedJob opened, Words words, Voices voices) {
        this.opened = opened;
        this.saddle = words.units().saddle();
        this.nut = words.units().nut();
        this.words = words;
        this.voices = voices;
        this.rules = new Rules(opened.state(), voices);
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
                    mark(logged.seq(), clock.get(logged.seq())),
                    logged.event().row().orElse(null)));
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

    private String waitEnded(long begun) {
        return opened.log().stream()
                .filter(e -> e.seq() == begun)
                .findFirst()
                .map(e -> e.event() instanceof JobEvent.WaitBegun wait
                        ? "Waits no longer: " + wait.reason().label().toLowerCase(Locale.ROOT)
                        : "Waits no longer after: " + text(e.event()))
                .orElse("Waits no longer");
    }

    private String part(long taken) {
        return opened.log().stream()
                .filter(e -> e.seq() == taken && e.event() instanceof JobEvent.PartTaken)
                .map(e -> ((JobEvent.PartTaken) e.event()).part())
                .findFirst()
                .orElse("what came off");
    }

    /** What was done to the instrument, in order: moves that count. */
    List<String> work() {
        return opened.log().stream()
                .filter(e -> !opened.state().undone().contains(e.seq())
                        && !opened.state().unfit().contains(e.seq()))
                .filter(e -> e.event() instanceof Adjustment
                        || e.event() instanceof JobEvent.StringsChanged
                        || e.event() instanceof JobEvent.Tended t && t.what() != Tending.STRINGS_OFF)
                .map(e -> text(e.event()))
                .toList();
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
            case JobEvent.Moved e -> moved(e.move());
            case JobEvent.Retuned ignored -> "Retuned, from below";
            case JobEvent.NoteWritten e -> e.text();
            case JobEvent.HabitSet e -> "Reading by " + e.habit().tool().label() + ", " + words.method(e.habit());
            case JobEvent.HeightHabitSet e -> {
                String what = words.quantity(Station.of(e.habit().method()));
                yield "Reading the " + what + " by " + e.habit().tool().label() + ", "
                        + words.method(e.habit().method());
            }
            case JobEvent.OrderSet e -> "Order of work: " + e.order().label();
            case JobEvent.ScopeSet e ->
                "Agreed: "
                        + String.join(
                                ", ", e.stations().stream().map(Station::label).toList());
            case JobEvent.AgreedToo e ->
                "Agreed" + (e.how().isEmpty() ? "" : " " + e.how()) + ": " + words.quantity(e.station()) + " too";
            case JobEvent.Answered e -> (e.done() ? "Done: " : "Left as it is: ") + rules.topic(e.topic());
            case JobEvent.ReadingMoved e -> "Moved before the reading " + about(e.reading()) + ", not counted";
            case JobEvent.MovedUncounted e ->
                Words.sentence(words.quantity(e.station())) + " moved without counting, "
                        + (e.station() == Station.RELIEF ? "by the rod" : words.strings(e.strings()));
            case JobEvent.StringsChanged e ->
                "Other strings: " + e.to() + (e.from().isEmpty() ? "" : ", before " + e.from());
            case TargetsTaken e -> TriedWords.line(e, words);
            case JobEvent.AirRead e -> AirWords.line(e);
            case JobEvent.HandOverWritten ignored -> "Written for the card";
            case JobEvent.AgreementSet e -> AgreementWords.line(e.agreement());
            case JobEvent.PartTaken e -> "Into the tray: " + e.part();
            case JobEvent.PartBack e -> "Back on: " + part(e.taken());
            case JobEvent.Tended e -> e.what().label();
            case JobEvent.FollowUpSet e -> BenchLogWords.followUp(e);
            case JobEvent.WaitBegun e -> WaitWords.begun(e);
            case JobEvent.WaitEnded e -> waitEnded(e.begun());
            case JobEvent.Promised e -> PromiseWords.line(e);
            case JobEvent.PutOff e -> e.station().label() + ": later";
            case JobEvent.Closed ignored -> "Closed: as left recorded";
            case JobEvent.Reopened ignored -> "Reopened";
            case JobEvent.Undone ignored -> "Undone";
            case JobEvent.Redone ignored -> "Brought back";
            default ->
                ArrivalWords.line(event)
                        .or(() -> PlayOffWords.line(event, opened.state().spec()))
                        .or(() -> voices.first(voice -> voice.lineOf(event)))
                        .orElseThrow(() -> new IllegalStateException("nobody tells of " + event));
        };
    }

    private String moved(Move move) {
        return switch (move) {
            case Move.RodTurned m -> "Rod " + Turns.nearest(m.turns());
            case Move.SaddleScrewed m -> "Saddle " + m.string() + ", screws " + Turns.nearest(m.turns());
            case Move.SaddleMoved m -> "Saddle " + m.string() + " " + Words.change(saddle, m.change());
            case Move.SlotMoved m -> "Slot " + m.string() + " " + Words.change(nut, m.change());
            case Move.ScrewTurned m -> "Screw " + Turns.nearest(m.turns());
            case Move.SaddleLifted m -> "Saddle " + Words.change(saddle, m.change());
            case Move.SlotFiled m -> "Slot " + m.string() + " filed, " + Math.round(m.strokes()) + " strokes";
            case Move.SlotsLifted m -> "Slots " + Words.change(nut, m.change());
            case Move.TensionChanged m ->
                "String tension changed by " + words.units().tension().show(m.newtons());
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
            case Gap.Of of -> Words.typed(e.typed(), e.unit() == null ? own : e.unit(), of.mm());
            case Gap.Between b -> own.show(b.goes()) + " goes, " + own.show(b.stops()) + " lifts " + own.suffix();
            case Gap.AtLeast least -> "over " + own.showWithUnit(least.mm());
            case Gap.AtMost most -> "under " + own.showWithUnit(most.mm());
        };
        return Evidence.noGap(e.gap(), e.method()) ? found + ", no gap" : found;
    }
}
