package barytone.core.height;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Verdict;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.reading.Gap;
import barytone.core.reading.LeafSet;
import barytone.core.reading.Tool;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Which heights of a station must be read before anything can be decided there: the stale, the undecided; only those. */
public final class HeightLook {
    /** Another tool is worth fetching when it is at least this much finer. */
    private static final double FINER = 0.6;

    /** A stack this near to one of the leaves tells no more than that leaf, mm. */
    private static final double APART = 0.004;

    /** A tool with a wider spread than this sees nothing at a nut, mm. */
    private static final double SEES_SLOT = 0.035;

    /** … and nothing of the action that a saddle could be sanded by. */
    private static final double SEES_ACTION = 0.17;

    /** Farther out than so many standard deviations of what is reckoned leaves no doubt that it is out. */
    private static final double SURELY = 2.5;

    private HeightLook() {}

    /** All strings of a station, lowest first, judged. */
    public static List<HeightVerdict> judged(JobState job, Station station) {
        return job.strings(station).stream()
                .map(s -> HeightVerdict.of(job, station, s))
                .toList();
    }

    /** Strings of a station that are still to be read, for none of their readings stands for them; lowest first. */
    public static List<Integer> unread(JobState job, Station station) {
        List<Integer> asked = station == Station.ACTION ? Rigid.actionStrings(job) : job.strings(station);
        return asked.stream()
                .filter(s ->
                        job.look(station, s).isEmpty() && job.doubt(station, s).isEmpty())
                .toList();
    }

    /** The reading to ask for, if any; every string was read once. */
    public static Optional<Advice> wanted(JobState job, Outfit means, Station station) {
        return wanted(job, means, station, j -> false);
    }

    /**
     * The reading to ask for, if any; every string was read once.
     *
     * @param leaves what is out and will not be moved for that
     */
    public static Optional<Advice> wanted(
            JobState job, Outfit means, Station station, Predicate<HeightVerdict> leaves) {
        List<HeightVerdict> all = judged(job, station);
        Optional<Advice> stale = measure(
                all,
                station,
                j -> (j.stale() && !movedAnyway(job, j)) || (j.unconfirmed() && j.verdict() == Verdict.CANNOT_TELL),
                Advice.Measure.Reason.STALE,
                null);
        if (stale.isPresent()) return stale;
        // what is surely out is moved first: another look would change nothing of that; a low slot is not moved for
        // being low
        if (all.stream().anyMatch(j -> j.read() && j.outside() != 0 && !leaves.test(j))) return Optional.empty();
        return closer(job, means, station, all);
    }

    /** Whether it is so far out that screws are turned whatever another reading says: it is read after that. What does not come back is never done without. */
    private static boolean movedAnyway(JobState job, HeightVerdict j) {
        boolean comesBack =
                j.station() == Station.ACTION && job.spec().fittings().bridge().screwed();
        return comesBack
                && !j.noGap()
                && Math.abs(j.band().outside(j.value().mean()))
                        > SURELY * j.value().sd();
    }

    /**
     * A closer look at what may well be out though its tool cannot tell, with an owned tool that can; once for each height and move. What is surely inside is
     * left: to know it better would change nothing.
     */
    private static Optional<Advice> closer(JobState job, Outfit means, Station station, List<HeightVerdict> all) {
        if (job.declined(Advice.Measure.closer(station))) return Optional.empty();
        Tool finest = means.tools()
                .finest(tallest(
                        job, station, all.stream().map(HeightVerdict::string).toList()));
        Optional<Advice> finer = measure(
                all,
                station,
                j -> once(j)
                        && finest.spread() < FINER * read(j).tool().spread()
                        && (j.tooCoarse()
                                || (unsure(j)
                                        && j.chanceOut(finest) > means.effort().worthACloserLook())),
                Advice.Measure.Reason.FINER_TOOL,
                finest);
        if (finer.isPresent()) return finer;
        Optional<Advice> between = between(means, station, all);
        return between.isPresent()
                ? between
                : measure(all, station, j -> overruled(job, means, j), Advice.Measure.Reason.CONTRADICTED, null);
    }

