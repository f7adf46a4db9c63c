package barytone.server.exchange;

import barytone.core.quantity.Allowed;
import barytone.server.instruments.Instruments;
import barytone.server.job.JobDesk;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.people.People;
import barytone.server.portable.Chosen;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What leaves as a file, and what comes in. */
@RestController
@RequestMapping(path = "/api/exchange")
class ExchangeController {
    private final Exchange exchange;
    private final JobRegister register;
    private final JobLog log;
    private final JobDesk desk;
    private final Instruments instruments;
    private final People people;

    ExchangeController(
            Exchange exchange, JobRegister register, JobLog log, JobDesk desk, Instruments instruments, People people) {
        this.exchange = exchange;
        this.register = register;
        this.log = log;
        this.desk = desk;
        this.instruments = instruments;
        this.people = people;
    }

    /** What leaves. */
    enum What {
        SHOP,
        SETS,
        JOB,
        INSTRUMENT,
        PLAYER
    }

    /**
     * A zip of the records and the photos.
     *
     * @param what the whole shop, the string sets and schools, or one job, instrument or player with all that belongs to it
     * @param id of the job, instrument or player
     */
    @GetMapping(produces = "application/zip")
    ResponseEntity<StreamingResponseBody> takeAway(@RequestParam What what, @RequestParam(defaultValue = "0") long id) {
        Chosen chosen = chosen(what, id);
        return named(what, id, "zip").body(out -> exchange.write(chosen, out));
    }

    /**
     * The records alone.
     *
     * @param what as for the zip
     * @param id of the job, instrument or player
     */
    @GetMapping(path = "/records", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> takeRecordsAway(
            @RequestParam What what, @RequestParam(defaultValue = "0") long id) {
        Chosen chosen = chosen(what, id);
        return named(what, id, "json").body(out -> exchange.writeRecords(chosen, out));
    }

    /**
     * Takes a file in, a zip or the records alone. What is here already is not taken twice.
     *
     * @param rest whether what is well is taken when something else is refused; otherwise nothing is
     */
    @PostMapping(
            consumes = {"application/zip", MediaType.APPLICATION_OCTET_STREAM_VALUE, MediaType.APPLICATION_JSON_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    Exchange.Report bringIn(@RequestBody InputStreamResource file, @RequestParam(defaultValue = "false") boolean rest)
            throws IOException {
        Path kept = Files.createTempFile("barytone-", ".in");
        try {
            Files.copy(file.getInputStream(), kept, StandardCopyOption.REPLACE_EXISTING);
            return exchange.take(kept, rest);
        } finally {
            Files.deleteIfExists(kept);
        }
    }

    private static ResponseEntity.BodyBuilder named(What what, long id, String ending) {
        String name = "barytone-" + Allowed.spelt(what) + (id == 0 ? "" : "-" + id) + "." + ending;
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }

    private Chosen chosen(What what, long id) {
        return switch (what) {
            case SHOP -> Chosen.SHOP;
            case SETS -> Chosen.SETS;
            case JOB -> {
                desk.lastSeq(id);
                yield with(List.of(id), Set.of(), Set.of());
            }
            case INSTRUMENT -> {
                long told = instruments.toldAs(id);
                yield with(register.on(told), Set.of(told), Set.of());
            }
            case PLAYER -> {
                long told = people.toldAs(id);
                yield with(register.of(told), Set.of(), Set.of(told));
            }
        };
    }

    /** Jobs with whom and what they are about, those included that these are told as. */
    private Chosen with(List<Long> jobs, Set<Long> ofInstruments, Set<Long> ofPlayers) {
        Set<Long> what = jobs.stream()
                .map(log::instrumentOf)
                .flatMap(i -> List.of(i, instruments.toldAs(i)).stream())
                .collect(Collectors.toSet());
        what.addAll(ofInstruments);
        Set<Long> who = jobs.stream()
                .map(register::playerOf)
                .flatMap(p -> List.of(p, people.toldAs(p)).stream())
                .collect(Collectors.toSet());
        who.addAll(ofPlayers);
        return new Chosen(false, false, who, what, Set.copyOf(jobs));
    }
}
