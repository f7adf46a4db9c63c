package barytone.server.records;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TimeZone;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.FontMappers;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A card on paper: as a page for the browser's printer, and as PDF. The same card gives the same bytes. */
@Component
class CardPrint {
    /** The letters that it is set in, bundled: weight by file, those beyond Western Europe apart. */
    private static final Map<String, Integer> LETTERS =
            Map.of("archivo-latin-400.ttf", 400, "archivo-latin-700.ttf", 700);

    private static final Map<String, Integer> MORE_LETTERS =
            Map.of("archivo-latin-ext-400.ttf", 400, "archivo-latin-ext-700.ttf", 700);

    private final Template page;
    private final String style;

    CardPrint() {
        XRLog.setLoggingEnabled(false);
        FontMappers.set(new OwnLetters(resource("/static/card/archivo-latin-400.ttf")));
        page = Mustache.compiler()
                .nullValue("")
                .emptyStringIsFalse(true)
                .zeroIsFalse(true)
                .compile(text("/card/card.html"));
        style = text("/static/card/card.css");
    }

    /** What it is printed on. */
    enum Paper {
        A4("210mm 297mm"),
        LETTER("8.5in 11in");

        private final String size;

        Paper(String size) {
            this.size = size;
        }
    }

    /** As a page for the browser. */
    String html(Card card) {
        return filled(card, null);
    }

    /** As PDF, its letters embedded. */
    byte[] pdf(Card card, Paper paper) {
        PdfRendererBuilder builder = new PdfRendererBuilder()
                .withHtmlContent(filled(card, paper), null)
                .withProducer("Barytone")
                .useFastMode()
                .useSVGDrawer(new BatikSVGDrawer());
        LETTERS.forEach((file, weight) -> letters(builder, file, "Archivo", weight));
        MORE_LETTERS.forEach((file, weight) -> letters(builder, file, "Archivo more", weight));
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            renderer.layout();
            renderer.createPDFWithoutClosing();
            PDDocument document = renderer.getPdfDocument();
            // no clock, or the same card would be another file every time
            Calendar never = new GregorianCalendar(TimeZone.getTimeZone("UTC"), Locale.ROOT);
            never.setTimeInMillis(0);
            document.getDocumentInformation().setCreationDate(never);
            document.getDocumentInformation().setModificationDate(never);
            document.getDocumentInformation().setTitle("Ticket " + ticket(card) + ", " + card.instrument());
            document.setDocumentId(card.ticket());
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void letters(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> resource("/static/card/" + file), family, weight, FontStyle.NORMAL, true);
    }

    /** @param paper null for the browser, which knows its own */
    private String filled(Card card, @Nullable Paper paper) {
        Map<String, Object> with = new HashMap<>();
        with.put("card", card);
        with.put("ticket", ticket(card));
        with.put("foundDrawn", CardPicture.showsFound(card.picture()));
        with.put("qr", card.address().isEmpty() ? "" : QrPicture.of(card.address()));
        with.put(
                "reckoned",
                card.tables().stream().flatMap(t -> t.columns().stream()).anyMatch(Card.Column::reckoned));
        with.put("style", paper == null ? "" : "@page{size:" + paper.size + ";margin:13mm}" + style);
        return page.execute(with);
    }

    private static String ticket(Card card) {
        return String.format(Locale.ROOT, "%04d", card.ticket());
    }

    private static String text(String resource) {
        try (InputStream in = resource(resource)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static InputStream resource(String name) {
        return Objects.requireNonNull(CardPrint.class.getResourceAsStream(name), name);
    }
}
