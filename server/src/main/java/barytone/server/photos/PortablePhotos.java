package barytone.server.photos;

import static barytone.server.db.gen.Tables.JOB_PHOTO;
import static barytone.server.db.gen.Tables.PHOTO;

import barytone.core.quantity.Allowed;
import barytone.server.db.gen.tables.records.JobPhotoRecord;
import barytone.server.job.JobLog;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.function.Consumer;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Photos as they leave and come back: what they belong to among the records, the pictures as files beside them. */
@Component
class PortablePhotos implements Portable {
    private static final String FILE = "file";

    private final DSLContext sql;
    private final Photos photos;
    private final JobLog log;

    PortablePhotos(DSLContext sql, Photos photos, JobLog log) {
        this.sql = sql;
        this.photos = photos;
        this.log = log;
    }

    @Override
    public String section() {
        return "photos";
    }

    @Override
    public int order() {
        return 5;
    }

    private static Condition of(Chosen what) {
        return what.all() ? JOB_PHOTO.ID.isNotNull() : JOB_PHOTO.JOB_ID.in(what.jobs());
    }

    private static String named(String hash) {
        return "photos/" + hash + ".jpg";
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        sql.select(JOB_PHOTO.fields())
                .select(PHOTO.CONTENT_HASH)
                .from(JOB_PHOTO)
                .join(PHOTO)
                .on(PHOTO.ID.eq(JOB_PHOTO.PHOTO_ID))
                .where(of(what))
                .orderBy(JOB_PHOTO.ID)
                .forEach(row -> taker.accept(
                        Rows.out(row, JOB_PHOTO.ID, JOB_PHOTO.JOB_ID, JOB_PHOTO.PHOTO_ID, PHOTO.CONTENT_HASH)
                                .put("job", log.uid(row.get(JOB_PHOTO.JOB_ID)))
                                .put(FILE, named(row.get(PHOTO.CONTENT_HASH)))));
    }

    @Override
    public void files(Chosen what, FileTaker taker) {
        for (long id : sql.selectDistinct(JOB_PHOTO.PHOTO_ID)
                .from(JOB_PHOTO)
                .where(of(what))
                .fetch(JOB_PHOTO.PHOTO_ID))
            taker.take(
                    named(sql.select(PHOTO.CONTENT_HASH)
                            .from(PHOTO)
                            .where(PHOTO.ID.eq(id))
                            .fetchSingle(PHOTO.CONTENT_HASH)),
                    photos.picture(id, false));
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        long job = known.id(Known.What.JOB, Rows.text(record, "job"));
        String key = Rows.text(record, "requestKey");
        if (sql.fetchExists(JOB_PHOTO, JOB_PHOTO.REQUEST_KEY.eq(key))) return Came.SAME;
        String file = Rows.text(record, FILE);
        byte[] content =
                known.file(file).orElseThrow(() -> Allowed.broken(FILE, "“" + file + "”", "one that is in the zip"));
        JobPhotoRecord row = sql.newRecord(JOB_PHOTO);
        Rows.in(record, row, JOB_PHOTO.ID, JOB_PHOTO.JOB_ID, JOB_PHOTO.PHOTO_ID);
        row.setJobId(job);
        row.setPhotoId(photos.kept(Picture.asKept(content)));
        row.insert();
        return Came.NEW;
    }
}
