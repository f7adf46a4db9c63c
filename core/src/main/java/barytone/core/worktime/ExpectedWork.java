package barytone.core.worktime;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.NextMove;
import barytone.core.station.Room;
import barytone.core.station.Stations;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import barytone.core.worktime.Task.Kind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is still to be done at a station: how many readings, moves and retunings follow from how far out it reads. Those are the means of 1500 instruments of the proving
 * ground that were worked on as is advised (own world, seed 7; {@code ExpectedWorkTest} holds them against it); what was not read yet is expected to be as far out as those
 * were as found.
 *
 * @param readings expected number
 * @param moves expected number
 * @param retunes expected number
 */
public record ExpectedWork(double readings, double moves, double retunes) {
    /** What is out by less is not out, mm. */
    private static final double JUST = 0.005;

    private record Row(double upTo, double readings, double moves) {}

    /** Relief, by how far the worse side is out of its band, mm. */
    private static final List<Row> RELIEF = List.of(
            new Row(JUST, 0.7, 0.1),
            new Row(0.05, 7.3, 1.7),
            new Row(0.1, 9.4, 2.5),
            new Row(0.2, 12.3, 3.6),
            new Row(9, 13.9, 4.2));

    /** The nut, by how many slots are out. */
    private static final List<Row> NUT = List.of(
            new Row(0, 0.5, 0),
            new Row(1, 2.3, 0.6),
            new Row(2, 3.8, 1.1),
            new Row(3, 6.8, 2.2),
            new Row(4, 15.6, 4.4),
            new Row(5, 18.8, 4.8),
            new Row(7, 28.7, 6.3),
            new Row(10, 32.4, 6.1),
            new Row(99, 54, 7));

    /** The action, by how many strings are out. */
    private static final List<Row> ACTION = List.of(new Row(0, 6.7, 0.9), new Row(1, 9.9, 1.6), new Row(99, 11, 1.8));

    private static final ExpectedWork RELIEF_UNREAD = new ExpectedWork(7.9, 2.2, 2.2);
    private static final ExpectedWork NUT_UNREAD = new ExpectedWork(18.6, 4.1, 2);
    private static final ExpectedWork ACTION_UNREAD = new ExpectedWork(11, 1.8, 1.4);

    /** What is left to do at every station that is agreed on, in the order of work. */
    public static Map<Station, ExpectedWork> of(JobState job) {
        Map<Station, ExpectedWork> all = new EnumMap<>(Station.class);
        for (Room room : Stations.ALL) {
            Station station = room.station();
            if (!job.agreed(station) || job.left(station) || room.idle(job)) continue;
            all.put(station, station.height() ? height(job, room) : other(job, room));
        }
        return all;
    }

    private static ExpectedWork height(JobState job, Room room) {
        Station station = room.station();
        int unread = room.unread(job).size();
        if (unread > 0) {
            ExpectedWork usual = usual(station);
            double share = (double) unread / job.strings(station).size();
            // the readings as found come on top of those after the moves
            return new ExpectedWork(unread + share * usual.readings, share * usual.moves, share * usual.retunes);
        }
        int out = 0;
        double worst = 0;
        for (int s : job.strings(station)) {
            HeightVerdict verdict = HeightVerdict.of(job, station, s);
            double value = verdict.value().mean();
            double beyond =
                    Math.max(value - verdict.band().high(), verdict.band().low() - value);
            if (beyond > JUST) out++;
            worst = Math.max(worst, beyond);
        }
        return switch (station) {
            case RELIEF -> told(RELIEF, worst, 1);
            case NUT -> told(NUT, out, 0.5);
            default -> told(ACTION, out, 0.8);
        };
    }

    private static ExpectedWork usual(Station station) {
        return switch (station) {
            case RELIEF -> RELIEF_UNREAD;
            case NUT -> NUT_UNREAD;
            default -> ACTION_UNREAD;
        };
    }

    private static ExpectedWork told(List<Row> rows, double out, double retunesPerMove) {
        Row row = rows.stream().filter(r -> out <= r.upTo).findFirst().orElse(rows.getLast());
        return new ExpectedWork(row.readings, row.moves, retunesPerMove * row.moves);
    }

    /** Notes, pickups and buzzes: what is unread is read, and about as many screws are turned as a set of saddles has. */
    private static ExpectedWork other(JobState job, Room room) {
        int unread = room.unread(job).size();
        InstrumentSpec spec = job.spec();
        return switch (room.station()) {
            case INTONATION -> new ExpectedWork(2.5 * unread + 2, unread / 3.0, unread / 3.0);
            case PICKUPS -> new ExpectedWork(unread, unread / 4.0, 0);
            default -> new ExpectedWork(spec.strings(), 1, 0);
        };
    }

    /**
     * A job as a queue of what is left: work, and the waits between.
     *
     * @param times how long each kind of work takes here
     * @param leaveOut a station that is taken to need nothing; null for none
     */
    public static List<Piece> pieces(
            JobState job, StepTimes times, Outfit outfit, Instant now, @Nullable Station leaveOut) {
        List<Piece> pieces = new ArrayList<>();
        for (Wait wait : job.waiting().holding(now, WaitReason.Holds.WORK, WaitReason.Holds.CHANGING))
            pieces.add(Piece.Rest.of(wait, job.waiting().endsAt(wait, now), now));
        boolean finished = switch (NextMove.advise(job, outfit, now)) {
            case Advice.Done ignored -> true;
            case Advice.Finished ignored -> true;
            default -> false;
        };
        if (!finished) {
            Map<Station, ExpectedWork> work = of(job);
            work.forEach((station, expected) -> {
                if (station != leaveOut) station(job, times, station, expected, pieces);
            });
        }
        for (Wait wait : job.waiting().holding(now, WaitReason.Holds.HAND_OVER))
            pieces.add(Piece.Rest.of(wait, job.waiting().endsAt(wait, now), now));
        pieces.add(new Piece.Work(times.of(Task.of(Kind.HAND_OVER)), 3));
        return pieces;
    }

    private static void station(
            JobState job, StepTimes times, Station station, ExpectedWork expected, List<Piece> pieces) {
        Minutes reading = times.of(
                new Task(Kind.READING, station),
                job.spec().kind(),
                job.spec().fittings().bridge());
        Minutes move = times.of(
                new Task(Kind.MOVE, station),
                job.spec().kind(),
                job.spec().fittings().bridge());
        Minutes retune = times.of(Task.of(Kind.RETUNE));
        if (station != Station.RELIEF) {
            pieces.add(new Piece.Work(reading, expected.readings));
            pieces.add(new Piece.Work(move, expected.moves));
            pieces.add(new Piece.Work(retune, expected.retunes));
            return;
        }
        // turn by turn: other work is done while the neck settles
        int rounds = (int) Math.round(expected.moves);
        for (int i = 0; i < rounds; i++) {
            pieces.add(new Piece.Work(reading, expected.readings / rounds));
            pieces.add(new Piece.Work(move, 1));
            pieces.add(new Piece.Work(retune, 1));
            pieces.add(Piece.Rest.SETTLING);
        }
        if (rounds == 0) pieces.add(new Piece.Work(reading, expected.readings));
    }
}
