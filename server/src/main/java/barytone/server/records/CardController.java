package barytone.server.records;

import barytone.core.quantity.Units;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The card that goes home with an instrument: as data, as a page to be printed, as PDF. */
@RestController
@RequestMapping("/api/jobs/{id}/card")
class CardController {
    private final Cards cards;
    private final CardPrint print;

    CardController(Cards cards, CardPrint print) {
        this.cards = cards;
        this.print = print;
    }

    /** The card: of a closed job as it was when it was closed, of an open one as it stands. */
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    Card showCard(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        return cards.of(id, Units.ofCode(unit));
    }

    /** The card as a page for the browser's printer. */
    @GetMapping(path = "/print", produces = "text/html;charset=UTF-8")
    String printCard(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        return print.html(cards.of(id, Units.ofCode(unit)));
    }

    /**
     * The card as PDF.
     *
     * @param paper what it is printed on
     */
    @GetMapping(path = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cardAsPdf(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestParam(defaultValue = "a4") CardPrint.Paper paper) {
        Card card = cards.of(id, Units.ofCode(unit));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        String.format(Locale.ROOT, "inline; filename=\"card-%04d.pdf\"", card.ticket()))
                .body(print.pdf(card, paper));
    }
}
