package barytone.server.job;

import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.joblog.Ear;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.neck.Allowed;
import barytone.core.neck.StringState;
import barytone.core.pitch.Heard;
import barytone.core.pitch.Listening;
import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.core.pitch.TuneUp;
import barytone.core.plan.IntonationAdvisor;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.server.sound.TracePoint;
import barytone.server.sound.Wav;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
 * Listening on a job: what is heard is judged, and when it is steady and is the note that was asked for it is recorded at once. The sound
 * itself is not kept.
 */
@RestController
@RequestMapping("/api/jobs/{id}")
class HearingController {
    /** A note this far off may be another one, cents. */
    private static final double OTHER = 80;

    /** So near a note is recognised, cents. */
    private static final double RECOGNISED = 25;

    /** A pitch that moves more than this while it rings wavers, cents. */
    private static final double WAVERS = 3;

    /** Sharper than expected by this, and unsteady, is a hard grip, cents. */
    private static final double GRIPPED = 8;

    private static final double STAND_IN_SECONDS = 2.4;
    private static final double STAND_IN_NOISE = 45;
    private static final double STAND_IN_RATE = 44_100;

    /** What is listened for. */
    enum Mode {
        /** A note of the intonation ledger. */
        NOTE,
        /** The open string after it was stretched. */
        STRETCH,
        /** The loudness of the open string over a pickup. */
        LEVEL
    }

    /**
     * What was heard.
     *
     * @param state nothing, ringing (heard but not steady) or steady
     * @param string recognised or expected
     * @param label the note as it is spoken
     * @param cents above the note's pitch
     * @param taken it was recorded
     * @param fresh this was plucked since the last one was taken
     * @param wavers it will not settle; it can be taken as it is
     * @param job as it stands after recording; null when nothing was
     */
    record HeardView(
            String state,
            String headline,
            String detail,
            int string,
            Sounded.How how,
            int fret,
            String label,
            @Nullable Double cents,
            @Nullable String centsText,
            double tolerance,
            boolean inTune,
            boolean taken,
            boolean fresh,
            boolean wavers,
            List<TracePoint> trace,
            @Nullable JobView job) {}

    private final JobDesk desk;

