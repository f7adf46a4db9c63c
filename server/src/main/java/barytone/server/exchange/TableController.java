package barytone.server.exchange;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tables out and in. */
@RestController
@RequestMapping("/api")
class TableController {
    private final LogCsv log;
    private final ReadingsTable tables;

    TableController(LogCsv log, ReadingsTable tables) {
        this.log = log;
        this.tables = tables;
    }

    /** A table as text. */
    record TableText(String csv) {}

    /** Readings and moves of a job as a table, oldest first. */
    @GetMapping(path = "/jobs/{id}/log", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> tableOfLog(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"job-" + id + ".csv\"")
                .body(log.of(id));
    }

    /** How a table is understood; nothing is kept. */
    @PostMapping(path = "/exchange/table", produces = MediaType.APPLICATION_JSON_VALUE)
    ReadingsTable.Preview previewTable(@RequestBody TableText asked) {
        return tables.preview(asked.csv());
    }

    /**
     * Takes readings of a table into the history of an instrument: each day becomes a visit. The same table twice is once.
     *
     * @param rest whether what is well is taken when other rows are refused; otherwise nothing is
     */
    @PostMapping(path = "/instruments/{id}/table", produces = MediaType.APPLICATION_JSON_VALUE)
    ReadingsTable.TableReport takeTable(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean rest,
            @RequestBody ReadingsTable.Matched asked) {
        return tables.take(id, asked, rest);
    }
}
