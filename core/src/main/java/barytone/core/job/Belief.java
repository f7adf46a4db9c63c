package barytone.core.job;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What was read on a job and which of it is believed, while its log is replayed. The estimate learns of what is. */
final class Belief {
    /** Later than this a neck has drifted, and the same leaves tell something again. */
    private static final Duration SAME_MOMENT = Duration.ofMinutes(3);

    private final Map<Station, RoomReplay> rooms;
    private final Progress job;
    private final Set<Long> kept = new HashSet<>();
    private final Set<Long> movedBefore = new HashSet<>();
    private final Set<Long> dropped = new HashSet<>();
    private final List<TakenReading> readings = new ArrayList<>();
    private final Hand hand = new Hand();

    /**
     * Before anything was read.
     *
     * @param counted the entries that were not undone
     */
    Belief(Map<Station, RoomReplay> rooms, List<LoggedEvent> counted, Progress job) {
        this.rooms = rooms;
        this.job = job;
        // what is said later about an earlier entry counts from the start
        for (LoggedEvent logged : counted) {
            switch (logged.event()) {
                case JobEvent.ReadingKept e -> kept.add(e.reading());
                case JobEvent.ReadingMoved e -> movedBefore.add(e.reading());
                case JobEvent.ReadingDropped e -> dropped.add(e.reading());
                default -> {}
            }
        }
    }

    /** What was read, oldest first. */
    List<TakenReading> readings() {
        return List.copyOf(readings);
    }

    /** What was learned of the hand that reads. */
    HandRepeats hand() {
        return hand.learned();
    }

    /** A gap was read. */
    void heard(LoggedEvent logged, JobEvent.ReadingTaken e) {
        job.pass(logged.at());
        if (movedBefore.contains(logged.seq())) room(Station.of(e.method())).uncounted(List.of(e.string()), job);
        boolean early = rooms.values().stream().anyMatch(room -> room.early(logged.at()));
        Evidence evidence = Evidence.of(e.gap(), e.method(), e.tool(), hand.repeatability());
        Normal expected = job.estimate().now(e.string(), e.method(), e.means());
        Long unturned = rooms.values().stream()
                .map(room -> room.notMade(e, evidence, expected, job))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        ReadingStatus status = status(logged.seq(), e, evidence, unturned);
        TakenReading taken = new TakenReading(
                logged.seq(),
                logged.at(),
                e,
                evidence,
                expected,
                status,
                early,
                job.setups().moves(),
                unturned);
        if (status == ReadingStatus.SURPRISING && agreesWithDoubted(taken)) taken = taken.with(ReadingStatus.BELIEVED);
        readings.add(taken);
        if (taken.status() == ReadingStatus.BELIEVED) believe(taken);
    }

    private RoomReplay room(Station station) {
        return Objects.requireNonNull(rooms.get(station), "no room for " + station);
    }

    private ReadingStatus status(long seq, JobEvent.ReadingTaken e, Evidence evidence, @Nullable Long unturned) {
        if (dropped.contains(seq)) return ReadingStatus.DROPPED;
        if (kept.contains(seq) || movedBefore.contains(seq)) return ReadingStatus.BELIEVED;
        if (job.offPitch()) return ReadingStatus.OFF_PITCH;
        if (unturned != null) return ReadingStatus.SURPRISING;
        // the first reading at a station has only a usual value to be compared with, and after no gap anything is
        // likely
        boolean anythingKnown = !job.looks(Station.of(e.method())).isEmpty() && !blind(e);
        return anythingKnown && SurpriseTest.surprising(job.estimate(), e, evidence)
                ? ReadingStatus.SURPRISING
                : ReadingStatus.BELIEVED;
    }

    /** Whether the last reading of this height found no gap, so that nothing is known of it but that. */
    private boolean blind(JobEvent.ReadingTaken e) {
        Look look = job.looks(Station.of(e.method())).get(e.string());
        return look != null && look.reading().noGap();
    }

    private boolean sameQuantity(TakenReading earlier, TakenReading later) {
        return earlier.string() == later.string() && earlier.station() == later.station();
    }

