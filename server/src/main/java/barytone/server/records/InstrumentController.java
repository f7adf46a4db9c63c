package barytone.server.records;

import barytone.core.quantity.Units;
import barytone.server.instruments.Instruments;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Instruments with their history. */
@RestController
@RequestMapping(path = "/api/instruments", produces = MediaType.APPLICATION_JSON_VALUE)
class InstrumentController {
    private final Instruments instruments;
    private final InstrumentViewer viewer;
    private final FiguresCsv csv;

    InstrumentController(Instruments instruments, InstrumentViewer viewer, FiguresCsv csv) {
        this.instruments = instruments;
        this.viewer = viewer;
        this.csv = csv;
    }

    /**
     * What is known of an instrument besides its facts.
     *
     * @param version the version that was seen
     */
    record AboutTyped(long version, String make, String notes, String doNotTouch) {}

    /** Whether it is taken out of the lists. */
    record Archived(boolean archived) {}

    /** Which one it is the same as. */
    record SameAs(long as) {}

    /** An instrument with its history; of one that was found to be another, the page of that one. */
    @GetMapping("/{id}")
    InstrumentPage showInstrument(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        return viewer.page(id, Units.ofCode(unit));
    }

    /** Writes down what is known of it besides its facts. */
    @PutMapping("/{id}/about")
    InstrumentPage writeAboutInstrument(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AboutTyped asked) {
        instruments.write(
                id, new Instruments.About(asked.version(), asked.make(), asked.notes(), asked.doNotTouch(), null));
        return viewer.page(id, Units.ofCode(unit));
    }

    /** Takes it out of the lists, or puts it back; nothing of it is lost. */
    @PutMapping("/{id}/archived")
    InstrumentPage archiveInstrument(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Archived asked) {
        instruments.archive(id, asked.archived());
        return viewer.page(id, Units.ofCode(unit));
    }

    /** Says that it is the same as another: both histories are told together. */
    @PutMapping("/{id}/same-as")
    InstrumentPage mergeInstrument(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SameAs asked) {
        instruments.merge(id, asked.as());
        return viewer.page(asked.as(), Units.ofCode(unit));
    }

    /** Takes back that it is the same as another. */
    @DeleteMapping("/{id}/same-as")
    InstrumentPage separateInstrument(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        instruments.unmerge(id);
        return viewer.page(id, Units.ofCode(unit));
    }

    /** The figures of all its visits as a table: a line for each, in mm, cents or turns, with how it was read. */
    @GetMapping(path = "/{id}/figures", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> tableOfFigures(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"figures-" + id + ".csv\"")
                .body(csv.of(instruments.toldAs(id)));
    }
}
