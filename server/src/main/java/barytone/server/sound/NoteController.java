package barytone.server.sound;

import barytone.core.pitch.NoteEar;
import barytone.core.quantity.Allowed;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How a note in a sound file sounds; a stable route among the sums without a job. */
@RestController
@RequestMapping(path = "/api/scratch", produces = MediaType.APPLICATION_JSON_VALUE)
class NoteController {
    /**
     * How a note sounds.
     *
     * @param frequency of the first partial, Hz; left out where no one note was heard
     * @param verdict clean, buzz, choked or unsure: nothing is said that is not plain
     * @param confidence of the verdict, 0 to 1
     * @param ring time to fall by 20 dB, s; 0 where it is not known
     */
    record NoteTold(@Nullable Double frequency, NoteEar.Verdict verdict, double confidence, double ring) {}

    /**
     * How a recorded note sounds. Nothing is stored. A sound in which no note can be told is unsure, not an error.
     *
     * @param near the frequency that is expected, Hz
     */
    @PostMapping("/note")
    NoteTold sumNote(
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam(required = false) @Nullable Double near) {
        if (near != null) Allowed.number("near", near, 20, 2000, "Hz");
        NoteEar.Note note =
                NoteEar.hear(Wav.read(sound == null ? new byte[0] : sound), near == null ? 0 : near, List.of());
        return new NoteTold(note.frequency(), note.verdict(), note.confidence(), note.ring());
    }
}
