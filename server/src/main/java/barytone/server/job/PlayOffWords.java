package barytone.server.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayPart;
import barytone.server.buzz.BuzzWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What is said of an instrument that was played through. */
final class PlayOffWords {
    private PlayOffWords() {}

    /** All of it, as the page shows it. */
    static PlayOffView view(JobState state) {
        PlayOff all = state.playOff();
        BuzzWords words = BuzzWords.of(state.spec());
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
                                Words.sentence(words.heard(List.of(note))),
                                all.accepted().contains(note)))
                        .toList(),
                remarks(state));
    }

    /** What is heard and open, and what is heard and accepted; nothing when all rings clean. */
    static List<String> remarks(JobState state) {
        PlayOff all = state.playOff();
        BuzzWords words = BuzzWords.of(state.spec());
        List<String> said = new ArrayList<>();
        if (!all.open().isEmpty()) said.add("Heard and not accepted: " + words.heard(all.open()) + ".");
        if (!all.known().isEmpty())
            said.add("Known to " + all.by() + " and accepted: " + words.heard(all.known()) + ".");
        return said;
    }

    /** An entry of the tape; empty when it is none of these. */
    static Optional<String> line(JobEvent event, InstrumentSpec spec) {
        return switch (event) {
            case JobEvent.NoteHeard e ->
                Optional.of(Words.sentence(BuzzWords.of(spec).heard(List.of(e.note()))));
            case JobEvent.NotesHeard e ->
                Optional.of(Words.sentence(BuzzWords.of(spec).heard(e.notes())));
            case JobEvent.PlayedThrough e ->
                Optional.of(
                        "Played through: " + e.part().part().label() + (e.part().plugged() ? ", amplified" : ""));
            case JobEvent.HeardAccepted e ->
                Optional.of("What is heard is accepted by " + e.by() + (e.how().isEmpty() ? "" : ": " + e.how()));
            default -> Optional.empty();
        };
    }
}
