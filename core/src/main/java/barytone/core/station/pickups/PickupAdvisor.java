package barytone.core.station.pickups;

import barytone.core.advice.Advice;
import barytone.core.estimate.Band;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupScrew;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** Decides the next move at the pickups, which come last: their gaps follow every height. */
public final class PickupAdvisor {
    private static final int EIGHTH = 2;

    /** Where it shows signs of standing too near it goes down by this at least, mm. */
    private static final double TOO_NEAR = 0.5;

    private PickupAdvisor() {}

    static Advice advise(JobState job) {
        List<Integer> unread = unread(job);
        if (!unread.isEmpty()) return new Advice.Measure(Station.PICKUPS, unread, Advice.Measure.Reason.NOT_READ);
        for (int p = 0; p < pickups(job).size(); p++)
            if (weak(job, p) && !job.declined(new PickupAdvice.TiredSpring(p).topic()))
                return new PickupAdvice.TiredSpring(p);
        List<Integer> stale = new ArrayList<>();
        for (int p = 0; p < pickups(job).size(); p++) if (stale(job, p)) stale.add(p);
        if (!stale.isEmpty()) return new Advice.Measure(Station.PICKUPS, stale, Advice.Measure.Reason.STALE);
        for (int p = 0; p < pickups(job).size(); p++) {
            Optional<PickupAdvice.TurnPickup.Step> step = step(job, p);
            if (step.isPresent() && !job.declined(new PickupAdvice.TurnPickup(step.get()).topic()))
                return new PickupAdvice.TurnPickup(step.get());
        }
        return new Advice.Done(Station.PICKUPS, reason(job));
    }

    private static Advice.Done.Reason reason(JobState job) {
        boolean allIn = true;
        boolean asFound = true;
        for (int p = 0; p < pickups(job).size(); p++) {
            for (Pickup.Side side : Pickup.Side.values()) {
                PickupState.Gap gap = PickupState.of(job).gap(p, side).orElseThrow();
                allIn &= band(job, p, side).outside(gap.now()) == 0;
                asFound &= gap.found() != null && gap.found() == gap.read();
            }
        }
        return !allIn
                ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                : asFound ? Advice.Done.Reason.LEAVE_IT : Advice.Done.Reason.IN_BAND;
    }

    /** The wanted gap on one side of a pickup. */
    public static Band band(JobState job, int pickup, Pickup.Side side) {
        return job.chosen()
                .the(PickupTarget.class)
                .band(pickups(job).get(pickup).kind(), side);
    }

    private static List<Pickup> pickups(JobState job) {
        return job.spec().fittings().pickups();
    }

    /** Pickups with a side that was never read, from the neck. */
    static List<Integer> unread(JobState job) {
        List<Integer> unread = new ArrayList<>();
        for (int p = 0; p < pickups(job).size(); p++)
            for (Pickup.Side side : Pickup.Side.values())
                if (PickupState.of(job).gap(p, side).isEmpty() && !unread.contains(p)) unread.add(p);
        return unread;
    }

    private static boolean weak(JobState job, int pickup) {
        boolean seen =
                PickupState.of(job).signs().getOrDefault(pickup, List.of()).contains(PickupSign.WEAK_SPRING);
        return seen
                || PickupState.of(job).gaps().getOrDefault(pickup, Map.of()).values().stream()
                        .anyMatch(PickupState.Gap::stayed);
    }

    /** Lowered out of the way, turned since it was read, or the strings over it moved. */
    private static boolean stale(JobState job, int pickup) {
        return PickupState.of(job).gaps().getOrDefault(pickup, Map.of()).values().stream()
                .anyMatch(PickupState.Gap::stale);
    }

    /** The turns that bring a pickup to its gaps; empty when it stands as it shall. */
    static Optional<PickupAdvice.TurnPickup.Step> step(JobState job, int pickup) {
        Turns bass = turns(job, pickup, Pickup.Side.BASS);
        Turns treble = turns(job, pickup, Pickup.Side.TREBLE);
        return bass.isZero() && treble.isZero()
                ? Optional.empty()
                : Optional.of(new PickupAdvice.TurnPickup.Step(pickup, bass, treble));
    }

    private static Turns turns(JobState job, int pickup, Pickup.Side side) {
        Pickup is = pickups(job).get(pickup);
        double now = PickupState.of(job).gap(pickup, side).orElseThrow().now();
        Band wanted = band(job, pickup, side);
        boolean tooNear = PickupState.of(job).signs().getOrDefault(pickup, List.of()).stream()
                .anyMatch(PickupSign::tooNear);
        double lower = wanted.outside(now) == 0 ? 0 : wanted.middle() - now;
        if (tooNear) lower = Math.max(TOO_NEAR, lower);
        int down = -PickupScrew.sign(is.mounting());
        return new Turns(
                EIGHTH * (int) Math.round(down * lower / PickupState.of(job).perTurn() * 16 / EIGHTH));
    }

    /** A string over a pickup against the others there, in dB; positive is louder. */
    public static Map<Integer, Double> balance(JobState job, int pickup) {
        Map<Integer, Double> heard = PickupState.of(job).levels().getOrDefault(pickup, Map.of());
        double mean = heard.values().stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
        Map<Integer, Double> balance = new TreeMap<>();
        heard.forEach((string, db) -> balance.put(string, db - mean));
        return balance;
    }

    /** How much louder a pickup is on its bass side than on its treble side, in dB; empty until both sides were heard. */
    public static OptionalDouble tilt(JobState job, int pickup) {
        Map<Integer, Double> heard = PickupState.of(job).levels().getOrDefault(pickup, Map.of());
        int half = job.spec().strings() / 2;
        OptionalDouble treble = side(heard, 1, half);
        OptionalDouble bass =
                side(heard, job.spec().strings() - half + 1, job.spec().strings());
        return treble.isEmpty() || bass.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(bass.getAsDouble() - treble.getAsDouble());
    }

    private static OptionalDouble side(Map<Integer, Double> heard, int from, int to) {
        return heard.entrySet().stream()
                .filter(e -> e.getKey() >= from && e.getKey() <= to)
                .mapToDouble(Map.Entry::getValue)
                .average();
    }

    /** How loud a pickup is on the whole, in dB; empty until it was heard. */
    public static OptionalDouble level(JobState job, int pickup) {
        return PickupState.of(job).levels().getOrDefault(pickup, Map.of()).values().stream()
                .mapToDouble(Double::doubleValue)
                .average();
    }
}
