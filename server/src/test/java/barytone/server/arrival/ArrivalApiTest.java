package barytone.server.arrival;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import barytone.server.job.JobsOverHttp;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is said and seen when an instrument is taken in. */
class ArrivalApiTest extends JobsOverHttp {
    private static final String HURT =
            ",\"words\":\"%s\",\"signs\":[%s],\"where\":[%s],\"strings\":[%s],\"styles\":[\"slide\"],\"capo\":2,\"like\":\"the other one\"";

    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String refused(Answer answer, int status) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        return answer.json().get("detail").asString();
    }

    private static JsonNode mark(long job, String kind, String more) {
        return ok(post(job, "condition", ",\"kind\":\"" + kind + "\",\"side\":\"front\",\"x\":0.8,\"y\":0.5" + more));
    }

    private static List<String> told(JsonNode job) {
        return job.at("/arrival/steps")
                .valueStream()
                .map(s -> s.get("told").asString())
                .toList();
    }

    @Test
    void whatHurtsIsToldOnTheJobTheCardAndInTheSearch() {
        long job = electric("Hurting");
        ok(post(job, "hurt", HURT.formatted("Since the ferry", "\"buzzes\",\"since-season\"", "\"low\"", "6")));
        JsonNode page = job(job);
        assertThat(page.get("complaint").asString())
                .isEqualTo("Since the ferry (buzzes; since the season turned; low, frets 1 to 4; string 6)");
        assertThat(page.at("/arrival/hurt/capo").asInt()).isEqualTo(2);
        assertThat(page.at("/tape/0/text").asString()).startsWith("What hurts: Since the ferry (buzzes");
        assertThat(app().get("/api/jobs/" + job + "/card?unit=mm")
                        .json()
                        .get("complaint")
                        .asString())
                .startsWith("Since the ferry");
        post(job, "close", "");
        assertThat(app().get("/api/bench/closed?words=ferry").json().get("jobs"))
                .hasSize(1);
        // undone, it is as it was said at the counter
        ok(post(job, "reopen", ""));
        assertThat(job(job).get("complaint").asString()).startsWith("Since the ferry");
        long event = page.at("/tape/0/seq").asLong();
        ok(post(job, "undo", ",\"event\":" + event));
        assertThat(job(job).get("complaint").asString()).isEmpty();
    }

    @Test
    void wrongStringsFretsAndLongTextsAreRefusedWithWhatIsAllowed() {
        long job = open(opening("Wrong", "NYLON", "E A D G B E", 20, 14, ""));
        assertThat(refused(post(job, "hurt", HURT.formatted("", "", "", "7")), 400))
                .isEqualTo("string: given 7; allowed is 1 to 6.");
        assertThat(refused(post(job, "hurt", HURT.formatted("", "", "", "").replace(":2", ":21")), 400))
                .contains("capo");
        assertThat(refused(post(job, "hurt", HURT.formatted("x".repeat(20_001), "", "", "")), 400))
                .contains("20001 characters");
        assertThat(ok(post(job, "hurt", HURT.formatted("\u05e9\u05dc\u05d5\u05dd \ud83c\udfb8", "", "", "")))
                        .get("complaint")
                        .asString())
                .isEqualTo("\u05e9\u05dc\u05d5\u05dd \ud83c\udfb8");
        assertThat(refused(post(job, "condition", ",\"kind\":\"dent\",\"side\":\"front\",\"x\":1.2,\"y\":0.5"), 400))
                .contains("x: given 1.2");
        assertThat(post(job, "condition", ",\"kind\":\"scratchy\",\"side\":\"front\",\"x\":0.2,\"y\":0.5")
                        .status())
                .isEqualTo(400);
        assertThat(refused(post(job, "condition/gone", ",\"event\":1"), 400)).contains("a mark that is on the drawing");
        assertThat(refused(post(job, "damage-agreed", ""), 400)).contains("damage that stops the job");
        assertThat(refused(post(job, "looked", ",\"spot\":\"trees\",\"state\":\"fine\""), 400))
                .isEqualTo(
                        "spot: given String trees; allowed is Tuners, Nut, Frets and their ends, Neck joint, Bridge, "
                                + "Saddles and their screws, Other screws, Strap buttons.");
    }

    @Test
    void damageStopsWhatPullsUntilItIsAgreedOn() {
        long job = electric("Cracked");
        read(job, "RELIEF", 6, "0.3");
        JsonNode page = mark(job, "crack", ",\"note\":\"40 mm, old\"");
        assertThat(page.at("/advice/headline").asString()).isEqualTo("Agree first what happens about the crack");
        assertThat(page.at("/advice/why/0").asString())
                .isEqualTo("Front: crack, 40 mm, old. Tension opens a crack further.");
        assertThat(refused(
                        post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false"), 409))
                .startsWith("Stopped by damage: crack.");
        assertThat(refused(post(job, "retunes", ""), 409)).contains("wait until it is agreed");
        // reading and slackening do not wait
        read(job, "RELIEF", 1, "0.3");
        ok(post(job, "tended", ",\"what\":\"strings-off\""));
        // an agreement has words
        assertThat(refused(post(job, "damage-agreed", ",\"how\":\" \""), 400))
                .contains("what was agreed about the damage");
        ok(post(job, "damage-agreed", ",\"how\":\"by telephone: glued first\""));
        assertThat(job(job).at("/tape/0/text").asString()).isEqualTo("Damage agreed on: by telephone: glued first");
        ok(post(job, "tended", ",\"what\":\"strings-on\""));
        ok(post(job, "retunes", ""));
    }

    @Test
    void aMarkIsMovedTakenOffAndStandsOnTheCard() {
        long job = electric("Marked");
        JsonNode one = mark(job, "dent", "");
        long event = one.at("/arrival/marks/0/event").asLong();
        JsonNode two = mark(job, "dent", ",\"note\":\"a keepsake\",\"instead\":" + event);
        assertThat(two.at("/arrival/marks")).hasSize(1);
        // photos of it go on belonging to it
        assertThat(two.at("/arrival/marks/0/event").asLong()).isEqualTo(event);
        assertThat(two.at("/arrival/marks/0/text").asString()).isEqualTo("dent, a keepsake");
        assertThat(app().get("/api/jobs/" + job + "/card")
                        .json()
                        .at("/condition/0")
                        .asString())
                .isEqualTo("Front: dent, a keepsake.");
        JsonNode none = ok(post(
                job,
                "condition/gone",
                ",\"event\":" + two.at("/arrival/marks/0/event").asLong()));
        assertThat(none.at("/arrival/marks")).isEmpty();
        assertThat(ok(post(job, "undo", "")).at("/arrival/marks")).hasSize(1);
    }

    @Test
    void smallFixesAreDoneForNothingAndSaid() {
        long job = electric("Loose");
        JsonNode page = ok(post(job, "looked", ",\"spot\":\"strap\",\"state\":\"fixed\",\"note\":\"longer screw\""));
        assertThat(page.at("/tape/0/text").asString())
                .isEqualTo("Looked at: strap buttons, longer screw, put right for nothing");
        assertThat(told(page)).contains("1 of 11 looked at");
        assertThat(app().get("/api/jobs/" + job + "/card").json().at("/work").toString())
                .contains("Strap buttons: longer screw, for nothing");
    }

    @Test
    void otherStringsAreForetoldBeforeTheyGoOn() {
        long job = electric("Heavier");
        String asked = "/api/jobs/" + job + "/strings-forecast?unit=mm&set=";
        JsonNode more = app().get(asked + "11%2014%2018%2028w%2038w%2049w").json();
        assertThat(more.get("said").asString()).contains("N more").contains("relief and action rise");
        assertThat(more.get("ripple").toString()).contains("\"change\":\"+0.");
        JsonNode less = app().get(asked + "&tuning=D%20G%20C%20F%20A%20D").json();
        assertThat(less.get("said").asString()).contains("N less").contains("relief and action fall");
        JsonNode planned = ok(post(
                job, "strings-plan", ",\"change\":false,\"tuning\":\"D G C F A D\",\"trial\":false,\"missing\":[]"));
        assertThat(planned.at("/arrival/strings/tuning").asString()).isEqualTo("D2 G2 C3 F3 A3 D4");
        assertThat(planned.at("/tape/0/text").asString()).isEqualTo("Strings: keep, tuned D2 G2 C3 F3 A3 D4");
        assertThat(planned.at("/arrival/names/0/label").asString()).isEqualTo("6 E");
        assertThat(planned.at("/arrival/names/5/label").asString()).isEqualTo("1 e");
        assertThat(app().get(asked + "10%2013%2017%2026w").status()).isEqualTo(400);
        assertThat(app().get(asked + "ten").status()).isEqualTo(400);
        assertThat(app().get(asked + "&tuning=E%20A%20D%20G%20B")
                        .json()
                        .get("detail")
                        .asString())
                .contains("6 notes");
    }

    @Test
    void whatWasReadOnAPartOfTheSetIsProvisionalAndSaidSo() {
        long job = electric("Outer two");
        String plan =
                ",\"change\":true,\"set\":\"10 13 17 26w 36w 46w\",\"age\":\"old\",\"by\":\"the shop\",\"trial\":false,\"missing\":[%s]";
        ok(post(job, "strings-plan", plan.formatted("2,3,4,5")));
        assertThat(job(job).at("/advice/headline").asString()).isEqualTo("Put on strings 2 B, 3 G, 4 D and 5 A first");
        assertThat(refused(post(job, "readings", ",\"station\":\"ACTION\",\"string\":5,\"text\":\"1.7\""), 400))
                .contains("5 A, which is missing");
        ok(post(job, "readings", ",\"station\":\"ACTION\",\"string\":6,\"text\":\"1.8\""));
        assertThat(job(job).at("/action/rows")).hasSize(2);
        assertThat(job(job).at("/closing/remarks").toString())
                .contains("Read without strings 2 B, 3 G, 4 D, 5 A: all of it is provisional");
        JsonNode whole = ok(post(job, "strings-plan", plan.formatted("")));
        assertThat(whole.at("/advice/kind").asString()).isEqualTo("retune");
        assertThat(whole.at("/arrival/provisional").isMissingNode()).isTrue();
        assertThat(refused(post(job, "strings-plan", plan.formatted("1,2,3,4,5,6")), 400))
                .contains("at least one string");
    }

    @Test
    void workThatWasNotAgreedOnIsAskedAboutFirst() {
        long job = electric("Only the neck");
        ok(post(job, "scope", ",\"stations\":[\"relief\"]"));
        String strokes = ",\"slots\":[{\"string\":6,\"strokes\":3,\"light\":false}]";
        Answer asked = post(job, "nut/filings", strokes);
        assertThat(refused(asked, 422)).startsWith("Work on the nut was not agreed on. Ask the player first");
        assertThat(asked.json().get("code").asString()).isEqualTo("outside");
        assertThat(asked.json().get("station").asString()).isEqualTo("nut");
        JsonNode agreed = ok(post(job, "agreed-too", ",\"station\":\"nut\",\"how\":\"by telephone\""));
        assertThat(agreed.at("/tape/0/text").asString()).isEqualTo("Agreed by telephone: nut too");
        assertThat(post(job, "nut/filings", strokes).status()).isEqualTo(200);
    }

    @Test
    void whatNeedsNothingIsAFullResultOnTheCard() {
        long job = electric("Fine as it is");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        JsonNode page = job(job);
        assertThat(page.at("/advice/headline").asString()).isEqualTo("Leave it: nothing needs doing");
        ok(post(job, "close", ""));
        JsonNode card = app().get("/api/jobs/" + job + "/card").json();
        assertThat(card.get("work").get(0).asString()).startsWith("Nothing needed doing");
        assertThat(card.get("ready").asString()).contains("was measured and needs nothing");
        assertThat(card.hasNonNull("bill")).isFalse();
        // what is paid for was done, though it moved nothing
        ok(post(job, "reopen", ""));
        ok(
                post(
                        job,
                        "agreement",
                        ",\"lines\":[{\"kind\":\"service\",\"text\":\"Board oiled\",\"price\":\"5\",\"why\":\"\"}],\"worth\":\"\",\"promised\":\"\",\"acceptedBy\":\"\",\"acceptedHow\":\"\""));
        ok(post(job, "close", ""));
        assertThat(app().get("/api/jobs/" + job + "/card").json().get("work").toString())
                .doesNotContain("Nothing needed doing");
    }

    @Test
    void wornFretsAreSpokenOfBeforeTheActionIsLowered() {
        long job = electric("Worn");
        assertThat(job(job).at("/arrival/sayBefore").isMissingNode()).isTrue();
        assertThat(mark(job, "worn-frets", "").at("/arrival/sayBefore").asString())
                .contains("low action on them will buzz");
    }

    @Test
    void whatIsHeardAtTheEndIsAcceptedOrStaysOpenAndGoesOnTheCard() {
        long job = electric("Played");
        String note = ",\"notes\":[{\"string\":5,\"fret\":7,\"mark\":\"buzz\",\"pluck\":\"hard\",\"plugged\":false}]";
        ok(post(job, "play-off/parts", ",\"part\":\"open\",\"plugged\":false"));
        JsonNode page = ok(post(job, "frets/notes", note));
        assertThat(page.at("/tape/0/text").asString()).isEqualTo("5 A at 7 buzzes, played hard");
        assertThat(page.at("/playOff/parts/0/unplugged").asBoolean()).isTrue();
        assertThat(page.at("/closing/remarks").toString()).contains("Heard and not accepted: 5 A at 7");
        JsonNode accepted =
                ok(post(job, "play-off/accepted", ",\"by\":\"the player\",\"how\":\"not heard amplified\""));
        assertThat(accepted.at("/playOff/heard/0/accepted").asBoolean()).isTrue();
        assertThat(app().get("/api/jobs/" + job + "/card")
                        .json()
                        .get("cautions")
                        .toString())
                .contains("Known to the player and accepted: 5 A at 7 buzzes, played hard.");
        assertThat(refused(post(job, "play-off/accepted", ",\"by\":\"the player\""), 400))
                .contains("not accepted yet");
        assertThat(refused(post(job, "frets/notes", note.replace(":7", ":21")), 400))
                .isEqualTo("fret: given 21; allowed is 0 to 20.");
        assertThat(ok(post(job, "frets/notes", note.replace("buzz", "clean"))).at("/playOff/heard"))
                .isEmpty();
    }

    @Test
    void conditioningHasAnEnd() {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        long job = open(opening("Dry", "FLAT_TOP", "E A D G B E", 20, 14, ""));
        JsonNode dry = ok(post(job, "air", ",\"place\":\"room\",\"humidity\":\"31\""));
        assertThat(dry.at("/air/said").asString()).endsWith("That takes until about Friday 7 February.");
        TestClock.set(Instant.parse("2031-02-08T09:00:00Z"));
        assertThat(job(job).at("/air/said").asString()).endsWith("It has had its days: read the air again.");
        assertThat(ok(post(job, "air", ",\"place\":\"room\",\"humidity\":\"46\""))
                        .at("/air/said")
                        .asString())
                .isEqualTo("Fine for flat-top acoustic.");
    }

    @Test
    void whatIsKeptForAnInstrumentAndAPlayerIsToldOnTheirPages() {
        long job = electric("Keeper");
        JsonNode page = job(job);
        ok(post(job, "order", ",\"order\":\"ballpark-first\""));
        for (String scope : List.of("instrument", "player"))
            for (String what : List.of("relief", "order"))
                assertThat(app().put(
                                        "/api/jobs/" + job + "/wishes",
                                        "{\"what\":\"" + what + "\",\"scope\":\"" + scope + "\"}")
                                .status())
                        .isEqualTo(204);
        JsonNode instrument = app().get(
                        "/api/instruments/" + page.get("instrumentId").asLong())
                .json();
        assertThat(instrument.get("favourites")).hasSize(2);
        assertThat(instrument.at("/favourites/0").asString()).startsWith("Relief: ");
        assertThat(instrument.at("/favourites/1").asString()).startsWith("Order of work: ");
        assertThat(app().get("/api/players/" + page.get("playerId").asLong())
                        .json()
                        .get("favourites"))
                .isEqualTo(instrument.get("favourites"));
    }

    @Test
    void whatIsNotDoneYetIsSaidInWords() {
        long job = electric("New");
        assertThat(job(job).at("/arrival/missing").asString())
                .isEqualTo("Still open: what hurts, look over, air, strings, agreed. None of it has to be done now.");
        JsonNode choices = app().get("/api/arrival/choices").json();
        assertThat(choices.get("signs")).hasSize(10);
        assertThat(choices.at("/conditions/2/stops").asBoolean()).isTrue();
    }
}
