package barytone.core.workshop;

import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import java.util.ArrayList;
import java.util.List;

/** What a job shall bring into its bands, judged by the truth. */
final class Aims {
    /** A slot floor this far above the frets does not let the open string buzz on them, mm. */
    static final double CLEAR_OF_FRETS = 0.03;

    private final Workpiece instrument;
    private final List<Aim> all = new ArrayList<>();

    /**
     * A true quantity and its band.
     *
     * @param slot how high its slot stood above the frets as found, mm
     */
    record Aim(Station station, int string, GapMethod method, Band band, double slot) {}

    Aims(Workpiece instrument, JobState before) {
        this.instrument = instrument;
        for (Station station : Station.HEIGHTS) {
            if (!before.agreed(station)) continue;
            for (int s : before.strings(station))
                all.add(new Aim(
                        station,
                        s,
                        HeightVerdict.method(before, station),
                        HeightVerdict.band(before, station, s),
                        instrument.slotHeight(s)));
        }
    }

    List<Aim> all() {
        return all;
    }

    List<Aim> at(Station station) {
        return all.stream().filter(a -> a.station == station).toList();
    }

    double truth(Aim aim) {
        return instrument.gap(aim.string, aim.method);
    }

    /** How far it is outside of its band, mm: negative below, 0 inside. */
    double outside(Aim aim) {
        return aim.band.outside(truth(aim));
    }

    /** Whether every quantity is in its band. */
    boolean inBand() {
        return all.stream().allMatch(a -> outside(a) == 0);
    }

    /**
     * Whether a quantity is where it shall be, as far as can be measured. A slot under its band, clear of the frets, is left by rule: where no file made it so
     * that is no miss.
     */
    boolean within(Aim aim) {
        boolean leftLow = aim.station == Station.NUT
                && outside(aim) < 0
                && instrument.slotHeight(aim.string) >= aim.slot
                && aim.slot > CLEAR_OF_FRETS;
        return leftLow || Math.abs(outside(aim)) <= measurable(aim.station);
    }

    /** What nobody at a bench could tell from being inside, mm. */
    static double measurable(Station station) {
        return switch (station) {
            case RELIEF -> 0.02;
            case NUT -> 0.03;
            case ACTION, INTONATION -> 0.10;
            case PICKUPS -> 0.25;
            default -> 0;
        };
    }
}
