package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB_EVENT;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The record is what was read, closed is closed, and what was accepted breaks no view. */
class TrustApiTest extends JobsOverHttp {
    @Test
    void everyReadingStandsAsItWasTypedInLedgerTapeAndCloseSheet() {
        long job = electric("Mate");
        Answer typed = post(
                job,
                "readings",
                ",\"station\":\"ACTION\",\"string\":6,\"text\":\"72.5\"",
                "mm,action=thou,relief=thou");
        assertThat(typed.status()).as(typed.text()).isEqualTo(200);
        JsonNode thou = app().get("/api/jobs/" + job + "?unit=thou").json();
        assertThat(thou.at("/action/rows/0/found").asString()).isEqualTo("72.5");
        assertThat(thou.at("/action/rows/0/now").asString()).isEqualTo("72.5");
        assertThat(thou.at("/tape/0/text").asString()).isEqualTo("Action 6 at 12: 72.5 thou");
        // shown in another unit the tape keeps what was typed
        JsonNode mm = job(job);
        assertThat(mm.at("/tape/0/text").asString()).isEqualTo("Action 6 at 12: 72.5 thou");
        assertThat(mm.at("/action/rows/0/now").asString()).isEqualTo("1.84");
        assertThat(mm.at("/action/rows/0/reckoned").asBoolean()).isFalse();
    }

    @Test
    void whatWasMovedIsReckonedInLedgerAndCloseSheetUntilItIsReadAgain() {
        long job = electric("Purser");
        readAll(job, 2.3, 2.2, 2.1, 2.0, 1.9, 1.8);
        assertThat(post(job, "action/screws", ",\"turns\":[\"-1 1/2\",\"\",\"\",\"\",\"\",\"\"]")
                        .status())
                .isEqualTo(200);
        JsonNode moved = post(job, "retunes", "").json();
        JsonNode row = moved.at("/action/rows/0");
        assertThat(row.get("found").asString()).isEqualTo("2.30");
        assertThat(row.get("reckoned").asBoolean()).isTrue();
        assertThat(row.get("now").asString()).startsWith("1.9");
        assertThat(row.get("spread").asString()).isNotEqualTo("0.00");
        assertThat(row.get("note").asString()).isEqualTo("read 2.30 before the last move");
        // the others did not move
        assertThat(moved.at("/action/rows/1/reckoned").asBoolean()).isFalse();
        assertThat(moved.at("/relief/rows/0/reckoned").asBoolean()).isFalse();
        JsonNode closing = moved.at("/closing/rows");
        JsonNode sixth = null;
        for (JsonNode line : closing) if (line.get("label").asString().equals("Action, string 6 E")) sixth = line;
        Objects.requireNonNull(sixth);
        assertThat(sixth.get("left").asString()).startsWith("reckoned 1.9").contains(" ± ");
        assertThat(sixth.get("reckoned").asBoolean()).isTrue();
        JsonNode again = read(job, "ACTION", 6, "1.85");
        assertThat(again.at("/action/rows/0/now").asString()).isEqualTo("1.85");
        assertThat(again.at("/action/rows/0/reckoned").asBoolean()).isFalse();
    }

    @Test
    void aDoubtWaitsInItsRowWithWhatCanBeSaidOfIt() {
        long job = electric("Stoker");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        JsonNode doubted = read(job, "ACTION", 4, "3.2");
        JsonNode doubt = doubted.at("/action/rows/2/doubt");
        assertThat(doubt.get("text").asString()).isEqualTo("3.20 mm");
        assertThat(doubt.get("why").asString()).contains("3.20 mm was read, 1.60 ±");
        // what stands is what was read before
        assertThat(doubted.at("/action/rows/2/now").asString()).isEqualTo("1.60");
        JsonNode moved = post(
                        job, "readings/moved", ",\"event\":" + doubt.get("seq").asLong())
                .json();
        assertThat(moved.at("/action/rows/2/now").asString()).isEqualTo("3.20");
        assertThat(moved.at("/action/rows/2/doubt").isMissingNode()).isTrue();
        assertThat(moved.at("/action/rows/2/found").asString()).isEqualTo("1.60");
        assertThat(moved.at("/tape/0/text").asString()).isEqualTo("Moved before the reading 3.2 mm, not counted");
    }

    @Test
    void zeroIsNoGapAndNoNegativeNumberIsShown() {
        long job = electric("Greaser");
        read(job, "RELIEF", 6, "0");
        JsonNode zero = read(job, "RELIEF", 1, "0");
        assertThat(zero.at("/relief/rows/0/now").asString()).isEqualTo("0");
        assertThat(zero.at("/relief/rows/0/verdictText").asString()).isEqualTo("no gap");
        for (JsonNode section : zero.get("sections"))
            assertThat(section.get("remark").asString()).isEqualTo("no gap: straight or bent back");
        assertThat(zero.toString()).doesNotContain("−");
        JsonNode turned = post(job, "relief/turns", ",\"turns\":\"-3/16\",\"finishTightening\":true,\"free\":false")
                .json();
        // what was nothing and has moved is not known; nobody reckons it
        assertThat(turned.at("/relief/rows/0/now").isMissingNode()).isTrue();
        post(job, "retunes", "");
        JsonNode first = read(job, "RELIEF", 6, "0.4");
        assertThat(first.at("/relief/rows/0/now").asString()).isEqualTo("0.40");
        assertThat(first.at("/relief/rows/0/doubt").isMissingNode()).isTrue();
    }