    /** A second reading that says the same as a doubted one of the same height settles the doubt: both are believed. */
    private boolean agreesWithDoubted(TakenReading taken) {
        for (int i = readings.size() - 1; i >= 0; i--) {
            TakenReading earlier = readings.get(i);
            if (earlier.status() != ReadingStatus.SURPRISING
                    || earlier.afterMoves() != taken.afterMoves()
                    || !sameQuantity(earlier, taken)) continue;
            JobEvent.ReadingTaken first = earlier.reading();
            SetupEstimate ifTrue = job.estimate()
                    .givenAgainstExpectation(first.string(), first.method(), first.means(), earlier.evidence());
            JobEvent.ReadingTaken second = taken.reading();
            if (SurpriseTest.surprising(ifTrue, second, taken.evidence())) continue;
            TakenReading believed = earlier.with(ReadingStatus.BELIEVED);
            readings.set(i, believed);
            believe(believed);
            return true;
        }
        return false;
    }

    private void believe(TakenReading taken) {
        JobEvent.ReadingTaken e = taken.reading();
        boolean blind = blind(e);
        for (RoomReplay room : rooms.values()) room.believed(taken, blind, job);
        // an earlier doubted reading of the same height is answered by one that fits
        for (int i = 0; i < readings.size(); i++) {
            TakenReading other = readings.get(i);
            if (other.seq() < taken.seq() && other.status() == ReadingStatus.SURPRISING && sameQuantity(other, taken))
                readings.set(i, other.with(ReadingStatus.DROPPED));
        }
        if (!saysNothingNew(taken)) {
            // a height that is not where its move should have brought it says nothing of thread or file: more likely
            // the move was not made as it was noted
            boolean astray = taken.station() != Station.RELIEF
                    && !job.looks(taken.station()).isEmpty()
                    && SurpriseTest.surprising(job.estimate(), e, taken.evidence());
            if (blind || taken.noGap() || taken.unturned() != null || astray)
                room(taken.station())
                        .unknown(List.of(e.string()))
                        .ifPresent(unknown -> job.learn(job.estimate().after(unknown)));
            SetupEstimate now = job.estimate();
            job.learn(
                    SurpriseTest.surprising(now, e, taken.evidence())
                            ? now.givenAgainstExpectation(e.string(), e.method(), e.means(), taken.evidence())
                            : now.given(e.string(), e.method(), e.means(), taken.evidence()));
        }
        Map<Integer, Look> station = job.looks(taken.station());
        Look before = station.get(e.string());
        if (before != null && before.repeats() > 0 && sameMeans(before.reading().reading(), e))
            hand.repeated(before.reading(), taken);
        station.put(
                e.string(),
                new Look(
                        taken,
                        job.estimate(),
                        false,
                        before == null ? 1 : before.repeats() + 1,
                        before != null && before.stands(),
                        0));
    }

    private static boolean sameMeans(JobEvent.ReadingTaken one, JobEvent.ReadingTaken other) {
        return one.method().equals(other.method()) && one.means().equals(other.means());
    }

    /**
     * The same leaves that go and lift again tell nothing more of where between them the gap lies, and no gap is no gap: where none was found before and none
     * was to be expected, everything else that is known stays known.
     */
    private boolean saysNothingNew(TakenReading taken) {
        if (taken.noGap() && blind(taken.reading()) && taken.expected().mean() <= taken.mm()) return true;
        return (taken.reading().gap() instanceof Gap.Between || taken.noGap())
                && readings.stream()
                        .anyMatch(r -> r.seq() < taken.seq()
                                && r.status() == ReadingStatus.BELIEVED
                                && r.afterMoves() == taken.afterMoves()
                                && Duration.between(r.at(), taken.at()).compareTo(SAME_MOMENT) < 0
                                && r.reading().string() == taken.reading().string()
                                && r.reading().method().equals(taken.reading().method())
                                && r.reading().gap().equals(taken.reading().gap()));
    }
}
