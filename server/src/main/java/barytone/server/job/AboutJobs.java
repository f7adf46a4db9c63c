package barytone.server.job;

import static barytone.server.db.gen.Tables.CLOSED_JOB;
import static barytone.server.db.gen.Tables.JOB;

import barytone.core.instrument.Touch;
import barytone.core.job.Station;
import barytone.server.db.gen.tables.records.ClosedJobRecord;
import barytone.server.db.gen.tables.records.JobRecord;
import barytone.server.instruments.Instruments;
import barytone.server.people.People;
import barytone.server.web.NotThereException;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Component;

/** Who and what jobs are about; of a closed one as it was when it was closed. Read within a transaction of who asks. */
@Component
class AboutJobs {
    private final DSLContext sql;
    private final EventCodec codec;
    private final Instruments instruments;
    private final People people;

    AboutJobs(DSLContext sql, EventCodec codec, Instruments instruments, People people) {
        this.sql = sql;
        this.codec = codec;
        this.instruments = instruments;
        this.people = people;
    }

    /**
     * Of one job.
     *
     * @throws NoSuchJobException when there is none with this number
     */
    JobLog.Job of(long id) {
        return of(List.of(id)).of(id);
    }

    /** Of some jobs: a few questions, however many there are. */
    Some of(List<Long> ids) {
        Map<Long, Record> jobs = sql.select()
                .from(JOB)
                .leftJoin(CLOSED_JOB)
                .on(CLOSED_JOB.JOB_ID.eq(JOB.ID))
                .where(JOB.ID.in(ids))
                .fetchMap(JOB.ID);
        List<Record> open = jobs.values().stream().filter(job -> !isKept(job)).toList();
        List<Record> closed = jobs.values().stream().filter(AboutJobs::isKept).toList();
        return new Some(
                jobs,
                instruments.some(numbers(open, JOB.INSTRUMENT_ID)),
                // what a closed one is about is kept with it, and shown whatever became of the instrument
                instruments.versions(numbers(closed, JOB.INSTRUMENT_ID)),
                people.names(numbers(open, JOB.PLAYER_ID)));
    }

    /** Whether what it is about is kept as it was when it was closed. */
    private static boolean isKept(Record job) {
        return job.get(CLOSED_JOB.JOB_ID) != null;
    }

    private static Set<Long> numbers(Collection<Record> jobs, Field<Long> of) {
        return jobs.stream().map(job -> job.get(of)).collect(Collectors.toSet());
    }

    /** Some jobs as they lay in the database when they were read together; each is understood, or not, for itself. */
    final class Some {
        private final Map<Long, Record> jobs;
        private final Instruments.Some instruments;
        private final Map<Long, Long> versions;
        private final Map<Long, String> players;

        private Some(
                Map<Long, Record> jobs,
                Instruments.Some instruments,
                Map<Long, Long> versions,
                Map<Long, String> players) {
            this.jobs = jobs;
            this.instruments = instruments;
            this.versions = versions;
            this.players = players;
        }

        /**
         * Of one of them.
         *
         * @throws NoSuchJobException when there is none with this number
         */
        JobLog.Job of(long id) {
            Record both = jobs.get(id);
            if (both == null) throw new NoSuchJobException(id);
            JobRecord row = both.into(JOB);
            ClosedJobRecord closed = isKept(both) ? both.into(CLOSED_JOB) : null;
            Instruments.Stated stated = closed == null ? instruments.find(row.getInstrumentId()) : null;
            Instruments.Named named =
                    stated == null ? Instruments.read(Objects.requireNonNull(closed)) : stated.named();
            return new JobLog.Job(
                    row.getId(),
                    row.getTicket(),
                    named.name(),
                    row.getInstrumentId(),
                    stated == null ? there(versions, "instrument", row.getInstrumentId()) : stated.version(),
                    named.spec(),
                    closed == null ? there(players, "player", row.getPlayerId()) : closed.getPlayer(),
                    row.getPlayerId(),
                    Touch.valueOf((closed == null ? row.getTouch() : closed.getTouch()).toUpperCase(Locale.ROOT)),
                    row.getComplaintSaid() == null ? row.getComplaint() : row.getComplaintSaid(),
                    row.getOpenedAt(),
                    Arrays.stream(row.getScope().split(" "))
                            .map(Station::valueOf)
                            .collect(Collectors.toSet()),
                    codec.kept(row.getChoices()),
                    closed == null ? null : closed.getSchools());
        }

        private static <T> T there(Map<Long, T> read, String what, long id) {
            T known = read.get(id);
            if (known == null) throw new NotThereException(what, id);
            return known;
        }
    }
}