    @Test
    void aClosedJobIsFrozen() {
        long job = electric("Cook");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        JsonNode closed = post(job, "close", "").json();
        assertThat(closed.get("canUndo").asBoolean()).isFalse();
        String facts = closed.get("instrument").toString();
        long version = closed.at("/instrument/version").asLong();
        Answer corrected = app().put(
                        "/api/jobs/" + job + "/instrument",
                        "{\"version\":" + version + ",\"facts\":"
                                + facts.replace("\"scaleLength\":\"648\"", "\"scaleLength\":\"628\"") + "}");
        assertThat(corrected.status()).isEqualTo(409);
        assertThat(post(job, "undo", "").status()).isEqualTo(409);
        // the shop renames its school, the player and the instrument change elsewhere
        JsonNode schools = app().get("/api/shop/schools").json();
        app().put("/api/shop/schools", schools.toString().replace("\"label\":\"Middle\"", "\"label\":\"House\""));
        app().sql(sql -> sql.execute(
                "UPDATE instrument SET strings = '9 11 16 24w 32w 42w', name = 'Sold on', scale_length = 628"));
        app().sql(sql -> sql.execute("UPDATE player SET touch = 'heavy', name = 'Somebody else'"));
        JsonNode later = job(job);
        for (String part : List.of("instrument", "player", "touch", "relief", "nut", "action", "closing", "tape"))
            assertThat(later.get(part)).as(part).isEqualTo(closed.get(part));
        // reopened, it is about the instrument as it is now
        JsonNode reopened = post(job, "reopen", "").json();
        assertThat(reopened.at("/instrument/name").asString()).isEqualTo("Sold on");
        assertThat(reopened.at("/relief/target/label").asString()).isEqualTo("House");
        app().put(
                        "/api/shop/schools",
                        app().get("/api/shop/schools").json().toString().replace("\"House\"", "\"Middle\""));
    }

    @Test
    void theDirectionOfTheRodIsTakenBack() {
        long job = electric("Sailmaker");
        assertThat(post(job, "relief/direction", ",\"straightensAnticlockwise\":true")
                        .json()
                        .at("/relief/ways/straightensAnticlockwise")
                        .asBoolean())
                .isTrue();
        assertThat(post(job, "relief/direction", ",\"straightensAnticlockwise\":false")
                        .json()
                        .at("/relief/ways/straightensAnticlockwise")
                        .asBoolean(true))
                .isFalse();
    }

    @Test
    void aStationIsPutOffAndComesBack() {
        long job = electric("Bosun");
        JsonNode later = post(job, "later", ",\"station\":\"RELIEF\"").json();
        assertThat(later.at("/advice/headline").asString()).startsWith("Read the nut");
        assertThat(post(job, "later", ",\"station\":\"INTONATION\"").status()).isEqualTo(400);
    }

    @Test
    void quantitiesSpeakTheirOwnUnits() {
        long job = electric("Pilot");
        String units = "mm,relief=thou,nut=thou,action=in64,radius=inch,gauge=thou";
        post(job, "readings", ",\"station\":\"RELIEF\",\"string\":6,\"text\":\"8\"", units);
        JsonNode view = post(job, "readings", ",\"station\":\"ACTION\",\"string\":6,\"text\":\"5\"", units)
                .json();
        assertThat(view.at("/relief/rows/0/now").asString()).isEqualTo("8");
        assertThat(view.at("/relief/suffix").asString()).isEqualTo("thou");
        assertThat(view.at("/action/rows/0/now").asString()).isEqualTo("5/64");
        // over a column, where a bare 5 is 5 of these; behind a number it is a fraction of an inch
        assertThat(view.at("/action/suffix").asString()).isEqualTo("64ths");
        assertThat(view.at("/tape/0/text").asString()).endsWith("5/64 in");
        assertThat(view.at("/relief/rows/0/leaves/0/engraved").asString()).isEqualTo("thou");
        assertThat(view.at("/nutBench/slots/0/gauge").asString()).endsWith(" thou");
        assertThat(view.at("/bridge/arc").asString()).contains("radius 12.01 in");
        assertThat(view.toString()).doesNotContain("0/64+").doesNotContain("in in");
        // in 64ths relief and nut stay in thou, for nobody reads a relief in 64ths
        JsonNode in64 = app().get("/api/jobs/" + job + "?unit=in64").json();
        assertThat(in64.at("/relief/rows/0/now").asString()).isEqualTo("8");
        assertThat(app().get("/api/jobs/" + job + "?unit=mm,weight=mm")
                        .json()
                        .get("detail")
                        .asString())
                .contains("unit of “weight” is not known");
    }

