package barytone.server.sound;

import barytone.core.pitch.Heard;
import barytone.core.pitch.PitchEstimator;
import barytone.core.quantity.Allowed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pitch in a sound file; a stable route among the sums without a job. */
@RestController
@RequestMapping(path = "/api/scratch", produces = MediaType.APPLICATION_JSON_VALUE)
class PitchController {
    /**
     * A pitch.
     *
     * @param frequency Hz
     * @param cents against the frequency that was asked about, if one was
     * @param inharmonicity B of {@code f_j = j f sqrt(1 + B j^2)}
     * @param confidence 0 to 1
     */
    record PitchTold(double frequency, @Nullable Double cents, double inharmonicity, double confidence) {}

    /**
     * The pitch of a recorded string. Nothing is stored.
     *
     * @param near the frequency that is expected, Hz, which decides between otherwise equal answers
     */
    @PostMapping("/pitch")
    PitchTold sumPitch(
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam(required = false) @Nullable Double near) {
        if (near != null) Allowed.number("near", near, 20, 2000, "Hz");
        return switch (PitchEstimator.hear(Wav.read(sound == null ? new byte[0] : sound), near == null ? 0 : near)) {
            case Heard.Pitch p ->
                new PitchTold(
                        p.frequency(), near == null ? null : p.centsAbove(near), p.inharmonicity(), p.confidence());
            case Heard.Nothing n -> throw Allowed.broken("sound", n.reason().text(), "one plucked string that rings");
        };
    }
}
