package barytone.core.station.frets;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Sign;
import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzMap;
import barytone.core.buzz.Diagnosis;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.SeenElsewhere;
import barytone.core.buzz.TestResult;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The hunt of a job: what it has heard, read and tested by now.
 *
 * @param board the board, with the room that its readings forecast
 * @param map what is heard, and what the player says
 * @param findings what the job's readings answer for nothing
 * @param tests that were made, here or in passing at another station
 * @param room that the readings leave the notes; null while relief or action were not read
 * @param diagnosis null while nothing is heard
 */
public record FretHunt(
        Board board,
        BuzzMap map,
        Findings findings,
        List<TestResult> tests,
        @Nullable Clearances room,
        @Nullable Diagnosis diagnosis) {
    private static final double BACK_BOW = -0.02;

    /** A side whose relief differs by more than this from the other's, mm. */
    private static final double SIDES_DIFFER = 0.15;

    /** Of a job as it stands. */
    public static FretHunt of(JobState job) {
        return job.concluded(FretHunt.class, FretHunt::reckoned);
    }

    private static FretHunt reckoned(JobState job) {
        FretState state = FretState.of(job);
        Clearances room = Clearances.of(job);
        Board board = Board.of(job.spec(), room);
        List<SeenElsewhere> seen = job.every(SeenElsewhere.class);
        BuzzMap map = state.map();
        Complaint complaint = job.arrival().complaint();
        // once notes are marked they say more than words did
        if (complaint != null
                && buzzes(complaint)
                && state.notes().isEmpty()
                && state.again().isEmpty()) map = map.with(complaint, board);
        Findings findings = findings(job, state, seen, complaint);
        List<TestResult> tests = new ArrayList<>(state.tests());
        // what was tested here is newer than what was seen in passing
        for (SeenElsewhere other : seen)
            for (TestResult answered : other.answered())
                if (tests.stream().noneMatch(answered::sameAs)) tests.add(answered);
        return new FretHunt(
                board, map, findings, tests, room, map.any() ? Diagnosis.of(board, map, findings, tests) : null);
    }

    /** Whether the player says that it buzzes. */
    static boolean buzzes(Complaint complaint) {
        return complaint.signs().contains(Sign.BUZZES) || complaint.signs().contains(Sign.DEAD_NOTES);
    }

    private static Findings findings(
            JobState job, FretState state, List<SeenElsewhere> seen, @Nullable Complaint complaint) {
        Set<Hint> hints = EnumSet.noneOf(Hint.class);
        hints.addAll(state.hints());
        seen.forEach(other -> hints.addAll(other.known()));
        if (complaint != null && buzzes(complaint)) for (Sign sign : complaint.signs()) hint(sign, hints);
        List<HeightVerdict> relief = read(job, Station.RELIEF);
        if (relief.size() > 1
                && Math.abs(relief.getFirst().value().mean()
                                - relief.getLast().value().mean())
                        > SIDES_DIFFER) hints.add(Hint.SIDES_DIFFER);
        Map<Integer, Findings.Level> nut = new HashMap<>();
        read(job, Station.NUT).forEach(v -> nut.put(v.string(), level(v)));
        return new Findings(
                relief(relief), action(read(job, Station.ACTION)), nut, state.humidity(), state.stringAgeDays(), hints);
    }

    private static void hint(Sign sign, Set<Hint> hints) {
        switch (sign) {
            case SINCE_STRINGS -> hints.add(Hint.SINCE_STRINGS);
            case SINCE_SEASON -> hints.add(Hint.SINCE_SEASON);
            case SINCE_FALL -> hints.add(Hint.SINCE_FALL);
            case GOES_OUT -> hints.add(Hint.GOES_OUT);
            case OUT_UP_THE_NECK -> hints.add(Hint.OUT_UP_THE_NECK);
            default -> {}
        }
    }

    /** The strings of a station that were read. */
    private static List<HeightVerdict> read(JobState job, Station station) {
        return job.looks().getOrDefault(station, Map.of()).keySet().stream()
                .sorted()
                .map(string -> HeightVerdict.of(job, station, string))
                .toList();
    }

    private static Findings.Level level(HeightVerdict verdict) {
        double outside = verdict.band().outside(verdict.value().mean());
        return outside < 0 ? Findings.Level.LOW : outside > 0 ? Findings.Level.HIGH : Findings.Level.OK;
    }

    private static Findings.@Nullable Relief relief(List<HeightVerdict> relief) {
        if (relief.isEmpty()) return null;
        // the worse side rules
        HeightVerdict worst = relief.getFirst();
        for (HeightVerdict verdict : relief)
            if (Math.abs(verdict.band().outside(verdict.value().mean()))
                    > Math.abs(worst.band().outside(worst.value().mean()))) worst = verdict;
        if (worst.value().mean() < BACK_BOW) return Findings.Relief.BACK_BOW;
        return switch (level(worst)) {
            case LOW -> Findings.Relief.LOW;
            case OK -> Findings.Relief.OK;
            case HIGH -> Findings.Relief.HIGH;
        };
    }

    private static Findings.@Nullable Level action(List<HeightVerdict> action) {
        if (action.isEmpty()) return null;
        List<Findings.Level> levels = action.stream().map(FretHunt::level).toList();
        if (levels.contains(Findings.Level.LOW)) return Findings.Level.LOW;
        return levels.contains(Findings.Level.OK) ? Findings.Level.OK : Findings.Level.HIGH;
    }
}
