package barytone.server.job;

import barytone.core.bridge.NeckShim;
import barytone.core.instrument.NutMaterial;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.reading.TapReport;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.SlotFlaw;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the page sends to add to a job. Every request carries the place of the last event it had seen ({@code after}), so
 * that windows cannot overwrite each other, and a key, so that a request sent twice is kept once.
 */
final class JobRequests {
    private JobRequests() {}

    interface Stamped {
        long after();

        String key();
    }

    /** Nothing but the event itself. */
    record Plain(long after, String key) implements Stamped {}

    /** About an earlier event. */
    record About(long after, String key, long event) implements Stamped {}

    /** Leaves out what is advised, or one step of it by its topic. */
    record Decline(long after, String key, @Nullable String topic) implements Stamped {}

    /** Undo; without an event the newest that counts. */
    record Undo(long after, String key, @Nullable Long event) implements Stamped {}

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
            String key,
            int string,
            @Nullable String text,
            @Nullable Leaves leaves,
            @Nullable Boolean sure,
            @Nullable Station station,
            @Nullable String tool,
            @Nullable TapReport tap)
            implements Stamped {}

    /** What leaves did, in mm: the largest that went free, the one that just touched, the smallest that lifted the string. */
    record Leaves(
            @Nullable Double free,
            @Nullable Double touches,
            @Nullable Double lifts) {}

    /**
     * A turn of the rod.
     *
     * @param sixteenths net, positive tightens (straightens); null when {@code turns} says it
     * @param turns the same as it is spoken, like {@code 1/8} or {@code -1 1/4}
     * @param finishTightening went past and came back tightening
     * @param free turned without biting
     */
    record RodTurn(
            long after,
            String key,
            @Nullable Integer sixteenths,
            @Nullable String turns,
            boolean finishTightening,
            boolean free)
            implements Stamped {}

    /**
     * Moved without counting.
     *
     * @param strings that were moved; all when null
     */
    record Uncounted(
            long after,
            String key,
            Station station,
            @Nullable List<Integer> strings) implements Stamped {}

    /** A station is left until the others are done. */
    record Later(long after, String key, Station station) implements Stamped {}

    /**
     * The advised move was made.
     *
     * @param whole all of it at once, where a part was advised first
     */
    record Followed(long after, String key, @Nullable Boolean whole) implements Stamped {}

    /**
     * Other strings were put on: their gauges, string 1 first, in thou.
     *
     * @param sure odd gauges were asked about already
     */
    record OtherStrings(
            long after,
            String key,
            String strings,
            @Nullable Boolean sure) implements Stamped {}

    /** Which way the rod straightens. */
    record RodDirection(long after, String key, boolean straightensAnticlockwise) implements Stamped {}

    /** Free text. */
    record Note(long after, String key, String text) implements Stamped {}

    /**
     * The wanted relief: a school, or bands as typed lengths in the current habit.
     *
     * @param school name of a school; null when the bands are given
     */
    record Target(
            long after,
            String key,
            @Nullable String school,
            @Nullable String bassLow,
            @Nullable String bassHigh,
            @Nullable String trebleLow,
            @Nullable String trebleHigh)
            implements Stamped {}

    /** The way of reading relief. */
    record Habit(
            long after, String key, int heldLow, int heldHigh, int gaugeFret, String tool, boolean flat, boolean board)
            implements Stamped {}

    /** The way of turning the rod. */
    record Ways(
            long after,
            String key,
            int stepSixteenths,
            boolean finishTightening,
            int settleMinutes,
            int limitSixteenths)
            implements Stamped {}

    /**
     * Turns of the height screws.
     *
     * @param sixteenths of each screw from bass to treble, positive raises; null when {@code turns} says it
     * @param turns the same as it is spoken; empty text for a screw that was not turned
     */
    record Screws(
            long after,
            String key,
            @Nullable List<Integer> sixteenths,
            @Nullable List<String> turns) implements Stamped {}

    /**
     * A change of a fixed saddle, as typed lengths; minus lowers. Only sanding has an amount that is believed: what is shimmed or new is read.
     *
     * @param bass under the lowest string
     * @param treble under string 1
     */
    record SaddleRework(
            long after,
            String key,
            ActionEvent.SaddleReworked.Way way,
            @Nullable String bass,
            @Nullable String treble) implements Stamped {}

    /** Slots filed in one pass. */
    record Filings(long after, String key, List<NutEvent.Filing> slots) implements Stamped {}

    /**
     * The nut reworked otherwise.
     *
     * @param strings the slots; all when null
     * @param change as a typed length, minus lowers; only for the underside, for what is filled, shimmed or new is read
     * @param material of a new nut
     */
    record NutRework(
            long after,
            String key,
            NutEvent.NutReworked.Way way,
            @Nullable List<Integer> strings,
            @Nullable String change,
            @Nullable NutMaterial material)
            implements Stamped {}

    /** A wedge in the neck pocket; thickness as a typed length. */
    record NeckShimming(long after, String key, NeckShim.End end, String thickness) implements Stamped {}

    /** What was found on looking at a slot. */
    record SlotCheck(long after, String key, int string, List<SlotFlaw> flaws) implements Stamped {}

    /** An under-string gauge at the saddles: its radius as a typed length, and the strings that ring. */
    record GaugePattern(long after, String key, String radius, List<Integer> ringing) implements Stamped {}

    /** How far the saddles can still go, as typed lengths. */
    record Travel(long after, String key, String down, String up) implements Stamped {}

    /** How far a fixed saddle stands proud of its bridge where it is lowest, as a typed length. */
    record SaddleProud(long after, String key, String proud) implements Stamped {}

    /** A straightedge over the bridge; as a typed length, minus when it runs into it. */
    record NeckAngle(long after, String key, String above) implements Stamped {}

    /**
     * The way of reading nut or action.
     *
     * @param pressed nut: the fret held, 0 for open; action: 1 with a capo at 1
     * @param fret action: the fret at which it is read; nut: 1
     */
    record HeightReading(long after, String key, Station station, int pressed, int fret, String tool, boolean flat)
            implements Stamped {}

    /**
     * The wanted heights of a station: a school, the player's favourite, or bands as typed lengths in the way of reading in use.
     *
     * @param school code of a school; null when the bands are given
     * @param style how the player plays, for a school of action
     * @param bands string 1 first
     * @param asMeasured what stands there now is wanted: the player's favourite
     */
    record HeightTarget(
            long after,
            String key,
            Station station,
            @Nullable String school,
            ActionSchool.@Nullable Style style,
            @Nullable List<TypedBand> bands,
            @Nullable Boolean asMeasured)
            implements Stamped {}

    /** A band as typed. */
    record TypedBand(String low, String high) {}

    /** The order of work. */
    record Order(long after, String key, WorkOrder order) implements Stamped {}

    /** The work agreed on. */
    record Scope(long after, String key, List<Station> stations) implements Stamped {}

    /**
     * A pitch as the technician's own tuner showed it.
     *
     * @param cents above the note's pitch, as typed: {@code +3}, {@code -1.5}
     * @param sure it was asked about already, and the string had been brought back to pitch
     */
    record TypedPitch(
            long after,
            String key,
            int string,
            Sounded.How how,
            int fret,
            String cents,
            @Nullable Boolean sure) implements Stamped {}

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
            String key,
            List<Integer> frets,
            PlayedWhere where,
            IntonationWays.Reference reference,
            List<String> tolerances,
            List<BarrelSplit.Rule> pairs,
            String a4,
            String offsets,
            boolean upToPitch)
            implements Stamped {}

    /**
     * Saddles moved along the strings, one entry for each from bass to treble.
     *
     * @param sixteenths clockwise turns of the length screws; empty when none were turned, or {@code turns} says it
     * @param turns the same as it is spoken; empty text for one that was not turned
     * @param back typed lengths, positive away from the nut; empty when all were moved by their screws
     */
    record Saddles(
            long after,
            String key,
            List<Integer> sixteenths,
            @Nullable List<String> turns,
            List<String> back) implements Stamped {}

    /** Which way the length screws work. */
    record LengthDirection(long after, String key, boolean clockwiseBack) implements Stamped {}

    /** How far a saddle can still go, as typed lengths. */
    record LengthTravel(long after, String key, int support, String forward, String back) implements Stamped {}

    /** Where the saddles stand behind the first string's, as typed lengths, string 1 first. */
    record SaddlePlaces(long after, String key, List<String> places) implements Stamped {}

    /** What strings are on. */
    record StringsOn(long after, String key, StringAge age) implements Stamped {}

    /** A string by its number. */
    record OneString(long after, String key, int string) implements Stamped {}

    /** A stretched string, with the drop in cents as typed. */
    record Stretch(long after, String key, int string, String drop) implements Stamped {}

    /** A pickup gap as a typed length. */
    record PickupGap(long after, String key, int pickup, Pickup.Side side, String text) implements Stamped {}

    /** Pickup screws turned, clockwise positive. */
    record PickupTurn(
            long after,
            String key,
            int pickup,
            @Nullable Integer bassSixteenths,
            @Nullable Integer trebleSixteenths,
            @Nullable String bass,
            @Nullable String treble)
            implements Stamped {}

    /** The wanted pickup gaps as typed lengths. */
    record PickupGaps(
            long after,
            String key,
            TypedBand usualBass,
            TypedBand usualTreble,
            TypedBand strongBass,
            TypedBand strongTreble)
            implements Stamped {}

    /** What a pickup shows. */
    record PickupSigns(long after, String key, int pickup, List<PickupSign> signs) implements Stamped {}

    /** Pickups lowered out of the way, or brought back. */
    record PickupsDown(long after, String key, boolean down) implements Stamped {}
}