    /**
     * Whether all that was read and moved before speaks against a single reading, and another could change the next move. It costs a reading, and the strings brought to
     * pitch for it once more; it saves a job that comes back, as often as the height is clearly out. What agrees within the spreads of both, or was read a second
     * time since its height was moved, is settled.
     */
    private static boolean overruled(JobState job, Outfit means, HeightVerdict j) {
        boolean readBefore = job.found(j.station(), j.string())
                .filter(first -> j.look() != null && first.seq() != j.look().seq())
                .isPresent();
        return once(j)
                && readBefore
                && !Objects.requireNonNull(j.look()).again()
                && j.disagrees()
                && j.contradicted() > means.effort().worthReadingAgain();
    }

    private static boolean once(HeightVerdict j) {
        return j.asRead() && j.repeats() < 2;
    }

    private static boolean unsure(HeightVerdict j) {
        return j.verdict() == Verdict.CANNOT_TELL;
    }

    private static JobEvent.ReadingTaken read(HeightVerdict j) {
        return Objects.requireNonNull(j.look()).reading().reading();
    }

    /**
     * A closer look where the edge of the band lies between the leaf that goes and the one that does not, be the middle of the two inside or not, and two
     * leaves laid together come between them.
     */
    private static Optional<Advice> between(Outfit means, Station station, List<HeightVerdict> all) {
        return measure(
                all,
                station,
                j -> once(j)
                        && j.outside() == 0
                        && j.chanceOut(Tool.LEAF) > means.effort().worthACloserLook()
                        && read(j).gap() instanceof Gap.Between b
                        && means.tools().leaves().stacked().stream()
                                .anyMatch(t -> t > b.goes() + APART && t < b.stops() - APART),
                Advice.Measure.Reason.ONCE_MORE,
                null);
    }

    /** A second look, two leaves laid together, at slots that are too high but too vaguely known for a stroke; once. */
    public static Optional<Advice> unsettled(JobState job, Outfit means, List<Integer> slots) {
        LeafSet leaves = means.tools().leaves();
        if (job.declined(Advice.Measure.closer(Station.NUT)) || leaves.sizes().size() < 2) return Optional.empty();
        List<HeightVerdict> all = slots.stream()
                .map(s -> HeightVerdict.of(job, Station.NUT, s))
                .filter(j -> j.repeats() < 2)
                .toList();
        return measure(all, Station.NUT, j -> true, Advice.Measure.Reason.ONCE_MORE, null);
    }

    /**
     * The reading without which nothing irreversible is done: a height that was read since the last move that touched it, by a tool that can see it.
     * Empty when all of them were.
     */
    public static Optional<Advice> before(JobState job, Outfit means, Station station, List<Integer> strings) {
        List<Integer> old = strings.stream()
                .sorted(Comparator.reverseOrder())
                .filter(s -> {
                    HeightVerdict j = HeightVerdict.of(job, station, s);
                    return !j.stands()
                            || j.look() == null
                            || j.look().reading().unforeseen()
                            || (station == Station.NUT
                                    && j.repeats() < 2
                                    && j.look().reading().higherThanForeseen())
                            || !sees(station, j.look().reading().reading().tool());
                })
                .toList();
        if (old.isEmpty()) return Optional.empty();
        return Optional.of(
                new Advice.Measure(station, old, Advice.Measure.Reason.BEFORE_WORK, seeing(job, means, station, old)));
    }

    /** Whether a tool can see what is filed or sanded by at a station. */
    public static boolean sees(Station station, Tool tool) {
        return tool.spread() <= (station == Station.NUT ? SEES_SLOT : SEES_ACTION);
    }

    /** Another tool than the one in use, where that one cannot see it; null for the one in use, or when none that can is owned. */
    private static @Nullable Tool seeing(JobState job, Outfit means, Station station, List<Integer> strings) {
        if (sees(station, job.tool(station))) return null;
        Tool finest = means.tools().finest(tallest(job, station, strings));
        return sees(station, finest) ? finest : null;
    }

    private static double tallest(JobState job, Station station, List<Integer> strings) {
        return strings.stream()
                .mapToDouble(s -> HeightVerdict.of(job, station, s).value().mean())
                .max()
                .orElse(0);
    }

    private static Optional<Advice> measure(
            List<HeightVerdict> all,
            Station station,
            Predicate<HeightVerdict> which,
            Advice.Measure.Reason reason,
            @Nullable Tool tool) {
        List<Integer> strings =
                all.stream().filter(which).map(HeightVerdict::string).toList();
        return strings.isEmpty() ? Optional.empty() : Optional.of(new Advice.Measure(station, strings, reason, tool));
    }
}
