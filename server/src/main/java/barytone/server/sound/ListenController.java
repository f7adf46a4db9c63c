package barytone.server.sound;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.pitch.Heard;
import barytone.core.pitch.Listening;
import barytone.core.pitch.Sound;
import barytone.core.pitch.TuneUp;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import barytone.core.quantity.PlainNumber;
import barytone.core.strings.Pitch;
import barytone.core.workshop.StandIn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Listening while strings are tuned. Sound is heard and forgotten: nothing of it is stored. */
@RestController
@RequestMapping("/api")
class ListenController {
    private static final double TOLERANCE = 1.5;

    /**
     * A string to be tuned.
     *
     * @param number 1 is the highest
     * @param name its note
     * @param frequency Hz
     * @param target the same as text with its unit
     */
    record TunedString(int number, String name, double frequency, String target) {}

    /** The whole tuning, lowest string first. */
    record TuningView(List<TunedString> strings) {}

    /**
     * What was heard.
     *
     * @param state nothing, ringing (heard but not steady) or steady
     * @param headline what to do
     * @param detail the numbers, or what to do about bad sound
     * @param string that was recognised or expected
     * @param cents above its target
     * @param centsText the same with sign
     * @param inTune within the tolerance
     * @param take steady, in tune and come to the right way: go on to the next
     * @param fresh this is a string plucked since the last one was taken
     */
    record ListenView(
            String state,
            String headline,
            String detail,
            @Nullable Integer string,
            @Nullable Double cents,
            @Nullable String centsText,
            boolean inTune,
            boolean take,
            boolean fresh,
            List<TracePoint> trace) {}

    private static TuneUp plan(
            String tuning, InstrumentKind kind, double reference, String offsets, double tolerance, boolean upToPitch) {
        List<Pitch> pitches = InstrumentSpec.parseTuning(tuning, kind);
        List<Double> cents = new ArrayList<>();
        if (!offsets.isBlank())
            for (String offset : offsets.strip().split("[\\s;]+"))
                cents.add(PlainNumber.parse("offsets", offset, "a number of cents for each string, lowest first"));
        return new TuneUp(
                pitches,
                reference,
                cents.isEmpty() ? Collections.nCopies(pitches.size(), 0.0) : cents.reversed(),
                tolerance,
                upToPitch);
    }

    /**
     * Where every string is to be tuned.
     *
     * @param tuning note by note, lowest string first; empty for what is usual
     * @param kind of instrument
     * @param reference the pitch of A4, Hz
     * @param offsets in cents, lowest string first; empty for none
     */
    @GetMapping(path = "/tuning", produces = MediaType.APPLICATION_JSON_VALUE)
    TuningView tuningTable(
            @RequestParam String tuning,
            @RequestParam(defaultValue = "ELECTRIC") InstrumentKind kind,
            @RequestParam(defaultValue = "440") double reference,
            @RequestParam(defaultValue = "") String offsets) {
        TuneUp plan = plan(tuning, kind, reference, offsets, TOLERANCE, true);
        List<TunedString> strings = new ArrayList<>();
        for (int s = plan.tuning().size(); s >= 1; s--)
            strings.add(new TunedString(s, name(plan, s), plan.target(s), TracePoint.hertz(plan.target(s))));
        return new TuningView(strings);
    }

    /**
     * Hears the last moments while strings are tuned.
     *
     * @param tuning note by note, lowest string first; empty for what is usual
     * @param kind of instrument
     * @param reference the pitch of A4, Hz
     * @param offsets in cents, lowest string first; empty for none
     * @param tolerance within which a string is in tune, cents
     * @param upToPitch a string is brought up to its pitch, never down
     * @param string the string that is being tuned; left out it is recognised
     * @param taken strings that are done: of strings tuned alike another is meant
     * @param fresh nothing is taken before a string was plucked anew: the last one that was taken may still ring
     * @param whole a recording rather than the last moments
     */
    @PostMapping(path = "/listen", produces = MediaType.APPLICATION_JSON_VALUE)
    ListenView hearString(
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam String tuning,
            @RequestParam(defaultValue = "ELECTRIC") InstrumentKind kind,
            @RequestParam(defaultValue = "440") double reference,
            @RequestParam(defaultValue = "") String offsets,
            @RequestParam(defaultValue = "1.5") double tolerance,
            @RequestParam(defaultValue = "true") boolean upToPitch,
            @RequestParam(required = false) @Nullable Integer string,
            @RequestParam(defaultValue = "") Set<Integer> taken,
            @RequestParam(defaultValue = "false") boolean fresh,
            @RequestParam(defaultValue = "false") boolean whole) {
        TuneUp plan = plan(tuning, kind, reference, offsets, tolerance, upToPitch);
        Sound given = Wav.read(sound == null ? new byte[0] : sound);
        double near = string == null ? 0 : plan.target(string);
        Listening heard = whole ? Listening.toWhole(given, near) : Listening.to(given, near);
        boolean ringsOn = fresh && !heard.plucked();
        Heard.Pitch now = heard.now();
        if (now == null)
            return nothing(
                    string == null ? "Pluck a string" : "Pluck " + string + " " + name(plan, string),
                    heard.why(),
                    string);
        int meant = string == null ? plan.nearest(now.firstPartial(), taken) : string;
        TuneUp.Told told = plan.judge(heard, now.firstPartial(), meant);
        if (ringsOn && told.call() == TuneUp.Call.FAR_OFF)
            return nothing("Now pluck " + meant + " " + name(plan, meant), TuneWords.RINGS_ON, string);
        boolean steady = heard.steady() != null;
        return new ListenView(
                steady ? "steady" : "ringing",
                headline(plan, told),
                Cents.signed(told.cents()) + " cents, " + TracePoint.hertz(now.firstPartial()) + "; wanted "
                        + TracePoint.hertz(plan.target(meant)) + (steady ? "" : TuneWords.LET_RING),
                meant,
                told.cents(),
                Cents.signed(told.cents()),
                Math.abs(told.cents()) <= tolerance,
                steady && !ringsOn && told.call() == TuneUp.Call.TAKE,
                !ringsOn,
                TracePoint.of(heard, plan.target(meant)));
    }

    private static ListenView nothing(String headline, String detail, @Nullable Integer string) {
        return new ListenView("nothing", headline, detail, string, null, null, false, false, false, List.of());
    }

    private static String name(TuneUp plan, int string) {
        return plan.tuning().get(string - 1).name();
    }

    /**
     * The stand-in: a string that plays a frequency, for whoever has no instrument at hand.
     *
     * @param frequency Hz
     * @param cents how far it is out of tune
     */
    @GetMapping(path = "/stand-in", produces = "audio/wav")
    byte[] playStandIn(@RequestParam double frequency, @RequestParam(defaultValue = "0") double cents) {
        Allowed.number("frequency", frequency, 20, 1500, "Hz");
        Allowed.number("cents", cents, -100, 100, "cents");
        return Wav.write(StandIn.plucked(frequency * Cents.ratio(cents), StandIn.USUAL_INHARMONICITY));
    }

    private static String headline(TuneUp plan, TuneUp.Told told) {
        String name = told.string() + " " + name(plan, told.string());
        return switch (told.call()) {
            case TAKE -> name + " is in tune";
            case DROP_AND_COME_UP -> TuneWords.cameDown(name);
            case UP -> TuneWords.flat(name);
            case DOWN -> TuneWords.sharp(name);
            case FAR_OFF -> name + " is far off: another string or octave?";
        };
    }
}
