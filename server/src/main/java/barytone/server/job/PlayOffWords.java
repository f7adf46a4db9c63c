package barytone.server.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayPart;
import barytone.core.playoff.PlayedNote;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is said of an instrument that was played through. */
final class PlayOffWords {
    private PlayOffWords() {}

    /** All of it, as the page shows it. */
    static PlayOffView view(JobState state) {
        PlayOff all = state.playOff();
        return new PlayOffView(
                state.spec().frets(),
                Arrays.stream(PlayPart.values())
                        .map(part -> new PlayOffView.PlayedPart(
                                part,
                                part.label(),
                                all.played().contains(new PlayOff.Part(part, false)),
                                all.played().contains(new PlayOff.Part(part, true))))
                        .toList(),
                all.heard().stream()
                        .map(note -> new PlayOffView.HeardNoteView(
                                note.string(),
                                note.fret(),
                                note.mark(),
                                note.pluck(),
                                note.plugged(),
                                Words.sentence(text(note, state.spec())),
                                all.accepted().contains(note)))
                        .toList(),
                remarks(state));
    }

    /** What is heard and open, and what is heard and accepted; nothing when all rings clean. */
    static List<String> remarks(JobState state) {
        PlayOff all = state.playOff();
        List<String> said = new ArrayList<>();
        if (!all.open().isEmpty()) said.add("Heard when it was played through: " + texts(all.open(), state) + ".");
        if (!all.known().isEmpty())
            said.add("Known to " + all.by() + " and accepted: " + texts(all.known(), state) + ".");
        return said;
    }

    private static String texts(List<PlayedNote> notes, JobState state) {
        return notes.stream().map(note -> text(note, state.spec())).collect(Collectors.joining("; "));
    }

    private static String text(PlayedNote note, InstrumentSpec spec) {
        return "string " + note.string() + " " + spec.stringName(note.string())
                + (note.fret() == 0 ? " open " : " at fret " + note.fret() + " ")
                + note.mark().label() + ", played " + note.pluck().label()
                + (note.plugged() ? ", amplified" : "");
    }

    /** An entry of the tape; empty when it is none of these. */
    static Optional<String> line(JobEvent event, InstrumentSpec spec) {
        return switch (event) {
            case JobEvent.NoteHeard e ->
                Optional.of(
                        e.note().string() <= spec.strings()
                                ? Words.sentence(text(e.note(), spec))
                                : "A note on a string that it does not have");
            case JobEvent.PlayedThrough e ->
                Optional.of(
                        "Played through: " + e.part().part().label() + (e.part().plugged() ? ", amplified" : ""));
            case JobEvent.HeardAccepted e ->
                Optional.of("What is heard is accepted by " + e.by() + (e.how().isEmpty() ? "" : ": " + e.how()));
            default -> Optional.empty();
        };
    }
}
