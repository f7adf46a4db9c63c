package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthText;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.reading.Gap;
import barytone.core.reading.ReadingBounds;
import barytone.core.reading.TapReport;
import barytone.core.reading.Tool;
import barytone.server.web.RequestKey;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings of relief, nut and action over HTTP, and what is said of them afterwards. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class ReadingController {
    /**
     * A reading, typed, tapped on the leaves, or told by tapping the string.
     *
     * @param station where it belongs; relief when null
     * @param text typed length or bracket; null when tapped
     * @param sure the odd value was asked about already
     * @param tool another tool than the one in use; null for that one
     * @param tap what ear and finger say when the string is tapped
     */
    record Reading(
            long after,
            @RequestKey String key,
            int string,
            @Nullable String text,
            @Nullable Leaves leaves,
            @Nullable Boolean sure,
            @Nullable Station station,
            @Nullable String tool,
            @Nullable TapReport tap)
            implements Addition {}

    /** What leaves did, in mm: the largest that went free, the one that just touched, the smallest that lifted the string. */
    record Leaves(
            @Nullable Double free,
            @Nullable Double touches,
            @Nullable Double lifts) {}

    private final JobDesk desk;

    ReadingController(JobDesk desk) {
        this.desk = desk;
    }

    /** Reads a gap under a string at relief, nut or action: typed, tapped on the leaves, or told by tapping the string. */
    @PostMapping("/readings")
    JobView readGap(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Reading asked) {
        return desk.add(id, unit, asked, job -> reading(job.state(), asked, Units.ofCode(unit)));
    }

    /** A doubted reading is right. */
    @PostMapping("/readings/kept")
    JobView keepReading(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingKept(job.existing(asked.event(), JobEvent.ReadingTaken.class)));
    }

    /** A doubted reading is right, for its height was moved before it without counting. */
    @PostMapping("/readings/moved")
    JobView explainReading(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingMoved(job.existing(asked.event(), JobEvent.ReadingTaken.class)));
    }

    /** A doubted reading is wrong, and counts no more. */
    @PostMapping("/readings/dropped")
    JobView dropReading(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingDropped(job.existing(asked.event(), JobEvent.ReadingTaken.class)));
    }

    private static JobEvent reading(JobState state, Reading asked, Units units) {
        Station station = asked.station() == null ? Station.RELIEF : asked.station();
        if (!station.height())
            throw Allowed.broken("station", station, "relief, nut or action; the others have routes of their own");
        LengthUnit unit = switch (station) {
            case NUT -> units.nut();
            case ACTION -> units.action();
            default -> units.relief();
        };
        OpenedJob.refuseMissing(state, asked.string());
        if (!state.strings(station).contains(asked.string()))
            throw Allowed.broken(
                    "string",
                    asked.string(),
                    (station == Station.RELIEF ? "the lowest or the highest: " : "one of ") + state.strings(station));
        GapMethod method = state.method(station);
        Tool tool = asked.tool() == null ? state.tool(station) : Tool.ofCode(asked.tool());
        Gap gap;
        String typed;
        if (asked.tap() != null) {
            if (!(method instanceof GapMethod.NutPressed))
                throw Allowed.broken("tap", asked.tap(), "a pressed nut reading: press at 2 or 3 and tap over fret 1");
            gap = asked.tap().gap();
            typed = "tap";
            tool = Tool.EYE;
        } else if (asked.leaves() != null) {
            gap = gap(asked.leaves());
            typed = "leaves";
            tool = Tool.LEAF;
        } else {
            typed = asked.text() == null ? "" : asked.text();
            gap = switch (LengthText.parse(typed, unit)) {
                case LengthText.Exact e -> new Gap.Of(e.length().mm());
                case LengthText.Bracket b ->
                    new Gap.Between(b.goes().mm(), b.stops().mm());
            };
        }
        ReadingBounds bounds = ReadingBounds.of(method);
        boolean sure = Boolean.TRUE.equals(asked.sure());
        if (!sure && bare(typed)) suspect(typed, gap, bounds, unit);
        bounds.check("reading", gap.shown(), unit);
        if (!sure)
            bounds.oddity(gap.shown(), unit).ifPresent(question -> {
                throw new OddValueException(question);
            });
        return new JobEvent.ReadingTaken(
                asked.string(), method, tool, gap, state.position(station), typed.strip(), unit);
    }

    /** Whether a number was typed without a unit. */
    private static boolean bare(String typed) {
        return typed.strip().matches("[+-]?[0-9]*[.,]?[0-9]+");
    }

    /** A number that is odd in its unit, and usual in another, is asked about. */
    private static void suspect(String typed, Gap gap, ReadingBounds bounds, LengthUnit unit) {
        bounds.meant(gap.shown(), unit).ifPresent(meant -> {
            double mm = Length.parse(meant, LengthUnit.MM).mm();
            String spoken = meant.endsWith("t")
                    ? meant.substring(0, meant.length() - 1) + " thou (" + LengthUnit.MM.showWithUnit(mm) + ")"
                    : meant.endsWith("in")
                            ? unit.showWithUnit(mm) + " (" + LengthUnit.THOU.showWithUnit(mm) + ")"
                            : LengthUnit.MM.showWithUnit(mm);
            throw new OddValueException(
                    "“" + typed.strip() + "” would be "
                            + (unit.shows(gap.shown()) ? unit.showWithUnit(gap.shown()) : unit.named(typed.strip()))
                            + ". Is it " + spoken + "?",
                    meant,
                    spoken);
        });
    }

    private static Gap gap(Leaves leaves) {
        for (Double size : new Double[] {leaves.free(), leaves.touches(), leaves.lifts()})
            if (size != null) Allowed.number("leaf", size, 0.01, 5, "mm");
        if (leaves.touches() != null) return new Gap.Of(leaves.touches());
        if (leaves.free() != null && leaves.lifts() != null) {
            if (leaves.free() >= leaves.lifts())
                throw Allowed.broken(
                        "leaves",
                        "free at " + leaves.free() + ", lifting at " + leaves.lifts(),
                        "a free leaf thinner than the one that lifts the string");
            return new Gap.Between(leaves.free(), leaves.lifts());
        }
        if (leaves.free() != null) return new Gap.AtLeast(leaves.free());
        if (leaves.lifts() != null) return new Gap.AtMost(leaves.lifts());
        throw Allowed.broken("leaves", "none", "at least one leaf that went free, touched or lifted the string");
    }
}
