package barytone.server.station.intonation;

import barytone.core.bridge.Supports;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OddValueException;
import barytone.server.job.OpenedJob;
import barytone.server.job.Typed;
import barytone.server.web.RequestKey;
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

/** What is read and done at the saddles along their strings, over HTTP: what is typed and done by hand; what is heard comes to {@code HearingController}. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/intonation", produces = MediaType.APPLICATION_JSON_VALUE)
class ToneCommands {
    /** Beyond this a typed pitch is asked about, cents. */
    private static final double ODD = 50;

    /** How far a saddle may be moved at once, mm. */
    private static final double FARTHEST = 15;

    private final JobDesk desk;

    ToneCommands(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * A pitch as the technician's own tuner showed it.
     *
     * @param cents above the note's pitch, as typed: {@code +3}, {@code -1.5}
     * @param sure it was asked about already, and the string had been brought back to pitch
     */
    record TypedPitch(
            long after,
            @RequestKey String key,
            int string,
            Sounded.How how,
            int fret,
            String cents,
            @Nullable Boolean sure)
            implements Addition {}

    /**
     * How intonation is read and judged.
     *
     * @param tolerances as typed, string 1 first, in cents
     * @param pairs from bass to treble
     * @param a4 as typed, Hz
     * @param offsets as typed, lowest string first; empty for none
     */
    record ToneWays(
            long after,
            @RequestKey String key,
            List<Integer> frets,
            PlayedWhere where,
            IntonationWays.Reference reference,
            List<String> tolerances,
            List<BarrelSplit.Rule> pairs,
            String a4,
            String offsets,
            boolean upToPitch)
            implements Addition {}

    /**
     * Saddles moved along the strings, one entry for each from bass to treble; empty text for one that was not moved so.
     *
     * @param turns of the length screws, as they are spoken, clockwise positive; null when none were turned
     * @param back typed lengths, positive away from the nut; null when all were moved by their screws
     */
    record Saddles(
            long after,
            @RequestKey String key,
            @Nullable List<String> turns,
            @Nullable List<String> back) implements Addition {}

    /** Which way the length screws work. */
    record LengthDirection(long after, @RequestKey String key, boolean clockwiseBack) implements Addition {}

    /** How far a saddle can still go, as typed lengths. */
    record LengthTravel(long after, @RequestKey String key, int support, String forward, String back)
            implements Addition {}

    /** Where the saddles stand behind the first string's, as typed lengths, string 1 first. */
    record SaddlePlaces(long after, @RequestKey String key, List<String> places) implements Addition {}

    /** What strings are on. */
    record StringsOn(long after, @RequestKey String key, StringAge age) implements Addition {}

    /** A string by its number. */
    record OneString(long after, @RequestKey String key, int string) implements Addition {}

    /** A stretched string, with the drop in cents as typed. */
    record Stretch(long after, @RequestKey String key, int string, String drop) implements Addition {}

    /** A pitch as the technician's own tuner showed it. */
    @PostMapping("/pitches")
    JobView readPitch(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody TypedPitch asked) {
        return desk.add(id, unit, asked, job -> {
            job.string(asked.string());
            OpenedJob.refuseMissing(job.state(), asked.string());
            Sounded sounded = job.sounded(asked.how(), asked.fret());
            double cents = Typed.number("cents", asked.cents(), -200, 200);
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

    /** How intonation is read and judged from now on. */
    @PostMapping("/ways")
    JobView chooseIntonationWays(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody ToneWays asked) {
        return desk.add(id, unit, asked, job -> {
            InstrumentSpec spec = job.state().spec();
            Allowed.whole("tolerances", asked.tolerances().size(), spec.strings(), spec.strings());
            List<Double> offsets = new ArrayList<>();
            if (asked.offsets().isBlank()) offsets.addAll(Collections.nCopies(spec.strings(), 0.0));
            else
                for (String offset : asked.offsets().strip().split("[\\s;]+"))
                    offsets.addFirst(Typed.number("offset", offset, -50, 50));
            Allowed.whole("offsets", offsets.size(), spec.strings(), spec.strings());
            for (int fret : asked.frets()) Allowed.whole("fret", fret, 1, spec.frets());
            List<Integer> frets = new ArrayList<>(asked.frets());
            if (!frets.contains(12)) frets.add(12);
            IntonationWays ways = new IntonationWays(
                    frets,
                    asked.where(),
                    asked.reference(),
                    asked.tolerances().stream()
                            .map(t -> Typed.number("tolerance", t, 0.3, 15))
                            .toList(),
                    asked.pairs(),
                    Typed.number("reference pitch", asked.a4(), 400, 480),
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

    /** Saddles were moved along their strings. */
    @PostMapping("/saddles")
    JobView moveSaddles(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Saddles asked) {
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
            if (asked.back() != null && !asked.back().isEmpty()) {
                Allowed.whole("saddles", asked.back().size(), size, size);
                for (int j = 0; j < size; j++) {
                    String typed = asked.back().get(j);
                    if (!typed.isBlank())
                        back.set(
                                j,
                                Typed.mm(
                                        along.names().get(j),
                                        typed,
                                        Units.ofCode(unit).saddle(),
                                        -FARTHEST,
                                        FARTHEST));
                }
            }
            if (turns.stream().allMatch(Turns::isZero) && back.stream().allMatch(b -> b == 0))
                throw Allowed.broken("saddles", "no move at all", "a move of at least one");
            return new ToneEvent.SaddlesMoved(turns, back);
        });
    }

    /** Which way the length screws work. */
    @PostMapping("/direction")
    JobView learnLengthDirection(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody LengthDirection asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.LengthDirectionLearned(asked.clockwiseBack()));
    }

    /** How far a saddle can still go along its string. */
    @PostMapping("/travel")
    JobView readLengthTravel(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody LengthTravel asked) {
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
                        Typed.mm(
                                "towards the nut",
                                asked.forward(),
                                Units.ofCode(unit).saddle(),
                                0,
                                30),
                        Typed.mm("back", asked.back(), Units.ofCode(unit).saddle(), 0, 30)));
    }

    /** Where the saddles stand behind the first string's. */
    @PostMapping("/places")
    JobView readSaddlePlaces(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SaddlePlaces asked) {
        return desk.add(id, unit, asked, job -> {
            int strings = job.state().spec().strings();
            Allowed.whole("places", asked.places().size(), strings, strings);
            return new ToneEvent.SaddlePlacesRead(asked.places().stream()
                    .map(p -> Typed.mm("place", p, Units.ofCode(unit).saddle(), -20, 30))
                    .toList());
        });
    }

    /** What strings are on: new, stretched, old, or for trial. */
    @PostMapping("/strings-on")
    JobView stateStrings(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody StringsOn asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.StringsStated(asked.age()));
    }

    /** A string was renewed. */
    @PostMapping("/strings-renewed")
    JobView renewString(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody OneString asked) {
        return desk.add(id, unit, asked, job -> new ToneEvent.StringRenewed(job.string(asked.string())));
    }

    /** A string was stretched, and dropped by so much. */
    @PostMapping("/stretches")
    JobView stretchString(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Stretch asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ToneEvent.Stretched(
                        job.string(asked.string()), Math.abs(Typed.number("drop", asked.drop(), -300, 300))));
    }

    private static void screwed(OpenedJob job) {
        if (!job.state().spec().fittings().bridge().lengthScrewed())
            throw Allowed.broken("sixteenths", "turns", "mm: this bridge has no length screws");
    }
}
