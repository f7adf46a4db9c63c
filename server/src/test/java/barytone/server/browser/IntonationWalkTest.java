package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.server.sound.Wav;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Walks through the intonation and pickup stations as a technician does, with the real page, ears and all. */
@Order(1)
class IntonationWalkTest extends BrowserWalk {
    private static final double RATE = 44_100;
    private static final double NOTE = 1.5;
    private static final double[] OPEN = {329.628, 246.942, 195.998, 146.832, 110, 82.407};

    private static Locator cents(Page page, String note) {
        return page.getByLabel("Cents of " + note, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator row(Page page, String string) {
        return page.getByRole(
                AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^›? ?" + string + "\\b.*")));
    }

    private static void soon(Locator where, String text) {
        assertThat(where).containsText(text, new LocatorAssertions.ContainsTextOptions().setTimeout(90_000));
    }

    /** Every string open and in tune, then at 12 with its error, lowest first. */
    private static byte[] played(double... errors) {
        int each = (int) (NOTE * RATE);
        double[] all = new double[12 * each];
        for (int i = 0; i < 12; i++) {
            int string = 6 - i / 2;
            double f = i % 2 == 0 ? OPEN[string - 1] : 2 * OPEN[string - 1] * Math.pow(2, errors[i / 2] / 1200);
            double[] note =
                    PluckedSound.of(f, 0).noise(40).sound(NOTE, RATE, i + 1L).samples();
            System.arraycopy(note, 0, all, i * each, each);
        }
        return Wav.write(new Sound(all, RATE));
    }

    private static Page listening(Browsing ear, String url) {
        Page page = ear.listening(url);
        assertThat(headline(page)).not().isEmpty();
        page.keyboard().press("Shift+I");
        return page;
    }

    @Test
    void sixSaddlesAreSetByEarFromAsFoundToDone(@TempDir Path sounds) throws IOException {
        Page looking = demoJob("Redshank");
        String url = looking.url().substring(looking.url().indexOf("/jobs/"));
        takeBackPitches(looking, url);
        Path found = sounds.resolve("found.wav");
        Files.write(found, played(7, 4.2, 1.1, -3.1, 2.4, 0.6));
        try (Browsing ear = Browsing.hearing(app().base(), found)) {
            Page page = listening(ear, url);
            page.keyboard().press("m");
            soon(headline(page), "Move 4 saddles");
            page.keyboard().press("m");
            assertThat(row(page, "6 E")).containsText("sharp");
            assertThat(row(page, "3 G")).containsText("flat");
            assertThat(page.getByText(Pattern.compile("^String 1 at 12: \\+0\\.\\d cents, heard$"))
                            .first())
                    .isVisible();
            key(page, "d");
            assertThat(headline(page)).hasText("Retune, tuning up to pitch");
            assertThat(row(page, "6 E")).containsText("reckoned, sound again");
        }
        // the saddles followed, nearly
        Path left = sounds.resolve("left.wav");
        Files.write(left, played(0.8, 0.5, 1.1, -0.4, 0.3, 0.6));
        try (Browsing ear = Browsing.hearing(app().base(), left)) {
            Page page = listening(ear, url);
            page.keyboard().press("m");
            // hearing the open strings in tune is the retuning
            soon(headline(page), "intonation");
            page.keyboard().press("m");
            for (String string : new String[] {"6 E", "5 A", "3 G", "2 B"})
                assertThat(row(page, string)).containsText("good");
        }
    }

    /** What the demo read by tuner is taken back: the ear reads it all anew. */
    private static void takeBackPitches(Page page, String url) {
        for (JsonNode line : job(page).get("tape"))
            if (line.get("text").asString().endsWith("cents, typed"))
                app().post(
                                "/api" + url + "/undo",
                                "{\"after\":%s,\"key\":\"%s\",\"event\":%s}"
                                        .formatted(seq(page), UUID.randomUUID(), line.get("seq")));
        assertThat(headline(page)).hasText("Sound the notes of all strings, 6 E to 1 e");
    }

    @Test
    void aThreeBarrelBridgeIsSetWithTheStandIn() {
        Page page = demoJob("Lapwing");
        assertThat(headline(page)).hasText("Sound the notes of all strings, 6 E to 1 e");
        page.keyboard().press("v");
        assertThat(page.getByTestId("heard")).hasText("Sound 6 E open");
        Locator tape = page.getByText(Pattern.compile("cents, stand-in$"));
        sound(page, tape, 12);
        // what this window heard is no news to it
        assertThat(page.getByText("Another window added to this job")).hasCount(0);
        assertThat(headline(page)).containsText("Read the gaps");
        key(page, "l");
        assertThat(headline(page)).containsText("barrel");
        assertThat(page.getByText(Pattern.compile("a compensated barrel at")).first())
                .isVisible();
        // the lower string of the middle barrel matters most to this player
        page.keyboard().press("v");
        page.keyboard().press("h");
        dialog(page).getByLabel("Barrel 4–3").selectOption("favour-second");
        dialog(page)
                .getByLabel("19", new Locator.GetByLabelOptions().setExact(true))
                .click();
        button(dialog(page), "Read it this way").click();
        assertThat(page.getByText("frets 12, 19 against the open string")).isVisible();
        page.keyboard().press("v");
        assertThat(page.getByTestId("heard")).containsText("Sound");
        sound(page, tape, 18);
        page.keyboard().press("v");
        key(page, "d");
        assertThat(headline(page)).hasText("Retune, tuning up to pitch");
        page.keyboard().press("r");
        assertThat(headline(page)).containsText("Sound again the notes of");
        // another move than advised is recorded too
        page.keyboard().press("o");
        page.getByLabel("Barrel 2–1, turns clockwise").fill("-1/8");
        button(page, "Record it").click();
        assertThat(page.getByText("Barrel 2–1 1/8 turn anticlockwise")).isVisible();
        page.keyboard().press("Escape");
        toTheEnd(page);
        // one saddle under two strings: as near as it goes
        assertThat(page.getByText("Intonation: as near as it goes.", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        assertThat(row(page, "3 G")).containsText("good");
    }

    /** Does what is said until nothing is left to do. */
    private static void toTheEnd(Page page) {
        JsonNode job = job(page);
        for (int step = 0; step < 60; step++) {
            String kind = job.at("/advice/kind").asString();
            if (kind.equals("done")) return;
            // what was put off until after the work is asked for again, and left
            boolean gaps = job.at("/advice/station").asString().equals("pickups");
            boolean listens = page.getByTestId("heard").count() > 0;
            if (kind.equals("measure") && !listens && !gaps) {
                page.keyboard().press("v");
                assertThat(page.getByTestId("heard")).containsText("Sound");
            }
            key(page, gaps ? "l" : kind.equals("measure") ? "p" : kind.equals("retune") ? "r" : "d");
            long before = job.get("seq").asLong();
            job = shownAfter(page, before);
            assertThat(headline(page)).hasText(job.at("/advice/headline").asString());
        }
        throw new AssertionError("still to do: " + job.at("/advice/headline"));
    }

    /** Plucks what is asked for until so many notes are on the tape. */
    private static void sound(Page page, Locator tape, int wanted) {
        for (int had = tape.count(); had < wanted; had++) {
            page.keyboard().press("p");
            assertThat(tape).hasCount(had + 1);
        }
    }

    @Test
    void stringsAreStatedAndSaddlesMeasuredInTheirPanel() {
        Page page = demoJob("Turnstone");
        page.keyboard().press("Shift+I");
        page.keyboard().press("e");
        dialog(page).getByLabel("What is on").selectOption("old");
        assertThat(dialog(page).getByLabel("What is on")).hasValue("old");
        dialog(page).getByLabel("Drop of string 6 E, cents").fill("12");
        dialog(page).getByLabel("Drop of string 6 E, cents").press("Enter");
        assertThat(dialog(page).getByText("1 round, last −12.0 cents")).isVisible();
        String[] places = {"0.4", "0.9", "1.3", "1.8", "2.4"};
        String[] names = {"2 B", "3 G", "4 D", "5 A", "6 E"};
        for (int i = 0; i < 5; i++)
            dialog(page)
                    .getByLabel(names[i], new Locator.GetByLabelOptions().setExact(true))
                    .fill(places[i]);
        button(dialog(page), "Check it").click();
        assertThat(dialog(page).getByText(Pattern.compile("does not step back")))
                .isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText(
                        "Old strings: what is set on them is provisional.",
                        new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        assertThat(page.getByText("String 6 E still gives", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        // typed from a tuner, and a question before half a semitone is believed
        cents(page, "6 E at 12").fill("60");
        cents(page, "6 E at 12").press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Is it this note?");
        button(page.getByRole(AriaRole.ALERT), "Type it again").click();
        cents(page, "6 E at 12").fill("3.5");
        cents(page, "6 E at 12").press("Enter");
        assertThat(row(page, "6 E")).containsText("+3.5");
        assertThat(page.getByText("String 6 at 12: +3.5 cents, typed")).isVisible();
    }

    private static boolean heardSoon(Page page, String text) {
        try {
            assertThat(page.getByTestId("heard"))
                    .containsText(text, new LocatorAssertions.ContainsTextOptions().setTimeout(12_000));
            return true;
        } catch (AssertionError notYet) {
            return false;
        }
    }

    @Test
    void pickupsAreMeasuredTurnedAndHeard() {
        Page page = demoJob("Turnstone");
        page.keyboard().press("Shift+P");
        String[] sides = {"Bass side, under 6 E", "Treble side, under 1 e"};
        for (String pickup : new String[] {"Neck pickup", "Bridge pickup"})
            for (String side : sides) {
                Locator field = page.getByLabel(pickup + ", " + side + ", mm");
                field.fill(side.startsWith("Bass") ? "3.4" : "2.0");
                field.press("Enter");
                assertThat(field).hasValue("");
            }
        assertThat(page.getByText("0.60 too far").first()).isVisible();
        button(page, "Check the level").first().click();
        button(page, "Stand-in").click();
        assertThat(page.getByTestId("heard")).hasText("Sound 6 open");
        // a pluck before the input has been quiet for a moment is not heard as one: it is plucked again
        for (int i = 0; i < 4 && !heardSoon(page, "5 A open"); i++)
            page.keyboard().press("p");
        assertThat(page.getByTestId("heard")).containsText("5 A open");
        button(page, "Stop the level check").click();
        button(page, "What it shows").first().click();
        page.getByLabel("pulls the pitch").click();
        assertThat(page.getByText(
                        "Its magnets pull the string: lower it.", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        page.getByLabel("Lowered out of the way for the setup").click();
        assertThat(page.getByRole(AriaRole.NAVIGATION).getByText("lowered for the setup"))
                .isVisible();
        page.keyboard().press("o");
        page.getByLabel("Bass side, turns clockwise").fill("1 1/2");
        button(page, "Record it").click();
        assertThat(page.getByText("Neck pickup, bass 1 1/2 turns clockwise")).isVisible();
    }
}
