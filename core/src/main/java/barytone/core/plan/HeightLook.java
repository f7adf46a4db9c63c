package barytone.core.plan;

import barytone.core.estimate.Verdict;
import barytone.core.joblog.JobState;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Which heights of a station must be read before anything can be decided there: the stale, the undecided; only those. */
final class HeightLook {
    /** In band with this chance a height needs no second reading. */
    static final double SURE = 0.996;

    /** Below this chance it comes to the middle along with a move that is made anyway. */
    private static final double CENTRED = 0.999;

    /** So often the same tool is asked before its answer is taken as it is. */
    static final int REPEATS = 3;

    /** Another tool is worth fetching when it is at least this much finer. */
    private static final double FINER = 0.6;

    private HeightLook() {}

    /** All strings of a station, lowest first, judged. */
    static List<Judged> judged(JobState job, Station station) {
        return job.strings(station).stream()
                .map(s -> Judged.of(job, station, s))
                .toList();
    }

    /** Strings of a station that were never read on this job. */
    static List<Integer> unread(JobState job, Station station) {
        return job.strings(station).stream()
                .filter(s -> job.look(station, s).isEmpty())
                .toList();
    }

    /** The reading to ask for, if any; every string was read once. */
    static Optional<Advice> wanted(JobState job, Toolkit tools, Station station) {
        List<Judged> all = judged(job, station);
        Optional<Advice> stale = measure(
                all,
                station,
                j -> j.stale() || (j.unconfirmed() && j.verdict() == Verdict.CANNOT_TELL),
                Advice.Measure.Reason.STALE,
                null);
        if (stale.isPresent()) return stale;
        if (job.declined(Advice.Measure.closer(station))) return Optional.empty();
        // what is out is moved first, and what lies near an edge comes to the middle with it
        if (all.stream().anyMatch(j -> j.read() && j.outside() != 0)) return Optional.empty();
        return closer(job, tools, station, all);
    }

    /** A closer look at what is out by the look of it, but too little known to be moved; empty when that was done or declined. */
    static Optional<Advice> unsettled(JobState job, Toolkit tools, Station station) {
        return job.declined(Advice.Measure.closer(station))
                ? Optional.empty()
                : closer(job, tools, station, judged(job, station));
    }

    /** A closer look at what lies near the edge of its band. */
    private static Optional<Advice> closer(JobState job, Toolkit tools, Station station, List<Judged> all) {
        Tool finest =
                finer(job, tools, station, all.stream().map(Judged::string).toList());
        if (finest != null) {
            Optional<Advice> finer = measure(
                    all,
                    station,
                    j -> !j.unconfirmed() && undecided(j) && !job.readWith(station, j.string(), finest),
                    Advice.Measure.Reason.FINER_TOOL,
                    finest);
            if (finer.isPresent()) return finer;
        }
        return measure(
                all,
                station,
                j -> !j.unconfirmed() && undecided(j) && j.repeats() < REPEATS,
                Advice.Measure.Reason.ONCE_MORE,
                null);
    }

    /** The finest owned tool for the heights of a station when it is much finer than the one in use; else null, for that one. */
    static @Nullable Tool finer(JobState job, Toolkit tools, Station station, List<Integer> strings) {
        double tallest = strings.stream()
                .mapToDouble(s -> Judged.of(job, station, s).value().mean())
                .max()
                .orElse(0);
        Tool finest = tools.finest(tallest);
        return finest.spread() < FINER * job.tool(station).spread() ? finest : null;
    }

    /** Neither surely inside nor surely out. */
    private static boolean undecided(Judged j) {
        return j.outside() == 0 ? j.chance() < SURE : j.verdict() == Verdict.CANNOT_TELL;
    }

    /** Out of its band, or so near its edge that no reading settles it. */
    static boolean out(Judged j) {
        return j.read() && (j.outside() != 0 || j.chance() < CENTRED);
    }

    private static Optional<Advice> measure(
            List<Judged> all,
            Station station,
            Predicate<Judged> which,
            Advice.Measure.Reason reason,
            @Nullable Tool tool) {
        List<Integer> strings = all.stream().filter(which).map(Judged::string).toList();
        return strings.isEmpty() ? Optional.empty() : Optional.of(new Advice.Measure(station, strings, reason, tool));
    }
}
