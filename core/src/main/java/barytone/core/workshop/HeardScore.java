package barytone.core.workshop;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.intonation.IntonationWays;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.Tones;
import java.util.List;

/** Judges the intonation of a job by how its strings really sound, a patient finger on them. What a saddle cannot give, alone or to all that it carries, is referred. */
final class HeardScore {
    /** What nobody tells by a tuner, cents. */
    static final double TOLD = 1;

    private final Workpiece instrument;
    private final Workpiece.Sounding strings;
    private final IntonationWays ways;
    private final Supports along;
    private BenchGround.Stated stated = BenchGround.Stated.NOTHING;
    private int claims;
    private int claimsTrue;

    HeardScore(Workpiece instrument, Workpiece.Sounding strings, JobState before) {
        this.instrument = instrument;
        this.strings = strings;
        this.ways = Tones.of(before).ways();
        this.along = instrument.spec().lengthwise();
    }

    /** Compares what is stated with what is so. */
    void observe(JobState job) {
        for (Intoned at : Intonation.of(job).lowestFirst()) {
            if (!at.read()) continue;
            Normal says = new Normal(at.errors().getLast().now(), at.spread(job));
            double truth = strings.error(at.string());
            stated = stated.plus(BenchGround.Stated.of(truth, says));
            double tolerance = ways.tolerance(at.string());
            if (says.between(-tolerance, tolerance) < BenchGround.CLAIMED) continue;
            claims++;
            if (Math.abs(truth) <= tolerance) claimsTrue++;
        }
    }

    /** How the strings ended. */
    BenchGround.Reached ending() {
        BenchGround.Reached reached = BenchGround.Reached.nothing(Station.INTONATION);
        for (int s : instrument.spec().everyString()) {
            boolean within = Math.abs(strings.error(s)) <= ways.tolerance(s) + TOLD;
            reached = reached.plus(BenchGround.Reached.one(Station.INTONATION, within, referred(s)));
        }
        return reached;
    }

    /** Whether every string is within its tolerance, whatever can be told. */
    boolean inBand() {
        return instrument.spec().everyString().stream().allMatch(s -> Math.abs(strings.error(s)) <= ways.tolerance(s));
    }

    private boolean referred(int string) {
        return strings.isFalse(string) || !strings.reaches(string, strings.error(string)) || apart(string);
    }

    /** Whether what carries it carries others that want it elsewhere. */
    private boolean apart(int string) {
        if (instrument.spec().fittings().bridge() == BridgeKind.FLOATING)
            return string != 1 && string != instrument.spec().bassString();
        for (int j = 0; j < along.size(); j++) {
            List<Integer> carried = along.strings(j);
            if (!carried.contains(string) || carried.size() == 1) continue;
            double highest = carried.stream().mapToDouble(strings::error).max().orElse(0);
            double lowest = carried.stream().mapToDouble(strings::error).min().orElse(0);
            return (highest - lowest) / 2 > ways.tolerance(string);
        }
        return false;
    }

    BenchGround.Stated stated() {
        return stated;
    }

    int claims() {
        return claims;
    }

    int claimsTrue() {
        return claimsTrue;
    }
}
