package barytone.server.station.frets;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.pitch.NoteEar;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.station.frets.FretEar;
import barytone.core.workshop.StandIn;
import barytone.server.buzz.BuzzWords;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OpenedJob;
import barytone.server.sound.Wav;
import barytone.server.web.PlainText;
import barytone.server.web.RequestKey;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Fills the board by ear: what is heard is judged by {@link FretEar}, and a note that is sure is marked at once. The sound itself is not kept. */
@RestController
@RequestMapping("/api/jobs/{id}/frets")
class FretHearing {
    private static final int MOST_OTHERS = 60;

    private final JobDesk desk;

    FretHearing(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * A note that was heard.
     *
     * @param fret that was recognised, or expected
     * @param mark left out where none was made
     * @param percent how sure the mark is, %
     * @param brightness of a note to which others of its string are compared, dB; left out where it is none
     * @param ring how long it takes to fall by 20 dB, s
     * @param marked it was recorded
     * @param fresh a string was plucked since the last mark
     * @param job as it stands after recording; null when nothing was
     */
    record NoteByEar(
            FretEar.Call call,
            String headline,
            String detail,
            int string,
            int fret,
            @Nullable NoteMark mark,
            int percent,
            @Nullable Double brightness,
            @Nullable Double ring,
            boolean marked,
            boolean fresh,
            @Nullable JobView job) {}

    /**
     * Hears the last moments, and marks a note that is sure.
     *
     * @param string on which is played
     * @param fret that is expected; another of the string is recognised
     * @param pluck how hard it is played
     * @param plugged whether through an amplifier
     * @param brightness of the string's notes that were heard before and did not buzz, dB
     * @param ring of the same notes, s
     * @param whole a recording rather than the last moments
     */
    @PostMapping(path = "/hear", produces = MediaType.APPLICATION_JSON_VALUE)
    NoteByEar hearOnBoard(
            @PathVariable long id,
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam long after,
            @RequestParam @RequestKey String key,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestParam int string,
            @RequestParam int fret,
            @RequestParam(defaultValue = "NORMAL") Pluck pluck,
            @RequestParam(defaultValue = "false") boolean plugged,
            @RequestParam(defaultValue = "") List<Double> brightness,
            @RequestParam(defaultValue = "") List<Double> ring,
            @RequestParam(defaultValue = "false") boolean whole) {
        PlainText.check("key", key);
        Units.ofCode(unit);
        OpenedJob job = desk.open(id);
        JobState state = job.state();
        job.string(string);
        Allowed.whole("fret", fret, 0, state.spec().frets());
        FretEar heard = FretEar.of(
                state, Wav.read(sound == null ? new byte[0] : sound), string, fret, whole, shapes(brightness, ring));
        boolean marks = heard.call() == FretEar.Call.TAKE && !state.closed();
        JobView recorded = marks
                ? desk.add(
                        id,
                        unit,
                        new Addition.Plain(after, key),
                        now -> new JobEvent.NotesHeard(
                                List.of(new PlayedNote(string, heard.fret(), heard.mark(), pluck, plugged))))
                : null;
        return view(state, string, heard, recorded);
    }

    private static List<NoteEar.Shape> shapes(List<Double> brightness, List<Double> ring) {
        Allowed.whole("brightness", brightness.size(), 0, MOST_OTHERS);
        if (brightness.size() != ring.size())
            throw Allowed.broken("ring", ring.size() + " values", "one for each brightness, " + brightness.size());
        List<NoteEar.Shape> shapes = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++)
            shapes.add(new NoteEar.Shape(
                    Allowed.number("brightness", brightness.get(i), -120, 60, "dB"),
                    Allowed.number("ring", ring.get(i), 0, 60, "s")));
        return shapes;
    }

    private static NoteByEar view(JobState state, int string, FretEar heard, @Nullable JobView job) {
        NoteEar.Note note = heard.note();
        NoteEar.Shape other = note.other();
        String name = BuzzWords.of(state.spec()).note(string, heard.fret());
        return new NoteByEar(
                heard.call(),
                FretEarWords.headline(heard, name),
                FretEarWords.detail(heard),
                string,
                heard.fret(),
                heard.call() == FretEar.Call.TAKE ? heard.mark() : null,
                (int) Math.round(100 * note.confidence()),
                other == null ? null : other.brightness(),
                other == null ? null : other.ring(),
                job != null,
                heard.call() != FretEar.Call.WAITING,
                job);
    }

    /**
     * What the stand-in plays on the board of a job; one of its frets is high.
     *
     * @param string 1 is the highest
     * @param fret 0 is the open string
     */
    @GetMapping(path = "/stand-in", produces = "audio/wav")
    byte[] playStandInOnBoard(@PathVariable long id, @RequestParam int string, @RequestParam int fret) {
        OpenedJob job = desk.open(id);
        job.string(string);
        Allowed.whole("fret", fret, 0, job.state().spec().frets());
        return Wav.write(StandIn.onBoard(job.state(), id, string, fret));
    }
}
