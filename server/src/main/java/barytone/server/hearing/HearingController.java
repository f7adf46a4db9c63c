package barytone.server.hearing;

import barytone.core.intonation.Sounded;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.pitch.Listening;
import barytone.core.pitch.Sound;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.Hearing;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.Tones;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.workshop.StandIn;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.OpenedJob;
import barytone.server.sound.Wav;
import barytone.server.web.PlainText;
import barytone.server.web.RequestKey;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Listening on a job: what is heard is judged by {@link Hearing}, and when it is to be taken it is recorded at once. The sound itself is
 * not kept.
 */
@RestController
@RequestMapping("/api/jobs/{id}")
class HearingController {
    private final JobDesk desk;

    HearingController(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * Hears the last moments, and takes what is steady and wanted.
     *
     * @param string that was sounded
     * @param how it was sounded
     * @param fret at which it was pressed, or touched
     * @param mode what is listened for
     * @param ear what heard it
     * @param pickup over which the loudness is heard, counted from the neck and from 0
     * @param asIs take a pitch that wavers as it is
     * @param fresh nothing is taken before a string was plucked anew
     * @param whole a recording rather than the last moments
     */
    @PostMapping(path = "/hear", produces = MediaType.APPLICATION_JSON_VALUE)
    HearingWords.HeardView hearOnJob(
            @PathVariable long id,
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam long after,
            @RequestParam @RequestKey String key,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestParam int string,
            @RequestParam(defaultValue = "OPEN") Sounded.How how,
            @RequestParam(defaultValue = "0") int fret,
            @RequestParam(defaultValue = "NOTE") Hearing.Mode mode,
            @RequestParam(defaultValue = "MICROPHONE") Ear ear,
            @RequestParam(defaultValue = "0") int pickup,
            @RequestParam(defaultValue = "false") boolean asIs,
            @RequestParam(defaultValue = "false") boolean fresh,
            @RequestParam(defaultValue = "false") boolean whole) {
        PlainText.check("key", key);
        Units.ofCode(unit);
        OpenedJob job = desk.open(id);
        JobState state = job.state();
        job.string(string);
        if (mode == Hearing.Mode.LEVEL) job.pickup(pickup);
        Sounded sounded = mode == Hearing.Mode.NOTE ? job.sounded(how, fret) : Sounded.OPEN;
        Sound given = Wav.read(sound == null ? new byte[0] : sound);
        double near = Tones.of(state).pitch(state.spec(), string, sounded);
        Listening heard = whole ? Listening.toWhole(given, near) : Listening.to(given, near);
        Hearing hearing = Hearing.of(state, mode, heard, new Intonation.Wanted(string, sounded), fresh, asIs);
        HearingWords words = new HearingWords(state, hearing, heard, pickup);
        if (hearing.call() != Hearing.Call.TAKE || state.closed()) return words.view(null);
        JobEvent event = hearing.event(
                ear,
                (stringHeard, decibels) -> new PickupEvent.LevelHeard(pickup, stringHeard, decibels),
                heard.steady() == null);
        return words.view(desk.add(id, unit, new Addition.Plain(after, key), now -> event));
    }

    /**
     * What the stand-in plays on a job.
     *
     * @param string that is sounded
     * @param how it is sounded
     * @param fret at which it is pressed, or touched
     * @param stretched how far the open string has dropped, in cents
     */
    @GetMapping(path = "/stand-in", produces = "audio/wav")
    byte[] playStandInOnJob(
            @PathVariable long id,
            @RequestParam int string,
            @RequestParam(defaultValue = "OPEN") Sounded.How how,
            @RequestParam(defaultValue = "0") int fret,
            @RequestParam(defaultValue = "0") double stretched) {
        OpenedJob job = desk.open(id);
        job.string(string);
        Allowed.number("stretched", stretched, 0, 100, "cents");
        return Wav.write(StandIn.note(job.state(), id, string, job.sounded(how, fret), stretched));
    }
}
