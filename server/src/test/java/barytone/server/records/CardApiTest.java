package barytone.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import barytone.server.job.JobsOverHttp;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.FontMappers;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The card that goes home with an instrument. */
class CardApiTest extends JobsOverHttp {
    @BeforeEach
    void aMondayInFebruary() {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
    }

    private static byte[] pdf(long job, String paper) {
        return app().bytes("/api/jobs/" + job + "/card/pdf?paper=" + paper);
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static long finished(String player) {
        long job = open(opening(player, "ELECTRIC", "E A D G B E", 21, 16, ",\"threadPitch\":\"0.5\"")
                .replace("\"complaint\":\"\"", "\"complaint\":\"Buzzes low down, <b>always</b> & everywhere\""));
        post(job, "air", ",\"place\":\"room\",\"humidity\":\"38\"");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 2.4);
        post(
                job,
                "hand-over",
                ",\"found\":\"The first string stood high.\",\"advice\":\"Keep it in its case.\",\"lookAgain\":\"In May, after the heating.\"");
        assertThat(post(job, "close", "").status()).isEqualTo(200);
        return job;
    }

    @Test
    void theCardIsOnePageWithAllThatWasFoundAndLeft() throws IOException {
        long job = finished("Card Holder");
        byte[] pdf = pdf(job, "a4");
        String text = text(pdf);
        assertThat(text)
                .contains("Loan of Card Holder", "Card Holder", "came 3 February 2031")
                .contains("Buzzes low down, <b>always</b> & everywhere")
                .contains("The first string stood high.", "Keep it in its case.", "In May, after the heating.")
                .contains("Action, mm", "1.80", "2.40", "open string, at fret 12")
                .contains("Action, 1 e:")
                .contains("The rod was not turned.")
                .contains("Strings 10 13 17 26w 36w 46w")
                .contains("38");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isBetween(594f, 596f);
            List<String> loose = new ArrayList<>();
            for (COSName name : document.getPage(0).getResources().getFontNames()) {
                PDFont font = document.getPage(0).getResources().getFont(name);
                if (!font.isEmbedded()) loose.add(font.getName());
            }
            assertThat(loose).as("letters that are not embedded").isEmpty();
        }
        try (PDDocument letter = Loader.loadPDF(pdf(job, "letter"))) {
            assertThat(letter.getPage(0).getMediaBox().getWidth()).isBetween(611f, 613f);
        }
        assertThat(app().get("/api/jobs/" + job + "/card/pdf?paper=napkin").status())
                .isEqualTo(400);
    }

    @Test
    void theDrawingSaysFoundOnlyOfWhatWasMovedSince() {
        long still = finished("Nothing Moved");
        assertThat(app().get("/api/jobs/" + still + "/card/print").text())
                .contains("over the frets as left; heights")
                .doesNotContain("stroke-dasharray");
        long moved = electric("One Turn");
        readAll(moved, 1.8, 1.7, 1.6, 1.5, 1.4, 2.4);
        assertThat(post(moved, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false")
                        .status())
                .isEqualTo(200);
        assertThat(app().get("/api/jobs/" + moved + "/card/print").text())
                .contains("as found dashed, as left drawn through")
                .contains("stroke-dasharray");
    }

    @Test
    void noFontOfTheMachineIsLookedFor() {
        pdf(finished("Font Seeker"), "a4");
        // the library's own answer looks through the machine and keeps a list of what it found in the home folder
        assertThat(FontMappers.instance().getFontBoxFont("Helvetica", null).getFont())
                .isSameAs(
                        FontMappers.instance().getFontBoxFont("Any other", null).getFont());
    }

    @Test
    void theCardOfAClosedJobNeverChanges() {
        long job = finished("Steadfast");
        byte[] before = pdf(job, "a4");
        String card = app().get("/api/jobs/" + job + "/card").text();
        TestClock.set(Instant.parse("2034-02-03T09:00:00Z"));
        long instrument = job(job).get("instrumentId").asLong();
        ObjectNode facts =
                ((ObjectNode) app().get("/api/instruments/" + instrument).json().get("facts")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        facts.put("name", "Renamed").put("strings", "11 14 18 28w 38w 49w");
        app().post("/api/jobs", """
                {"requestKey":"later-%d","player":"Another","touch":"light","complaint":"","instrumentId":%d,
                 "instrumentVersion":%d,"instrument":%s}""".formatted(job, instrument, version, facts));
        app().put(
                        "/api/instruments/" + instrument + "/about",
                        "{\"version\":1,\"make\":\"New make\",\"notes\":\"\",\"doNotTouch\":\"\"}");
        assertThat(app().get("/api/instruments/" + instrument)
                        .json()
                        .at("/facts/name")
                        .asString())
                .isEqualTo("Renamed");
        assertThat(pdf(job, "a4")).isEqualTo(before);
        assertThat(app().get("/api/jobs/" + job + "/card?unit=thou").text()).isEqualTo(card);
    }

    @Test
    void aJobThatIsOpenedAgainGetsAnotherCardWhenItIsClosedAgain() {
        long job = finished("Reopener");
        post(job, "reopen", "");
        assertThat(app().get("/api/jobs/" + job + "/card?unit=thou")
                        .json()
                        .at("/tables/0/unit")
                        .asString())
                .isEqualTo("thou");
        read(job, "ACTION", 1, "1.3");
        read(job, "ACTION", 1, "1.3");
        post(job, "close", "");
        JsonNode left = app().get("/api/jobs/" + job + "/card").json();
        assertThat(left.get("residuals")).isEmpty();
        assertThat(left.get("ready").asString())
                .contains(
                        "Loan of Reopener was measured and needs nothing (ticket 0",
                        "action 1.80 / 1.30 mm, bass / treble.");
        assertThat(left.get("address").asString())
                .startsWith("http://127.0.0.1:")
                .contains("/instruments/");
    }

    @Test
    void aClosingThatWasTakenBackUnseenLeavesNoCard() {
        long job = finished("Unseen");
        JsonNode entries = job(job).get("tape");
        // as for a job that cannot be shown: its closing is undone without a look at what follows
        long closing = entries.get(0).get("seq").asLong();
        assertThat(app().post(
                                "/api/jobs/" + job + "/stored/undo",
                                "{\"after\":%d,\"key\":\"unseen\",\"event\":%d}".formatted(closing, closing))
                        .status())
                .isEqualTo(200);
        assertThat(app().get("/api/jobs/" + job + "/card?unit=thou")
                        .json()
                        .at("/tables/0/unit")
                        .asString())
                .isEqualTo("thou");
        // and closed again it gets its own
        assertThat(post(job, "close", "").status()).isEqualTo(200);
        assertThat(app().get("/api/jobs/" + job + "/card?unit=thou")
                        .json()
                        .at("/tables/0/unit")
                        .asString())
                .isEqualTo("mm");
    }

    @Test
    void anyNameAndALongComplaintMakeACard() throws IOException {
        long job = open(opening("😀 שלום مرحبا Ćwikła", "ELECTRIC", "E A D G B E", 21, 16, "")
                .replace("\"complaint\":\"\"", "\"complaint\":\"" + "It buzzes. ".repeat(900) + "\""));
        post(job, "close", "");
        byte[] pdf = pdf(job, "a4");
        assertThat(text(pdf)).contains("Ćwikła", "Nothing was read.", "It buzzes.");
        assertThat(app().get("/api/jobs/" + job + "/card").json().get("player").asString())
                .isEqualTo("😀 שלום مرحبا Ćwikła");
        assertThat(app().get("/api/jobs/" + job + "/card/print").text()).contains("😀 שלום مرحبا");
    }

    @Test
    void aForgottenPersonIsTakenOffTheirCards() throws IOException {
        long job = finished("Offcard Sailor");
        long player = job(job).get("playerId").asLong();
        app().post("/api/players/" + player + "/forget", "{\"sure\":true}");
        assertThat(app().get("/api/jobs/" + job + "/card").json().get("player").asString())
                .isEqualTo("Forgotten player");
        assertThat(text(pdf(job, "a4"))).doesNotContain("\nOffcard Sailor");
    }

    @Test
    void whatWasAgreedStandsOnTheCardWithItsSumAndWhatWasOffered() throws IOException {
        long version = app().get("/api/shop/prices").json().get("version").asLong();
        app().put("/api/shop/prices", """
                {"version":%d,"currency":"crowns","decimals":2,"tax":"25","taxIncluded":false,"askShare":50,
                 "services":[{"kind":"service","text":"Setup","price":"65"}]}""".formatted(version));
        long job = electric("Payer");
        String lines = """
                ,"lines":[{"kind":"service","text":"Setup","price":"65"},
                          {"kind":"part","text":"Set of strings","price":"12.50"},
                          {"kind":"goodwill","text":"Loose screws tightened","price":""},
                          {"kind":"offer","text":"Fret ends dressed","price":"35","why":"next time"}],
                 "worth":"150","promised":"2031-02-06","acceptedBy":"Payer","acceptedHow":"by telephone"
                """;
        Answer written = post(job, "agreement", lines);
        assertThat(written.status()).as(written.text()).isEqualTo(200);
        JsonNode agreed = written.json();
        assertThat(agreed.at("/tape/0/text").asString())
                .isEqualTo("Agreed: 3 lines, 96.88\u00a0crowns, for Thursday 6 February; accepted by Payer");
        assertThat(agreed.at("/agreement/question").asString()).startsWith("This comes to 65 % of what it is worth");
        assertThat(post(job, "agreement", lines.replace("2031-02-06", "2031-02-02"))
                        .json()
                        .get("detail")
                        .asString())
                .isEqualTo("promised: given 2031-02-02; allowed is today or a day to come.");
        assertThat(post(job, "agreement", lines.replace("12.50", "12.505")).status())
                .isEqualTo(400);
        // the shop's prices change; what was agreed does not
        app().put("/api/shop/prices", """
                {"version":%d,"currency":"shells","decimals":0,"tax":"0","taxIncluded":true,"askShare":50,"services":[]}""".formatted(version + 1));
        assertThat(job(job).at("/agreement/total").asString()).isEqualTo("96.88\u00a0crowns");
        post(job, "close", "");
        assertThat(text(pdf(job, "a4")))
                .contains("Set of strings", "12.50", "for nothing", "plus 25 % tax", "96.88")
                .contains("Offered and not taken", "Fret ends dressed: next time");
        assertThat(post(job, "agreement", ",\"lines\":[]").status()).isEqualTo(409);
    }

    @Test
    void twoWindowsDoNotOverwriteEachOthersPrices() {
        long version = app().get("/api/shop/prices").json().get("version").asLong();
        String body = """
                {"version":%d,"currency":"crowns","decimals":2,"tax":"%s","taxIncluded":false,"askShare":50,"services":[]}""";
        assertThat(app().put("/api/shop/prices", body.formatted(version, "12,5"))
                        .json()
                        .get("tax")
                        .asString())
                .isEqualTo("12.5");
        assertThat(app().put("/api/shop/prices", body.formatted(version, "10")).status())
                .isEqualTo(409);
        assertThat(app().put("/api/shop/prices", body.formatted(version + 1, "140"))
                        .status())
                .isEqualTo(400);
    }
}
