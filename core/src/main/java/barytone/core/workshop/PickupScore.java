package barytone.core.workshop;

import barytone.core.estimate.Normal;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.pickup.Pickup;
import barytone.core.station.pickups.PickupAdvisor;
import barytone.core.station.pickups.PickupState;

/** Judges the pickups of a job by their true gaps. What a tired spring does not give is referred. */
final class PickupScore {
    private final RealPickups pickups;
    private final JobState before;
    private BenchGround.Stated stated = BenchGround.Stated.NOTHING;

    PickupScore(RealPickups pickups, JobState before) {
        this.pickups = pickups;
        this.before = before;
    }

    /** Compares what is stated with what is so. */
    void observe(JobState job) {
        for (int p = 0; p < pickups.count(); p++) {
            int pickup = p;
            for (Pickup.Side side : Pickup.Side.values())
                PickupState.of(job)
                        .gap(p, side)
                        .ifPresent(gap -> stated = stated.plus(BenchGround.Stated.of(
                                pickups.gap(pickup, side),
                                new Normal(gap.now(), PickupState.of(job).spread(gap)))));
        }
    }

    /** How the gaps ended. */
    BenchGround.Reached ending() {
        BenchGround.Reached reached = BenchGround.Reached.nothing(Station.PICKUPS);
        for (int p = 0; p < pickups.count(); p++) {
            for (Pickup.Side side : Pickup.Side.values()) {
                double outside = PickupAdvisor.band(before, p, side).outside(pickups.gap(p, side));
                boolean within = Math.abs(outside) <= Aims.measurable(Station.PICKUPS);
                boolean referred = !pickups.follows(p, side, outside > 0);
                reached = reached.plus(BenchGround.Reached.one(Station.PICKUPS, within, referred));
            }
        }
        return reached;
    }

    BenchGround.Stated stated() {
        return stated;
    }
}
