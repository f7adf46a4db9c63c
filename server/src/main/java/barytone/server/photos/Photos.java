package barytone.server.photos;

import static barytone.server.db.gen.Tables.JOB_PHOTO;
import static barytone.server.db.gen.Tables.PHOTO;

import barytone.core.quantity.Allowed;
import barytone.server.web.NotThereException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The photos of the shop. Lists never load the pictures. */
@Component
class Photos {
    private static final int MOST = 60;

    private final DSLContext sql;
    private final Clock clock;

    Photos(DSLContext sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * A photo of a job.
     *
     * @param photo the picture; equal pictures are the same one
     * @param mark the entry of the mark that it shows; null for the instrument
     */
    record Listed(
            long id,
            long job,
            long photo,
            int width,
            int height,
            @Nullable Long mark,
            String note,
            Instant at) {}

    /**
     * Keeps a photo with a job; sent again under the same key it is kept once.
     *
     * @return its number
     */
    @Transactional
    public long add(long job, Picture picture, @Nullable Long mark, String note, String requestKey) {
        Long known = sql.select(JOB_PHOTO.ID)
                .from(JOB_PHOTO)
                .where(JOB_PHOTO.REQUEST_KEY.eq(requestKey))
                .fetchOne(JOB_PHOTO.ID);
        if (known != null) return known;
        int there = sql.fetchCount(JOB_PHOTO, JOB_PHOTO.JOB_ID.eq(job).and(JOB_PHOTO.IS_REMOVED.isFalse()));
        if (there >= MOST) throw Allowed.broken("photos", there + 1, "at most " + MOST + " of one job");
        return Objects.requireNonNull(sql.insertInto(JOB_PHOTO)
                .set(JOB_PHOTO.JOB_ID, job)
                .set(JOB_PHOTO.PHOTO_ID, kept(picture))
                .set(JOB_PHOTO.MARK, mark)
                .set(JOB_PHOTO.NOTE, note)
                .set(JOB_PHOTO.ADDED_AT, clock.instant().truncatedTo(ChronoUnit.MILLIS))
                .set(JOB_PHOTO.REQUEST_KEY, requestKey)
                .set(JOB_PHOTO.IS_REMOVED, false)
                .returning(JOB_PHOTO.ID)
                .fetchOne(JOB_PHOTO.ID));
    }

    /** The number of a picture, kept when it is new. */
    @Transactional
    public long kept(Picture picture) {
        Long known = sql.select(PHOTO.ID)
                .from(PHOTO)
                .where(PHOTO.CONTENT_HASH.eq(picture.hash()))
                .fetchOne(PHOTO.ID);
        if (known != null) return known;
        return Objects.requireNonNull(sql.insertInto(PHOTO)
                .set(PHOTO.CONTENT_HASH, picture.hash())
                .set(PHOTO.WIDTH, (long) picture.width())
                .set(PHOTO.HEIGHT, (long) picture.height())
                .set(PHOTO.PICTURE, picture.picture())
                .set(PHOTO.THUMBNAIL, picture.thumbnail())
                .returning(PHOTO.ID)
                .fetchOne(PHOTO.ID));
    }

    /** The photos of jobs, oldest first. */
    @Transactional(readOnly = true)
    public List<Listed> of(Collection<Long> jobs) {
        return listed(JOB_PHOTO.JOB_ID.in(jobs).and(JOB_PHOTO.IS_REMOVED.isFalse()));
    }

    private List<Listed> listed(Condition which) {
        return sql.select(
                        JOB_PHOTO.ID,
                        JOB_PHOTO.JOB_ID,
                        JOB_PHOTO.PHOTO_ID,
                        PHOTO.WIDTH,
                        PHOTO.HEIGHT,
                        JOB_PHOTO.MARK,
                        JOB_PHOTO.NOTE,
                        JOB_PHOTO.ADDED_AT)
                .from(JOB_PHOTO)
                .join(PHOTO)
                .on(PHOTO.ID.eq(JOB_PHOTO.PHOTO_ID))
                .where(which)
                .orderBy(JOB_PHOTO.ID)
                .fetch(r -> new Listed(
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        Math.toIntExact(r.value4()),
                        Math.toIntExact(r.value5()),
                        r.value6(),
                        r.value7(),
                        r.value8()));
    }

    /** Takes a photo off its job, or puts it back; the picture stays. */
    @Transactional
    public void remove(long job, long photo, boolean removed) {
        int changed = sql.update(JOB_PHOTO)
                .set(JOB_PHOTO.IS_REMOVED, removed)
                .where(JOB_PHOTO.ID.eq(photo).and(JOB_PHOTO.JOB_ID.eq(job)))
                .execute();
        if (changed == 0) throw new NotThereException("photo of this job", photo);
    }

    /** By what equal pictures are the same. */
    @Transactional(readOnly = true)
    public String hash(long photo) {
        return sql.select(PHOTO.CONTENT_HASH)
                .from(PHOTO)
                .where(PHOTO.ID.eq(photo))
                .fetchOptional(PHOTO.CONTENT_HASH)
                .orElseThrow(() -> new NotThereException("photo", photo));
    }

    /** A picture as JPEG. */
    @Transactional(readOnly = true)
    public byte[] picture(long photo, boolean small) {
        return sql.select(small ? PHOTO.THUMBNAIL : PHOTO.PICTURE)
                .from(PHOTO)
                .where(PHOTO.ID.eq(photo))
                .fetchOptional(0, byte[].class)
                .orElseThrow(() -> new NotThereException("photo", photo));
    }
}
