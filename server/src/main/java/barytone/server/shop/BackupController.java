package barytone.server.shop;

import barytone.server.db.DailyBackup;
import barytone.server.db.DataTroubleException;
import barytone.server.db.StorageTrouble;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the backups stand, and one more on demand. They are put back from the command line, with Barytone stopped. */
@RestController
@RequestMapping(path = "/api/shop/backups", produces = MediaType.APPLICATION_JSON_VALUE)
class BackupController {
    private final DailyBackup backups;

    BackupController(DailyBackup backups) {
        this.backups = backups;
    }

    /**
     * How the backups stand.
     *
     * @param habit when they are made and how long they are kept, in words
     * @param last when the last was made; null when there is none
     * @param failure why the last could not be made; null when it could
     */
    record BackupsView(
            String folder,
            String habit,
            int count,
            @Nullable Instant last,
            @Nullable String failure) {}

    /** The backups that are kept, and when the next one is made. */
    @GetMapping
    BackupsView backups() {
        DailyBackup.Standing now = backups.standing();
        return new BackupsView(
                now.folder().toString(),
                now.demo()
                        ? "The demo is not backed up by itself; your own data is, every day."
                        : "Made every day and before every update; those of 7 days and 8 weeks are kept, those made by hand always.",
                now.count(),
                now.newest(),
                now.failure());
    }

    /** Makes a backup now. */
    @PostMapping
    BackupsView makeBackup() {
        backups.now();
        return backups();
    }

    @ExceptionHandler
    ProblemDetail failed(DataTroubleException e) {
        StorageTrouble trouble = StorageTrouble.in(e);
        return ProblemDetail.forStatusAndDetail(
                trouble == null ? HttpStatus.SERVICE_UNAVAILABLE : trouble.status(), String.valueOf(e.getMessage()));
    }
}
