package barytone.server.photos;

import barytone.core.quantity.Allowed;
import barytone.server.instruments.Instruments;
import barytone.server.job.JobDesk;
import barytone.server.job.JobRegister;
import barytone.server.job.OpenedJob;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos of an instrument as it came. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class PhotoController {
    private static final int LONGEST = 200;

    private final Photos photos;
    private final JobDesk desk;
    private final JobRegister register;
    private final Instruments instruments;

    PhotoController(Photos photos, JobDesk desk, JobRegister register, Instruments instruments) {
        this.instruments = instruments;
        this.photos = photos;
        this.desk = desk;
        this.register = register;
    }

    /**
     * A photo.
     *
     * @param picture the number of its picture, at {@code /api/photos/{picture}}
     * @param mark the entry of the mark that it shows; null for the instrument
     */
    record PhotoView(
            long id,
            long job,
            long picture,
            int width,
            int height,
            @Nullable Long mark,
            String note,
            Instant at) {}

    /** Whether it is taken off. */
    record Removed(boolean removed) {}

    /**
     * Keeps a photo with a job: a JPEG, PNG or WebP file as it is. It is made upright and smaller, and what the camera wrote into it is left out.
     *
     * @param mark the entry of the mark that it shows; none for the instrument
     * @param key names this request: sent again it is kept once
     */
    @PostMapping(
            path = "/jobs/{id}/photos",
            consumes = {"image/*", MediaType.APPLICATION_OCTET_STREAM_VALUE})
    @ResponseStatus(HttpStatus.CREATED)
    List<PhotoView> addPhoto(
            @PathVariable long id,
            @RequestBody(required = false) byte @Nullable [] file,
            @RequestParam @RequestKey String key,
            @RequestParam(required = false) @Nullable Long mark,
            @RequestParam(defaultValue = "") String note) {
        OpenedJob job = desk.open(id);
        if (mark != null && !job.state().arrival().marks().containsKey(mark))
            throw Allowed.broken("mark", mark, "a mark that is on the drawing");
        photos.add(id, Picture.of(file == null ? new byte[0] : file), mark, Texts.of("note", note, 0, LONGEST), key);
        return listPhotos(id);
    }

    /** The photos of a job, oldest first. */
    @GetMapping("/jobs/{id}/photos")
    List<PhotoView> listPhotos(@PathVariable long id) {
        desk.lastSeq(id);
        return photos.of(List.of(id)).stream().map(PhotoController::view).toList();
    }

    /** Takes a photo off, or puts it back. */
    @PutMapping("/jobs/{id}/photos/{photo}/removed")
    List<PhotoView> removePhoto(@PathVariable long id, @PathVariable long photo, @RequestBody Removed asked) {
        photos.remove(id, photo, asked.removed());
        return listPhotos(id);
    }

    /** The photos of an instrument over all its visits, oldest first. */
    @GetMapping("/instruments/{id}/photos")
    List<PhotoView> listInstrumentPhotos(@PathVariable long id) {
        return photos.of(register.on(instruments.toldAs(id))).stream()
                .map(PhotoController::view)
                .toList();
    }

    /** A picture. A browser keeps it and asks whether it is still the same: after a backup was put back a number may be another one's. */
    @GetMapping(path = "/photos/{picture}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> showPicture(
            @PathVariable long picture, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .eTag(photos.hash(picture) + (small ? "-small" : ""))
                .body(photos.picture(picture, small));
    }

    private static PhotoView view(Photos.Listed p) {
        return new PhotoView(p.id(), p.job(), p.photo(), p.width(), p.height(), p.mark(), p.note(), p.at());
    }
}