    HearingController(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * Hears the last moments.
     *
     * @param asIs take a pitch that wavers as it is
     * @param fresh nothing is taken before a string was plucked anew
     * @param whole a recording rather than the last moments
     */
    @PostMapping(path = "/hear", produces = MediaType.APPLICATION_JSON_VALUE)
    HeardView hear(
            @PathVariable long id,
            @RequestBody(required = false) byte @Nullable [] sound,
            @RequestParam long after,
            @RequestParam String key,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestParam int string,
            @RequestParam(defaultValue = "OPEN") Sounded.How how,
            @RequestParam(defaultValue = "0") int fret,
            @RequestParam(defaultValue = "NOTE") Mode mode,
            @RequestParam(defaultValue = "MICROPHONE") Ear ear,
            @RequestParam(defaultValue = "0") int pickup,
            @RequestParam(defaultValue = "false") boolean asIs,
            @RequestParam(defaultValue = "false") boolean fresh,
            @RequestParam(defaultValue = "false") boolean whole) {
        LengthUnit.ofCode(unit);
        JobLog.Opened job = desk.open(id);
        ToneController.string(job, string);
        if (mode == Mode.LEVEL) ToneController.pickup(job, pickup);
        Sounded wanted = mode == Mode.NOTE ? ToneController.sounded(job, how, fret) : Sounded.OPEN;
        Sound given = Wav.read(sound == null ? new byte[0] : sound);
        double near = nominal(job.state(), string, wanted);
        Listening heard = whole ? Listening.toWhole(given, near) : Listening.to(given, near);
        Hearing hearing = new Hearing(job.state(), mode, heard, fresh && !heard.plucked(), string, wanted);
        HeardView told = hearing.told(pickup, asIs);
        if (!told.taken() || job.state().closed()) return told;
        JobEvent event = hearing.event(told, ear, pickup);
        return with(told, desk.add(id, unit, new JobRequests.Stamp(after, key), now -> event));
    }

    private static HeardView with(HeardView told, JobView job) {
        return new HeardView(
                told.state(),
                told.headline(),
                told.detail(),
                told.string(),
                told.how(),
                told.fret(),
                told.label(),
                told.cents(),
                told.centsText(),
                told.tolerance(),
                told.inTune(),
                true,
                told.fresh(),
                told.wavers(),
                told.trace(),
                job);
    }

    /** The pitch of a note in the tuning agreed on, Hz. */
    static double nominal(JobState state, int string, Sounded sounded) {
        IntonationWays ways = state.tones().ways();
        return state.spec().tuning().get(string - 1).frequency(ways.a4())
                * Cents.ratio(ways.offsets().get(string - 1) + sounded.cents());
    }

    /** One hearing: which note it is, and what to say of it. */
    private static final class Hearing {
        private final JobState state;
        private final Mode mode;
        private final Listening heard;
        private final boolean ringsOn;
        private final int expected;
        private final Sounded wanted;

        Hearing(JobState state, Mode mode, Listening heard, boolean ringsOn, int expected, Sounded wanted) {
            this.state = state;
            this.mode = mode;
            this.heard = heard;
            this.ringsOn = ringsOn;
            this.expected = expected;
            this.wanted = wanted;
        }

        HeardView told(int pickup, boolean asIs) {
            Heard.Pitch steady = heard.steady();
            Heard.Pitch now = steady == null ? heard.last().believed() : steady;
            if (now == null || ringsOn)
                return nothing(
                        (ringsOn ? "Now sound " : "Sound ") + label(expected, wanted),
                        ringsOn && now != null ? "The one before still rings." : why());
            IntonationAdvisor.Wanted note = note(now.firstPartial());
            double cents = Cents.above(nominal(state, note.string(), note.sounded()), now.firstPartial());
            if (Math.abs(cents) > OTHER)
                return nothing(
                        "Sound " + label(expected, wanted),
                        TracePoint.hertz(now.firstPartial()) + " is heard, "
                                + TracePoint.hertz(nominal(state, expected, wanted))
                                + " is expected: another string, fret or octave?");
            boolean open = note.sounded().how() == Sounded.How.OPEN;
            double tolerance = state.tones().ways().tolerance(note.string());
            TuneUp.Call call = open && mode == Mode.NOTE ? call(note, now) : TuneUp.Call.TAKE;
            boolean wavers = steady == null && wavers();
            boolean gripped = note.sounded().how() == Sounded.How.FRETTED
                    && steady == null
                    && heard.spread() > WAVERS
                    && cents > expectedCents(note) + GRIPPED;
            boolean take = (steady != null && call == TuneUp.Call.TAKE) || (asIs && wavers);
            String name = label(note.string(), note.sounded());
            return new HeardView(
                    steady != null ? "steady" : "ringing",
                    headline(name, call, take, gripped, wavers, cents, now, pickup),
                    Cents.signed(cents) + " cents, " + TracePoint.hertz(now.firstPartial()) + ", "
                            + TracePoint.hertz(nominal(state, note.string(), note.sounded())) + " in equal temperament"
                            + (steady != null || wavers ? "" : ". Not steady yet: let it ring."),
                    note.string(),
                    note.sounded().how(),
                    note.sounded().fret(),
                    name,
                    cents,
                    Cents.signed(cents),
                    tolerance,
                    Math.abs(cents) <= tolerance,
                    take,
                    true,
                    wavers,
                    TracePoint.of(heard, nominal(state, note.string(), note.sounded())),
                    null);
        }

        private String headline(
                String name,
                TuneUp.Call call,
                boolean take,
                boolean gripped,
                boolean wavers,
                double cents,
                Heard.Pitch now,
                int pickup) {
            if (gripped) return name + " is sharp and unsteady: a hard grip? Press only as hard as it needs";
            if (wavers && !take) return name + " wavers: damp the others. If it goes on, the string is false";
            if (!take && call == TuneUp.Call.TAKE) return name + " is heard";
            return switch (mode) {
                case STRETCH -> name + " gave " + Cents.signed(Math.min(0, cents)) + " cents: tune it up again";
                case LEVEL ->
                    name + " at " + Cents.signed(now.loudness()) + " dB on the "
                            + state.spec()
                                    .fittings()
                                    .pickups()
                                    .get(pickup)
                                    .place()
                                    .label();
                case NOTE ->
                    switch (call) {
                        case TAKE -> name + " taken";
                        case DROP_AND_COME_UP -> name + " came down to pitch: drop below it and come up";
                        case UP -> name + " is flat: tighten";
                        case DOWN -> name + " is sharp: loosen below pitch, then come up";
                        case FAR_OFF -> name + " is far off";
                    };
            };
        }

        private TuneUp.Call call(IntonationAdvisor.Wanted note, Heard.Pitch now) {
            IntonationWays ways = state.tones().ways();
            TuneUp plan = new TuneUp(
                    state.spec().tuning(),
                    ways.a4(),
                    ways.offsets(),
                    Math.min(10, ways.tolerance(note.string())),
                    ways.upToPitch());
            return plan.judge(heard, now.firstPartial(), note.string()).call();
        }

        /** The note that is meant: the expected one, or of those still wanted the one that is heard. */
        private IntonationAdvisor.Wanted note(double frequency) {
            IntonationAdvisor.Wanted first = new IntonationAdvisor.Wanted(expected, wanted);
            if (mode != Mode.NOTE || Math.abs(Cents.above(nominal(state, expected, wanted), frequency)) <= OTHER)
                return first;
            List<IntonationAdvisor.Wanted> open = new ArrayList<>();
            for (int s : state.spec().everyString().reversed())
                for (Sounded sounded : IntonationAdvisor.notes(state, s))
                    open.add(new IntonationAdvisor.Wanted(s, sounded));
            Optional<IntonationAdvisor.Wanted> nearest = open.stream()
                    .min(Comparator.comparingDouble(
                            w -> Math.abs(Cents.above(nominal(state, w.string(), w.sounded()), frequency))));
            return nearest.filter(w ->
                            Math.abs(Cents.above(nominal(state, w.string(), w.sounded()), frequency)) <= RECOGNISED)
                    .orElse(first);
        }

        private double expectedCents(IntonationAdvisor.Wanted note) {
            return ToneForecast.cents(
                    state.spec(),
                    state.tones().ways().a4(),
                    note.string(),
                    state.tones().shift(note.string()),
                    state.estimate().likely(note.string()))[note.sounded().fret()];
        }

        /** The pitch is heard all the time, and goes up and down without settling. */
        private boolean wavers() {
            List<Listening.Moment> trace = heard.trace();
            if (trace.size() < 6 || heard.spread() <= WAVERS || heard.spread() > 30) return false;
            int turns = 0;
            for (int i = 2; i < trace.size(); i++) {
                double before = trace.get(i - 1).frequency() - trace.get(i - 2).frequency();
                double now = trace.get(i).frequency() - trace.get(i - 1).frequency();
                if (before * now < 0) turns++;
            }
            return turns >= 2;
        }

        JobEvent event(HeardView told, Ear ear, int pickup) {
            double cents = told.cents() == null ? 0 : told.cents();
            Heard.Pitch steady = heard.steady() == null ? heard.last().believed() : heard.steady();
            return switch (mode) {
                case STRETCH -> new JobEvent.Stretched(told.string(), Math.max(0, -cents));
                case LEVEL -> new JobEvent.LevelHeard(pickup, told.string(), steady == null ? 0 : steady.loudness());
                case NOTE ->
                    new JobEvent.PitchRead(
                            told.string(),
                            new Sounded(told.how(), told.fret()),
                            cents,
                            ear,
                            steady == null ? null : steady.inharmonicity(),
                            heard.steady() == null,
                            false,
                            "");
            };
        }

        private HeardView nothing(String headline, String detail) {
            return new HeardView(
                    "nothing",
                    headline,
                    detail,
                    expected,
                    wanted.how(),
                    wanted.fret(),
                    label(expected, wanted),
                    null,
                    null,
                    state.tones().ways().tolerance(expected),
                    false,
                    false,
                    !ringsOn,
                    false,
                    List.of(),
                    null);
        }

        private String label(int string, Sounded sounded) {
            return string + " " + state.spec().stringName(string) + " " + sounded.label();
        }

        private String why() {
            return heard.last() instanceof Heard.Nothing n ? n.reason().text() : Heard.Reason.UNSTEADY.text();
        }
    }

    /**
     * The stand-in: a small built-in instrument that plays the estimated string, for whoever has none at hand. Its saddles stand
     * somewhat wrong, always by the same amounts on the same job, and follow what is recorded as done.
     *
     * @param stretched how far the open string has dropped, in cents
     */
    @GetMapping(path = "/stand-in", produces = "audio/wav")
    byte[] standIn(
            @PathVariable long id,
            @RequestParam int string,
            @RequestParam(defaultValue = "OPEN") Sounded.How how,
            @RequestParam(defaultValue = "0") int fret,
            @RequestParam(defaultValue = "0") double stretched) {
        JobLog.Opened job = desk.open(id);
        JobState state = job.state();
        ToneController.string(job, string);
        Sounded sounded = ToneController.sounded(job, how, fret);
        Allowed.number("stretched", stretched, 0, 100, "cents");
        double cents = 0;
        if (how == Sounded.How.FRETTED) {
            double[] right =
                    plays(state, string, hidden(id, string) + state.tones().shift(string));
            double[] usual = plays(state, string, 0);
            // a well set string is in tune at 12
            cents = right[fret] - usual[12] * lever(state, fret);
        }
        double played = nominal(state, string, sounded) * Cents.ratio(cents - stretched);
        double b = ToneForecast.inharmonicity(state.spec(), state.tones().ways().a4(), string);
        double shorter = Math.pow(2, sounded.cents() / 600);
        // the first partial of what is played stands at the pitch
        double stiff = Math.min(2e-3, b * shorter);
        return Wav.write(PluckedSound.of(Math.clamp(played / Math.sqrt(1 + stiff), 28, 1390), stiff)
                .noise(STAND_IN_NOISE)
                .sound(STAND_IN_SECONDS, STAND_IN_RATE, Math.round(played * 100)));
    }

    private static double[] plays(JobState state, int string, double shift) {
        StringState likely = state.estimate().likely(string);
        return ToneForecast.cents(state.spec(), state.tones().ways().a4(), string, shift, likely);
    }

    /** How much a saddle's place does at a fret against what it does at 12. */
    private static double lever(JobState state, int fret) {
        double x = state.spec().line().scale().crown(fret) / state.spec().scaleLength();
        return x / (1 - x);
    }

    /** How far too far back the stand-in's saddle stands as found, mm. */
    private static double hidden(long id, int string) {
        return ((id * 5 + string * 7) % 9 - 4) * 0.35;
    }
}
