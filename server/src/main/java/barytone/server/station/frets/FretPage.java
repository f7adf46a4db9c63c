package barytone.server.station.frets;

import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Diagnosis;
import barytone.core.buzz.Hint;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.Zone;
import barytone.core.clearance.ClearanceMap;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.playoff.PlayedNote;
import barytone.core.quantity.LengthUnit;
import barytone.core.station.frets.BoardNow;
import barytone.core.station.frets.Clearances;
import barytone.core.station.frets.FretAdvice;
import barytone.core.station.frets.FretHunt;
import barytone.core.station.frets.FretState;
import barytone.server.buzz.BuzzWords;
import barytone.server.job.HandedOver;
import barytone.server.job.JobView;
import barytone.server.job.RoomPage;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the page shows of frets and buzz. */
final class FretPage implements RoomPage {
    /** Suspects that are told. */
    private static final int TOLD = 5;

    /** A suspect less likely than this is not told. */
    private static final double LEAST = 0.03;

    private final Shown shown;
    private final JobState state;
    private final FretState frets;
    private final LengthUnit unit;
    private final FretWords voice;

    FretPage(Shown shown) {
        this.shown = shown;
        this.state = shown.state();
        this.frets = FretState.of(state);
        this.unit = shown.words().units().action();
        this.voice = new FretWords(state);
    }

    @Override
    public Map<String, Object> parts() {
        return Map.of("frets", view());
    }

    private FretsView view() {
        FretHunt hunt = FretHunt.of(state);
        InstrumentSpec spec = state.spec();
        BuzzWords words = BuzzWords.of(spec);
        Diagnosis diagnosis = hunt.diagnosis();
        BoardNow board = BoardNow.of(state);
        CrownWords crowns = new CrownWords(words, unit);
        List<String> done = new ArrayList<>(
                frets.done().stream().map(voice::remedied).map(Words::sentence).toList());
        List<PlayedNote> known =
                frets.bad().stream().filter(frets.accepted()::contains).toList();
        if (!known.isEmpty()) done.add("Known to " + state.playOff().by() + " and accepted: " + words.notes(known));
        return new FretsView(
                spec.everyString().reversed().stream()
                        .map(s -> new FretsView.NamedString(s, words.string(s)))
                        .toList(),
                spec.frets(),
                spec.bodyJointFret(),
                frets.notes().stream().map(this::mark).toList(),
                frets.again().stream().map(this::mark).toList(),
                Arrays.stream(Zone.values())
                        .map(z -> new FretsView.ZoneChoice(
                                z, z.label(), frets.zones().contains(z)))
                        .toList(),
                Arrays.stream(Hint.values())
                        .map(h -> new FretsView.HintChoice(
                                h,
                                h.label(),
                                frets.hints().contains(h),
                                !frets.hints().contains(h)
                                        && hunt.findings().hints().contains(h)))
                        .toList(),
                room(board.room()),
                crowns.stand(board.sense()),
                crowns.hand(board.sense()),
                words.bends(board.chokes()),
                diagnosis == null
                        ? List.of()
                        : diagnosis.suspects().stream()
                                .filter(s -> s.probability() >= LEAST)
                                .limit(TOLD)
                                .map(s -> suspect(words, s))
                                .toList(),
                diagnosis == null
                        ? null
                        : diagnosis.next().map(n -> next(words, n)).orElse(null),
                shown.advice() instanceof FretAdvice.MakeTest test ? next(words, test.next()) : null,
                Arrays.stream(BuzzTest.values())
                        .map(t -> new FretsView.BuzzTestView(t, t.title(), t.where(), outcomes(t)))
                        .toList(),
                hunt.tests().reversed().stream().map(words::tested).toList(),
                done,
                state.agreed(Station.FRETS)
                        ? List.of()
                        : List.of("Not part of the work agreed on. What is marked here is kept all the same."));
    }

    private FretsView.BoardMark mark(PlayedNote note) {
        return new FretsView.BoardMark(
                note.string(),
                note.fret(),
                note.mark(),
                note.pluck(),
                note.plugged(),
                frets.accepted().contains(note));
    }

    private static FretsView.SuspectView suspect(BuzzWords words, Suspect suspect) {
        String caution = suspect.cause().remedy().caution();
        return new FretsView.SuspectView(
                suspect.cause().code(),
                words.title(suspect),
                (int) Math.min(99, Math.round(100 * suspect.probability())),
                words.because(suspect),
                suspect.cause().remedy().label(),
                suspect.cause().remedy().kind().label(),
                caution.isEmpty() ? null : caution,
                suspect.place().string(),
                suspect.place().fret(),
                suspect.confirmed());
    }

    private static FretsView.NextBuzzTest next(BuzzWords words, NextTest next) {
        return new FretsView.NextBuzzTest(
                next.test(),
                words.next(next),
                next.string(),
                next.fret(),
                FretWords.minutes(next.test()).replaceFirst("^minute$", "a minute"),
                outcomes(next.test()));
    }

    private static List<FretsView.OutcomeChoice> outcomes(BuzzTest test) {
        return test.outcomes().stream()
                .map(o -> new FretsView.OutcomeChoice(o, o.label()))
                .toList();
    }

    private List<FretsView.StringRoom> room(@Nullable Clearances clearances) {
        if (clearances == null) return List.of();
        return state.spec().everyString().reversed().stream()
                .map(s -> new FretsView.StringRoom(
                        s,
                        clearances.notes(s).stream()
                                .map(note -> fits(note, clearances.sd(s, note.fret())))
                                .toList(),
                        tightest(clearances.notes(s))))
                .toList();
    }

    private static FretsView.Fits fits(ClearanceMap.Note note, double sd) {
        return note.margin() < -sd
                ? FretsView.Fits.TOUCHES
                : note.margin() < sd ? FretsView.Fits.NEAR : FretsView.Fits.FREE;
    }

    private String tightest(List<ClearanceMap.Note> notes) {
        ClearanceMap.Note least = notes.stream()
                .min(Comparator.comparingDouble(ClearanceMap.Note::margin))
                .orElseThrow();
        return (least.fret() == 0 ? "open: " : "at " + least.fret() + ": ")
                + (least.margin() < 0
                        ? "touches " + least.hits() + " by " + unit.showWithUnit(-least.margin())
                        : unit.showWithUnit(least.margin()) + " over " + least.hits());
    }

    @Override
    public String note() {
        if (!frets.again().isEmpty()) return "play again";
        if (!frets.open().isEmpty())
            return frets.open().size() == 1 ? "1 sounds wrong" : frets.open().size() + " sound wrong";
        if (!frets.bad().isEmpty()) return "accepted";
        if (!frets.zones().isEmpty()) return "a noise";
        if (!frets.notes().isEmpty()) return "rings clean";
        return state.agreed(Station.FRETS) ? "not played" : Words.NOT_AGREED;
    }

    @Override
    public boolean good() {
        return !frets.notes().isEmpty()
                && frets.open().isEmpty()
                && frets.again().isEmpty()
                && frets.zones().isEmpty();
    }

    @Override
    public List<JobView.ClosingRow> closing() {
        return List.of();
    }

    @Override
    public List<HandedOver.Line> onCard() {
        return List.of();
    }
}