    @ParameterizedTest
    @CsvSource({
        "thou, RELIEF, .008, 8t,      8 thou (0.20 mm)",
        "mm,   RELIEF, 8,    8t,      8 thou (0.20 mm)",
        "thou, ACTION, 1.8,  1.8mm,   1.80 mm",
    })
    void aNumberInAnotherUnitIsAskedAboutAndTheAnswerIsRecorded(
            String unit, String station, String text, String suggestion, String spoken) {
        long job = electric("Deckhand");
        String body = ",\"station\":\"%s\",\"string\":6,\"text\":\"%s\"";
        Answer asked = post(job, "readings", body.formatted(station, text), unit);
        assertThat(asked.status()).as(asked.text()).isEqualTo(422);
        assertThat(asked.json().get("suggestion").asString()).isEqualTo(suggestion);
        assertThat(asked.json().get("suggested").asString()).isEqualTo(spoken);
        Answer taken = post(job, "readings", body.formatted(station, suggestion) + ",\"sure\":true", unit);
        assertThat(taken.status()).isEqualTo(200);
    }

    @Test
    void oneBrokenJobNeverBreaksTheBench() {
        long broken = electric("Stowaway");
        read(broken, "RELIEF", 6, "0.2");
        app().sql(sql -> sql.update(JOB_EVENT)
                .set(JOB_EVENT.BODY, "{\"string\":6}")
                .where(JOB_EVENT.JOB_ID.eq(broken))
                .execute());
        JsonNode bench = app().get("/api/bench").json();
        JsonNode card = null;
        for (JsonNode one : bench.get("open")) if (one.get("id").asLong() == broken) card = one;
        Objects.requireNonNull(card);
        assertThat(card.get("next").asString()).isEqualTo("This job cannot be shown");
        // an own defect is a 500 with a sentence, not bad input
        Answer shown = app().get("/api/jobs/" + broken);
        assertThat(shown.status()).isEqualTo(500);
        assertThat(shown.json().get("detail").asString()).contains("an error of its own");
        // what cannot even be fetched takes no other along either
        app().sql(sql -> sql.execute("UPDATE job_event SET happened_at = 'after lunch' WHERE job_id = " + broken));
        assertThat(notShown()).containsExactly(broken);
        app().sql(sql ->
                sql.deleteFrom(JOB_EVENT).where(JOB_EVENT.JOB_ID.eq(broken)).execute());
        assertThat(notShown()).isEmpty();
        String itsInstrument = " WHERE id = (SELECT instrument_id FROM job WHERE id = " + broken + ")";
        app().sql(sql -> sql.execute("UPDATE instrument SET created_at = 'after lunch'" + itsInstrument));
        assertThat(notShown()).containsExactly(broken);
        app().sql(sql -> sql.execute("UPDATE instrument SET created_at = '2031-02-03T09:00:00.000Z'" + itsInstrument));
        assertThat(notShown()).isEmpty();
    }

    private static List<Long> notShown() {
        List<Long> cannot = new ArrayList<>();
        for (JsonNode one : app().get("/api/bench").json().get("open"))
            if (one.get("next").asString().equals("This job cannot be shown"))
                cannot.add(one.get("id").asLong());
        return cannot;
    }

    @ParameterizedTest
    @ValueSource(strings = {"mm", "thou", "in64"})
    void savingOneToolChangesNoOther(String unit) {
        JsonNode before = app().get("/api/shop/tools?unit=" + unit).json();
        JsonNode mm = app().get("/api/shop/tools").json();
        String bent = before.toString().replaceFirst("\"state\":\"good\"", "\"state\":\"bent\"");
        Answer kept = app().put("/api/shop/tools?unit=" + unit, bent);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        JsonNode after = app().get("/api/shop/tools").json();
        for (int i = 0; i < mm.get("tools").size(); i++)
            assertThat(after.at("/tools/" + i + "/mm")).isEqualTo(mm.at("/tools/" + i + "/mm"));
        assertThat(after.at("/tools/0/state").asString()).isEqualTo("bent");
        app().put("/api/shop/tools", after.toString().replaceFirst("\"state\":\"bent\"", "\"state\":\"good\""));
    }

    @Test
    void whatIsConfirmedIsWhatWasShown() {
        long job = electric("Whinchat");
        JsonNode shown = job(job);
        String more = ",\"move\":\"" + shown.at("/advice/move").asString() + "\"";
        assertThat(app().get("/api/jobs/" + job + "?unit=in64").json().at("/advice/move"))
                .isEqualTo(shown.at("/advice/move"));
        assertThat(post(job, "declined", more).status()).isEqualTo(200);
        // another move is advised by now: pressed once more, by a window that had not seen it, it leaves out nothing
        JsonNode now = job(job);
        Answer late = post(job, "declined", more);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("code").asString()).isEqualTo("move-changed");
        assertThat(late.json().get("detail").asString())
                .contains(now.at("/advice/headline").asString());
        assertThat(job(job).get("seq")).isEqualTo(now.get("seq"));
    }
}
