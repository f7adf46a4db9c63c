package barytone.server.station.pickups;

import barytone.core.estimate.Band;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.ReadingBounds;
import barytone.core.station.pickups.PickupEvent;
import barytone.server.height.TypedBand;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.Typed;
import barytone.server.job.WantedBand;
import barytone.server.web.RequestKey;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is read and done at the pickups of a job, over HTTP. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/pickups", produces = MediaType.APPLICATION_JSON_VALUE)
class PickupCommands {
    private final JobDesk desk;

    PickupCommands(JobDesk desk) {
        this.desk = desk;
    }

    /** A pickup gap as a typed length. */
    record PickupGap(long after, @RequestKey String key, int pickup, Pickup.Side side, String text)
            implements Addition {}

    /**
     * Pickup screws turned, as it is spoken, clockwise positive.
     *
     * @param bass the screw on that side; null or empty when it was not turned
     * @param treble the same
     */
    record PickupTurn(
            long after,
            @RequestKey String key,
            int pickup,
            @Nullable String bass,
            @Nullable String treble) implements Addition {}

    /** The wanted pickup gaps as typed lengths. */
    record PickupGaps(
            long after,
            @RequestKey String key,
            TypedBand usualBass,
            TypedBand usualTreble,
            TypedBand strongBass,
            TypedBand strongTreble)
            implements Addition {}

    /** What a pickup shows. */
    record PickupSigns(long after, @RequestKey String key, int pickup, List<PickupSign> signs) implements Addition {}

    /** Pickups lowered out of the way, or brought back. */
    record PickupsDown(long after, @RequestKey String key, boolean down) implements Addition {}

    /** A gap between string and pickup, pressed at the last fret. */
    @PostMapping("/gaps")
    JobView readPickupGap(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PickupGap asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new PickupEvent.PickupRead(
                        job.pickup(asked.pickup()),
                        asked.side(),
                        Typed.mm("gap", asked.text(), Units.ofCode(unit).pickups(), 0.2, 15),
                        asked.text().strip()));
    }

    /** The wanted gaps. */
    @PostMapping("/target")
    JobView wantPickupGaps(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PickupGaps asked) {
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

    private static Band band(TypedBand typed, String unit) {
        return WantedBand.of(
                Length.parse(typed.low(), Units.ofCode(unit).pickups()).mm(),
                Length.parse(typed.high(), Units.ofCode(unit).pickups()).mm(),
                new ReadingBounds(0.2, 15, 0.5, 6),
                Units.ofCode(unit).pickups());
    }

    /** The screws of a pickup were turned. */
    @PostMapping("/turns")
    JobView turnPickupScrews(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PickupTurn asked) {
        return desk.add(id, unit, asked, job -> {
            Turns bass = turns(asked.bass());
            Turns treble = turns(asked.treble());
            if (bass.isZero() && treble.isZero())
                throw Allowed.broken("turns", "no turn at all", "a turn on one side at least");
            return new PickupEvent.PickupTurned(job.pickup(asked.pickup()), bass, treble);
        });
    }

    private static Turns turns(@Nullable String spoken) {
        return spoken == null || spoken.isBlank() ? Turns.NONE : Turns.parse("turn", spoken, Turns.MOST_AT_ONCE);
    }

    /** What a pickup shows that is not as it should be. */
    @PostMapping("/signs")
    JobView notePickupSigns(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PickupSigns asked) {
        return desk.add(
                id, unit, asked, job -> new PickupEvent.PickupChecked(job.pickup(asked.pickup()), asked.signs()));
    }

    /** The pickups were lowered out of the way of the setup, or brought back. */
    @PostMapping("/down")
    JobView lowerPickups(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PickupsDown asked) {
        return desk.add(id, unit, asked, job -> {
            if (job.state().spec().fittings().pickups().isEmpty())
                throw Allowed.broken("pickups", "none", "an instrument that has pickups on record");
            return new PickupEvent.PickupsLowered(asked.down());
        });
    }
}
