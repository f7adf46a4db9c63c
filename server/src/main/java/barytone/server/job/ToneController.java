package barytone.server.job;

import barytone.core.bridge.Supports;
import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobEvent;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.PlainNumber;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.ReadingBounds;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.strings.StringSet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The intonation and pickup stations of a job over HTTP: what is typed and done by hand; what is heard comes to {@link HearingController}. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class ToneController {
    private static final int MOST_TURNS = 20 * 16;

    /** Beyond this a typed pitch is asked about, cents. */
    private static final double ODD = 50;

    /** How far a saddle may be moved at once, mm. */
    private static final double FARTHEST = 15;

    private final JobDesk desk;
    private final Intake intake;

    ToneController(JobDesk desk, Intake intake) {
        this.desk = desk;
        this.intake = intake;
    }

    @PostMapping("/pitches")
    JobView pitch(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.TypedPitch asked) {
        return desk.add(id, unit, asked, job -> {
            string(job, asked.string());
            Sounded sounded = sounded(job, asked.how(), asked.fret());
            double cents = cents("cents", asked.cents(), -200, 200);
            boolean sure = Boolean.TRUE.equals(asked.sure());
            boolean slack = Tones.of(job.state()).slack().contains(asked.string());
            if (!sure && Math.abs(cents) > ODD)
                throw new OddValueException(
                        "That is " + Allowed.plain(cents) + " cents, half a semitone or more. Is it this note?");
            if (!sure && slack && sounded.how() != Sounded.How.OPEN)
                throw new OddValueException(
                        "This string was taken off pitch, and its open note has not been read since. Is it back at pitch?");
            return new ToneEvent.PitchRead(
                    asked.string(),
                    sounded,
                    cents,
                    Ear.TUNER,
                    null,
                    false,
                    sure && slack,
                    asked.cents().strip());
        });
    }

    @PostMapping("/intonation-ways")
    JobView ways(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.ToneWays asked) {
        return desk.add(id, unit, asked, job -> {
            InstrumentSpec spec = job.state().spec();
            Allowed.whole("tolerances", asked.tolerances().size(), spec.strings(), spec.strings());
            List<Double> offsets = new ArrayList<>();
            if (asked.offsets().isBlank()) offsets.addAll(Collections.nCopies(spec.strings(), 0.0));
            else
                for (String offset : asked.offsets().strip().split("[\\s;]+"))
                    offsets.addFirst(cents("offset", offset, -50, 50));
            Allowed.whole("offsets", offsets.size(), spec.strings(), spec.strings());
            for (int fret : asked.frets()) Allowed.whole("fret", fret, 1, spec.frets());
            List<Integer> frets = new ArrayList<>(asked.frets());
            if (!frets.contains(12)) frets.add(12);
            IntonationWays ways = new IntonationWays(
                    frets,
                    asked.where(),
                    asked.reference(),
                    asked.tolerances().stream()
                            .map(t -> cents("tolerance", t, 0.3, 15))
                            .toList(),
                    asked.pairs(),
                    cents("reference pitch", asked.a4(), 400, 480),
                    offsets,
                    asked.upToPitch());
            int there = job.state().spec().frets();
            if (!ways.fits(job.state().spec().strings(), there))
                throw Allowed.broken(
                        "frets",
                        asked.frets(),
                        (there >= 12 ? "fret 12 and others" : "frets") + " up to " + there + ", the last one");
            return new ToneEvent.IntonationSet(ways);
        });
    }

    @PostMapping("/saddles")
    JobView saddles(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Saddles asked) {
        return desk.add(id, unit, asked, job -> {
            Supports along = job.state().spec().lengthwise();
            int size = along.size();
            List<Turns> turns = new ArrayList<>(Collections.nCopies(size, Turns.NONE));
            List<Double> back = new ArrayList<>(Collections.nCopies(size, 0.0));
            if (asked.turns() != null && asked.turns().stream().anyMatch(t -> !t.isBlank())) {
                screwed(job);
                Allowed.whole("saddles", asked.turns().size(), size, size);
                for (int j = 0; j < size; j++)
                    if (!asked.turns().get(j).isBlank())
                        turns.set(j, Turns.parse("turn", asked.turns().get(j), Turns.MOST_AT_ONCE));
            }
            if (!asked.sixteenths().isEmpty()) {
                screwed(job);
                Allowed.whole("saddles", asked.sixteenths().size(), size, size);
                for (int j = 0; j < size; j++)
                    turns.set(
                            j,
                            new Turns(Allowed.whole(
                                    "turn (sixteenths)", asked.sixteenths().get(j), -MOST_TURNS, MOST_TURNS)));
            }
            if (!asked.back().isEmpty()) {
                Allowed.whole("saddles", asked.back().size(), size, size);
                for (int j = 0; j < size; j++) {
                    String typed = asked.back().get(j);
                    if (!typed.isBlank()) back.set(j, mm(along.names().get(j), typed, unit, -FARTHEST, FARTHEST));
                }
            }
            if (turns.stream().allMatch(Turns::isZero) && back.stream().allMatch(b -> b == 0))
                throw Allowed.broken("saddles", "no move at all", "a move of at least one");
            return new ToneEvent.SaddlesMoved(turns, back);
        });
    }

    /** Other strings were put on: an entry on the tape, and the gauges of the instrument. */
    @PostMapping("/other-strings")
    JobView otherStrings(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.OtherStrings asked) {
        StringSet set = StringSet.parse(asked.strings());
        return desk.add(id, unit, asked, job -> {
            InstrumentSpec spec = job.state().spec();
            if (!Boolean.TRUE.equals(asked.sure()))
                Intake.askAbout(spec.with(spec.fittings().with(set)), spec);
            String before = spec.fittings().strings().text();
            intake.restring(job.job().instrumentId(), set);
            return new JobEvent.StringsChanged(before, set.text());
        });
    }

    @PostMapping("/length-direction")
    JobView direction(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.LengthDirection asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.LengthDirectionLearned(asked.clockwiseBack()));
    }

    @PostMapping("/length-travel")
    JobView travel(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.LengthTravel asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ToneEvent.LengthTravelRead(
                        Allowed.whole(
                                "saddle",
                                asked.support(),
                                0,
                                job.state().spec().lengthwise().size() - 1),
                        mm("towards the nut", asked.forward(), unit, 0, 30),
                        mm("back", asked.back(), unit, 0, 30)));
    }

    @PostMapping("/saddle-places")
    JobView places(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.SaddlePlaces asked) {
        return desk.add(id, unit, asked, job -> {
            int strings = job.state().spec().strings();
            Allowed.whole("places", asked.places().size(), strings, strings);
            return new ToneEvent.SaddlePlacesRead(asked.places().stream()
                    .map(p -> mm("place", p, unit, -20, 30))
                    .toList());
        });
    }

    @PostMapping("/strings-on")
    JobView stringsOn(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.StringsOn asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.StringsStated(asked.age()));
    }

    @PostMapping("/strings-renewed")
    JobView renewed(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.OneString asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.StringRenewed(string(job, asked.string())));
    }

    @PostMapping("/stretches")
    JobView stretched(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Stretch asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ToneEvent.Stretched(
                        string(job, asked.string()), Math.abs(cents("drop", asked.drop(), -300, 300))));
    }

    @PostMapping("/pickup-gaps")
    JobView gap(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.PickupGap asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new PickupEvent.PickupRead(
                        pickup(job, asked.pickup()),
                        asked.side(),
                        mm("gap", asked.text(), Units.ofCode(unit).pickups(), 0.2, 15),
                        asked.text().strip()));
    }

    @PostMapping("/pickup-target")
    JobView pickupTarget(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.PickupGaps asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new PickupEvent.PickupTargetSet(new PickupTarget(
                        band(asked.usualBass(), unit),
                        band(asked.usualTreble(), unit),
                        band(asked.strongBass(), unit),
                        band(asked.strongTreble(), unit))));
    }

    private static Band band(JobRequests.TypedBand typed, String unit) {
        return WantedBand.of(
                Length.parse(typed.low(), Units.ofCode(unit).pickups()).mm(),
                Length.parse(typed.high(), Units.ofCode(unit).pickups()).mm(),
                new ReadingBounds(0.2, 15, 0.5, 6),
                Units.ofCode(unit).pickups());
    }

    @PostMapping("/pickup-turns")
    JobView turned(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.PickupTurn asked) {
        return desk.add(id, unit, asked, job -> {
            Turns bass = turns(asked.bass(), asked.bassSixteenths());
            Turns treble = turns(asked.treble(), asked.trebleSixteenths());
            if (bass.isZero() && treble.isZero())
                throw Allowed.broken("turns", "no turn at all", "a turn on one side at least");
            return new PickupEvent.PickupTurned(pickup(job, asked.pickup()), bass, treble);
        });
    }

    private static Turns turns(@Nullable String spoken, @Nullable Integer sixteenths) {
        if (spoken != null) return spoken.isBlank() ? Turns.NONE : Turns.parse("turn", spoken, Turns.MOST_AT_ONCE);
        return new Turns(
                Allowed.whole("turn (sixteenths)", sixteenths == null ? 0 : sixteenths, -MOST_TURNS, MOST_TURNS));
    }

    private static void screwed(JobLog.Opened job) {
        if (!job.state().spec().fittings().bridge().lengthScrewed())
            throw Allowed.broken("sixteenths", "turns", "mm: this bridge has no length screws");
    }

    @PostMapping("/pickup-signs")
    JobView signs(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.PickupSigns asked) {
        return desk.add(
                id, unit, asked, job -> new PickupEvent.PickupChecked(pickup(job, asked.pickup()), asked.signs()));
    }

    @PostMapping("/pickups-down")
    JobView down(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.PickupsDown asked) {
        return desk.add(id, unit, asked, job -> {
            if (job.state().spec().fittings().pickups().isEmpty())
                throw Allowed.broken("pickups", "none", "an instrument that has pickups on record");
            return new PickupEvent.PickupsLowered(asked.down());
        });
    }

    static int string(JobLog.Opened job, int string) {
        return Allowed.whole("string", string, 1, job.state().spec().strings());
    }

    static int pickup(JobLog.Opened job, int pickup) {
        int there = job.state().spec().fittings().pickups().size();
        if (there == 0) throw Allowed.broken("pickup", pickup, "an instrument that has pickups on record");
        return Allowed.whole("pickup", pickup, 0, there - 1);
    }

    static Sounded sounded(JobLog.Opened job, Sounded.How how, int fret) {
        if (how == Sounded.How.FRETTED)
            Allowed.whole("fret", fret, 1, job.state().spec().frets());
        return new Sounded(how, fret);
    }

    private static double mm(String field, String typed, String unit, double least, double most) {
        return mm(field, typed, Units.ofCode(unit).action(), least, most);
    }

    private static double mm(String field, String typed, LengthUnit unit, double least, double most) {
        return Allowed.number(field, Length.parse(typed, unit).mm(), least, most, "mm");
    }

    /** Cents, or another plain number, as typed. */
    private static double cents(String field, String typed, double least, double most) {
        String number = typed.replaceFirst("\\s*(c|ct|cents?)\\s*$", "");
        return Allowed.number(
                field, PlainNumber.parse(field, number, "a number such as 3, +1.5 or -2"), least, most, "");
    }
}
