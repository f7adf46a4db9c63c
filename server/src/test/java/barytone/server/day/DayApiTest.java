package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Waits, promises and the calendar over HTTP, with a clock that is moved. */
class DayApiTest {
    /** A Monday. */
    private static final Instant NINE =
            LocalDate.of(2031, 2, 3).atTime(9, 0).atZone(ZoneId.systemDefault()).toInstant();

    @TempDir
    Path data;

    private RunningBarytone app;

    @BeforeEach
    void start() {
        TestClock.set(NINE);
        app = RunningBarytone.in(data, TestClock.standing());
    }

    @AfterEach
    void stop() {
        app.close();
    }

    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private long takeIn(String name) {
        Answer created = app.post("/api/jobs", """
                {"requestKey":"%s","player":"Ferry band %s","touch":"MEDIUM","complaint":"","scope":["RELIEF"],
                 "instrument":{"name":"%s","kind":"ELECTRIC","tuning":"E A D G B E","scaleLength":"648",
                   "frets":22,"bodyJointFret":16,"boardRadius":"254","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false}}
                """.formatted(UUID.randomUUID(), name, name));
        assertThat(created.status()).as(created.text()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    private JsonNode job(long id) {
        return ok(app.get("/api/jobs/" + id));
    }

    private Answer post(long job, String path, String more) {
        return app.post(
                "/api/jobs/" + job + "/" + path,
                "{\"after\":%d,\"key\":\"%s\"%s}".formatted(job(job).get("seq").asLong(), UUID.randomUUID(), more));
    }

    private JsonNode waits(long job, String reason, String until) {
        return ok(post(job, "waits", ",\"reason\":\"%s\",\"until\":\"%s\"".formatted(reason, until)));
    }

    private void read(long job, double mm) {
        for (int string : new int[] {6, 1})
            ok(post(job, "readings", ",\"string\":%d,\"station\":\"RELIEF\",\"text\":\"%s\"".formatted(string, mm)));
    }

    private JsonNode day() {
        return ok(app.get("/api/day"));
    }

    private static Stream<JsonNode> each(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false);
    }

    private List<Long> jobs(String list) {
        return each(day().get(list)).map(n -> n.get("job").asLong()).toList();
    }

    @Test
    void whatWaitsIsNotToBeDoneNowAndIsThereAgainWhenItsTimeHasCome() {
        long first = takeIn("Fulmar");
        long second = takeIn("Petrel");
        read(first, 0.4);
        waits(first, "GLUE", "30 min");
        assertThat(jobs("next")).containsExactly(second);
        assertThat(jobs("waiting")).containsExactly(first);
        JsonNode told = job(first);
        assertThat(told.at("/advice/headline").asString()).isEqualTo("Glue curing: wait until 09:30");
        assertThat(told.at("/advice/follow").asString()).isEqualTo("Do not wait any longer");
        assertThat(app.get("/api/notices").json()).isEmpty();
        TestClock.pass(Duration.ofMinutes(31));
        assertThat(jobs("next")).contains(first, second);
        assertThat(jobs("waiting")).isEmpty();
        JsonNode notices = ok(app.get("/api/notices"));
        assertThat(notices).hasSize(1);
        assertThat(notices.at("/0/text").asString()).isEqualTo("cured");
        // whoever goes on has seen it
        read(first, 0.4);
        assertThat(ok(app.get("/api/notices"))).isEmpty();
    }

    @Test
    void whileOneWaitsWhatFitsIntoTheTimeIsNamedFirst() {
        long waiting = takeIn("Fulmar");
        long longer = takeIn("Petrel");
        long shorter = takeIn("Gannet");
        read(waiting, 0.4);
        // handing over takes longer than the first look at a neck, and is to be done first
        read(longer, 0.2);
        ok(post(longer, "promise", ",\"day\":\"2031-02-03\",\"part\":\"NOON\""));
        waits(waiting, "GLUE", "8 min");
        assertThat(jobs("next")).containsExactly(longer, shorter);
        assertThat(each(day().at("/waiting/0/meanwhile")).map(JsonNode::asLong)).containsExactly(shorter, longer);
        waits(longer, "ANSWER", "");
        assertThat(each(day().at("/waiting/0/meanwhile")).map(JsonNode::asLong)).containsExactly(shorter);
    }

    @Test
    void whatWasDoneAsksForALookThoughNobodySetADay() {
        long job = takeIn("Fulmar");
        read(job, 0.7);
        for (int i = 0; i < 3; i++) {
            ok(post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false"));
            ok(post(job, "retunes", ""));
        }
        assertThat(each(job(job).at("/closing/remarks")).map(JsonNode::asString))
                .anyMatch(r -> r.startsWith("Still waits: neck: look again the next day, until tomorrow"));
        ok(post(job, "close", ""));
        JsonNode told = ok(app.get("/api/follow-ups")).get(0);
        assertThat(told.get("on").asString()).isEqualTo("2031-03-05");
        assertThat(told.get("news").asBoolean()).isFalse();
        assertThat(told.get("text").asString())
                .isEqualTo(
                        "Hello Ferry band Fulmar, it is time to look at your Fulmar again (the neck was moved far: whether it has stayed)."
                                + " Bring it in when it suits you; if it plays as it should, a short look is enough.");
        TestClock.pass(Duration.ofDays(31));
        assertThat(ok(app.get("/api/follow-ups")).at("/0/news").asBoolean()).isTrue();
        TestClock.pass(Duration.ofDays(60));
        assertThat(ok(app.get("/api/follow-ups")).at("/0/news").asBoolean()).isFalse();
        ok(post(job, "reopen", ""));
        assertThat(ok(app.get("/api/follow-ups"))).isEmpty();
    }

    @Test
    void theReasonsToWaitAreThoseThatAHandCanBegin() {
        JsonNode reasons = ok(app.get("/api/wait-reasons"));
        assertThat(each(reasons).map(r -> r.get("label").asString()))
                .contains("A part is ordered", "Glue curing")
                .doesNotContain("Neck settling");
        assertThat(each(reasons)
                        .filter(r -> r.get("label").asString().equals("Fill curing"))
                        .map(r -> r.get("usual").asString()))
                .containsExactly("20 min");
    }

    @Test
    void timesOfTwoPairsOfHandsAreToldApart() throws Exception {
        long job = takeIn("Fulmar");
        for (int i = 0; i < 8; i++) {
            TestClock.pass(Duration.ofSeconds(40));
            byHands("Edda", job, 0.20);
            TestClock.pass(Duration.ofSeconds(20));
            byHands("Ødd", job, 0.21);
        }
        JsonNode times = ok(app.get("/api/shop/times"));
        assertThat(each(times.get("hands")).map(h -> h.get("hands").asString())).containsExactly("Edda", "Ødd");
        assertThat(times.at("/hands/1/times/0/observed").asInt()).isEqualTo(7);
    }

    private void byHands(String name, long job, double mm) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.base() + "/api/jobs/" + job + "/readings"))
                .header("Content-Type", "application/json")
                .header("Barytone-Hands", URLEncoder.encode(name, StandardCharsets.UTF_8))
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"after\":%d,\"key\":\"%s\",\"station\":\"RELIEF\",\"string\":6,\"text\":\"%s\"}"
                                .formatted(job(job).get("seq").asLong(), UUID.randomUUID(), mm)))
                .build();
        try (HttpClient client = HttpClient.newHttpClient()) {
            assertThat(client.send(request, HttpResponse.BodyHandlers.ofString())
                            .statusCode())
                    .isEqualTo(200);
        }
    }

    @Test
    void hoursThatCameFromElsewhereAndCannotBeReadBreakNoView() {
        takeIn("Fulmar");
        app.sql(
                sql -> sql.execute(
                        "INSERT INTO setting (scope, owner, name, body, version) VALUES ('shop', '', 'hours', '{\"week\":{\"MONDAY\":\"late\"}}', 1)"));
        assertThat(jobs("next")).hasSize(1);
        assertThat(ok(app.get("/api/shop/hours")).at("/week/0/hours").asString())
                .isEqualTo("9:00-12:30, 13:30-17:30");
    }

    @Test
    void oneBrokenJobBreaksNoDay() {
        long whole = takeIn("Fulmar");
        long unread = takeIn("Petrel");
        read(unread, 0.2);
        long factless = takeIn("Gannet");
        read(factless, 0.2);
        app.sql(sql -> sql.execute(
                "UPDATE job_event SET body = '{\"string\":6}' WHERE kind = 'reading' AND job_id = " + unread));
        app.sql(sql -> sql.execute(
                "UPDATE instrument SET strings = 'none' WHERE id = (SELECT instrument_id FROM job WHERE id = "
                        + factless + ")"));
        assertThat(jobs("next")).containsExactly(whole);
        assertThat(ok(app.get("/api/notices"))).isEmpty();
        assertThat(ok(app.get("/api/shop/times")).has("shop")).isTrue();
        assertThat(app.get("/api/calendar.ics").status()).isEqualTo(200);
    }

    @Test
    void aWaitSurvivesARestartAndAClockThatIsSetBack() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        waits(job, "GLUE", "2 h");
        app.close();
        TestClock.pass(Duration.ofMinutes(-40));
        app = RunningBarytone.in(data, TestClock.standing());
        JsonNode wait = job(job).at("/waits/0");
        assertThat(wait.get("label").asString()).isEqualTo("Glue curing");
        // forty minutes back, and no longer than two hours from there
        assertThat(Instant.parse(wait.get("until").asString())).isEqualTo(NINE.plus(Duration.ofMinutes(80)));
    }

    @Test
    void anAnswerIsAwaitedUntilSomebodySaysThatItIsThere() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        JsonNode told = waits(job, "ANSWER", "");
        assertThat(told.at("/advice/headline").asString()).isEqualTo("An answer is awaited");
        TestClock.pass(Duration.ofDays(3));
        assertThat(jobs("waiting")).containsExactly(job);
        JsonNode on = ok(post(job, "followed", ",\"whole\":false"));
        assertThat(on.at("/advice/kind").asString()).isNotEqualTo("wait");
        assertThat(on.get("waits")).isEmpty();
        assertThat(on.at("/tape/0/text").asString()).isEqualTo("Waits no longer: an answer is awaited");
        assertThat(ok(post(job, "undo", "")).at("/advice/kind").asString()).isEqualTo("wait");
    }

    @Test
    void theAirThatIsWaitedForEndsIt() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        JsonNode told =
                ok(post(job, "waits", ",\"reason\":\"OTHER\",\"humidity\":\"over 40 %\",\"note\":\"milder air\""));
        assertThat(told.at("/waits/0/note").asString()).startsWith("milder air, until the air is over 40");
        ok(post(job, "air", ",\"place\":\"ROOM\",\"humidity\":\"43\""));
        assertThat(job(job).get("waits")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "GLUE, 2031-02-01, which has passed",
        "GLUE, 900 d, at most a year ahead",
        "PART, when it comes, a time to come",
    })
    void endsThatCannotBeAreRefusedInWords(String reason, String until, String said) {
        long job = takeIn("Fulmar");
        Answer answer = post(job, "waits", ",\"reason\":\"%s\",\"until\":\"%s\"".formatted(reason, until));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(said);
        assertThat(job(job).get("seq").asLong()).isZero();
    }

    @Test
    void theSameWaitTwiceIsAskedAbout() {
        long job = takeIn("Fulmar");
        waits(job, "PART", "2031-02-06");
        Answer twice = post(job, "waits", ",\"reason\":\"PART\",\"until\":\"\"");
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.json().get("detail").asString())
                .startsWith("It waits for that already: expected Thursday 6 February.");
        ok(post(job, "waits", ",\"reason\":\"PART\",\"until\":\"\",\"sure\":true"));
        assertThat(job(job).get("waits")).hasSize(2);
        Answer nothing = post(job, "waits/end", ",\"event\":77");
        assertThat(nothing.status()).isEqualTo(400);
    }

    @Test
    void aDayIsOfferedPromisedAndToldOnTheBench() {
        long job = takeIn("Fulmar");
        JsonNode offer = ok(app.get("/api/jobs/" + job + "/promise"));
        LocalDate day = LocalDate.parse(offer.get("day").asString());
        assertThat(day).isBetween(LocalDate.of(2031, 2, 3), LocalDate.of(2031, 2, 7));
        assertThat(offer.get("said").asString()).containsAnyOf("noon", "evening");
        JsonNode promised = ok(post(job, "promise", ",\"day\":\"%s\",\"part\":\"EVENING\"".formatted(day)));
        assertThat(promised.at("/promise/day").asString()).isEqualTo(day.toString());
        assertThat(promised.at("/tape/0/text").asString()).startsWith("Promised for ");
        JsonNode told = day().at("/promised/0");
        assertThat(told.get("chance").asInt()).isGreaterThan(80);
        assertThat(ok(app.get("/api/jobs/" + job + "/promise")).get("atRisk").asBoolean())
                .isFalse();
        assertThat(told.get("atRisk").asBoolean()).isFalse();
        JsonNode none = ok(post(job, "promise", ",\"day\":\"\""));
        assertThat(none.has("promise")).isFalse();
    }

    @Test
    void aPromiseThatCannotBeKeptIsSaidWithWhatWouldSaveIt() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-03\",\"part\":\"NOON\""));
        waits(job, "FINISH", "6 h");
        JsonNode told = day().at("/promised/0");
        assertThat(told.get("atRisk").asBoolean()).isTrue();
        assertThat(told.get("saves").asString()).startsWith("Tell the player now: ");
        JsonNode offer = ok(app.get("/api/jobs/" + job + "/promise"));
        assertThat(offer.get("atRisk").asBoolean()).isTrue();
        assertThat(offer.get("stands").asString()).isEqualTo(told.get("said").asString());
        TestClock.pass(Duration.ofHours(5));
        assertThat(day().at("/promised/0/said").asString()).isEqualTo("the promise has passed");
    }

    @Test
    void promisesInThePastAreRefusedAndClosedDaysAskedAbout() {
        long job = takeIn("Fulmar");
        Answer past = post(job, "promise", ",\"day\":\"2031-02-02\",\"part\":\"EVENING\"");
        assertThat(past.status()).isEqualTo(400);
        assertThat(past.json().get("detail").asString()).contains("which has passed");
        Answer sunday = post(job, "promise", ",\"day\":\"2031-02-09\",\"part\":\"EVENING\"");
        assertThat(sunday.json().get("detail").asString()).contains("Sunday 9 February 2031 is a closed day");
        ok(post(job, "promise", ",\"day\":\"2031-02-09\",\"part\":\"EVENING\",\"sure\":true"));
        assertThat(post(job, "promise", ",\"day\":\"2099-02-09\"").status()).isEqualTo(400);
    }

    @Test
    void aKeptPromiseIsOnRecord() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-03\",\"part\":\"EVENING\""));
        read(job, 0.2);
        ok(post(job, "close", ""));
        JsonNode times = ok(app.get("/api/shop/times"));
        assertThat(times.get("promises").asString()).isEqualTo("The last promise was kept.");
        assertThat(each(times.get("shop")).map(t -> t.get("what").asString())).contains("Handing over");
    }

    @Test
    void theCalendarIsReadBackByAParser() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-06\",\"part\":\"EVENING\""));
        waits(job, "GLUE", "2031-02-04 10:00");
        long again = takeIn("Petrel");
        ok(post(again, "follow-up", ",\"day\":\"2031-03-30\",\"why\":\"a card under the nut; it will fail\""));
        Answer answer = app.get("/api/calendar.ics");
        assertThat(answer.type()).startsWith("text/calendar");
        ICalendar calendar = Biweekly.parse(answer.text()).first();
        assertThat(calendar.validate(ICalVersion.V2_0)).isEmpty();
        assertThat(calendar.getEvents())
                .extracting(e -> e.getSummary().getValue())
                .containsExactlyInAnyOrder("Promised: Fulmar", "Glue curing: Fulmar", "Look again: Petrel");
        VEvent glue = event(calendar, "Glue curing: Fulmar");
        assertThat(glue.getDateStart().getValue().toInstant())
                .isEqualTo(LocalDate.of(2031, 2, 4)
                        .atTime(10, 0)
                        .atZone(ZoneId.systemDefault())
                        .toInstant());
        VEvent look = event(calendar, "Look again: Petrel");
        assertThat(look.getDateStart().getValue().hasTime()).isFalse();
        assertThat(look.getDateStart().getValue().getRawComponents().getDate()).isEqualTo(30);
        // asked again, it is the same event, not another
        assertThat(event(Biweekly.parse(app.get("/api/calendar.ics").text()).first(), "Promised: Fulmar")
                        .getUid()
                        .getValue())
                .isEqualTo("promise-" + job + "@barytone");
    }

    private static VEvent event(ICalendar calendar, String summary) {
        return calendar.getEvents().stream()
                .filter(e -> e.getSummary().getValue().equals(summary))
                .findFirst()
                .orElseThrow();
    }

    private Answer closedDays(String events) {
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Saltholm//Holidays//EN\r\n"
                + events.replace("\n", "\r\n") + "END:VCALENDAR\r\n";
        return app.postFile("/api/shop/hours/closed-days", "text/calendar", file.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void closedDaysComeFromACalendarFile() {
        JsonNode taken = ok(closedDays("""
                BEGIN:VEVENT
                UID:1@saltholm
                SUMMARY:Ferry in dock
                DTSTART;VALUE=DATE:20310310
                DTEND;VALUE=DATE:20310313
                END:VEVENT
                BEGIN:VEVENT
                UID:2@saltholm
                SUMMARY:Island day
                DTSTART;VALUE=DATE:20300601
                RRULE:FREQ=YEARLY
                END:VEVENT
                BEGIN:VEVENT
                UID:3@saltholm
                SUMMARY:Rehearsal
                DTSTART:20310305T180000Z
                DTEND:20310305T200000Z
                END:VEVENT
                BEGIN:VEVENT
                UID:4@saltholm
                SUMMARY:Last year
                DTSTART;VALUE=DATE:20300101
                END:VEVENT
                """));
        assertThat(taken.get("added").asInt()).isEqualTo(5);
        assertThat(each(taken.at("/hours/closed")).map(d -> d.get("day").asString()))
                .containsExactly("2031-03-10", "2031-03-11", "2031-03-12", "2031-06-01", "2032-06-01");
        assertThat(each(taken.get("refused")).map(JsonNode::asString))
                .containsExactly("“Rehearsal”: it is shorter than a day", "“Last year”: it has passed");
        // once more is no more
        assertThat(ok(closedDays("BEGIN:VEVENT\nUID:9\nDTSTART;VALUE=DATE:20310310\nEND:VEVENT\n"))
                        .get("added")
                        .asInt())
                .isZero();
        Answer none = app.postFile(
                "/api/shop/hours/closed-days", "text/calendar", "no calendar".getBytes(StandardCharsets.UTF_8));
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.json().get("detail").asString()).startsWith("No calendar in this file");
    }

    @Test
    void hoursAreKeptAsTypedAndNonsenseIsRefused() {
        JsonNode before = ok(app.get("/api/shop/hours"));
        assertThat(before.at("/week/0/hours").asString()).isEqualTo("9:00-12:30, 13:30-17:30");
        String body =
                "{\"version\":0,\"week\":{\"monday\":\"%s\",\"saturday\":\"10-14\"},\"capacity\":\"80 %%\",\"buffer\":\"0\",\"urgent\":\"0.5\",\"closed\":[\"2031-02-10\"]}";
        JsonNode kept = ok(app.put("/api/shop/hours", body.formatted("8-12 and 13:15-17")));
        assertThat(kept.at("/week/0/hours").asString()).isEqualTo("8:00-12:00, 13:15-17:00");
        assertThat(kept.at("/week/1/hours").asString()).isEmpty();
        assertThat(kept.get("capacity").asString()).isEqualTo("80");
        assertThat(app.put("/api/shop/hours", body.formatted("8-12")).status()).isEqualTo(409);
        String next = body.replace("\"version\":0", "\"version\":1");
        for (String wrong : List.of("12-8", "8-12, 11-13", "early", "8-27"))
            assertThat(app.put("/api/shop/hours", next.formatted(wrong)).status())
                    .as(wrong)
                    .isEqualTo(400);
        String never = next.formatted("").replace("10-14", "closed");
        assertThat(app.put("/api/shop/hours", never).json().get("detail").asString())
                .contains("at least one day");
        long job = takeIn("Fulmar");
        // only Mondays and Saturdays, and next Monday is closed
        TestClock.pass(Duration.ofHours(8));
        assertThat(ok(app.get("/api/jobs/" + job + "/promise")).get("day").asString())
                .isIn("2031-02-08", "2031-02-15");
    }
}
