package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Makes the pictures of the main views from the demo data ({@code ./barytone shots}). Not part of the tests: its name keeps
 * it out of an ordinary run.
 */
class Screenshots {
    private static final Path FOLDER = Path.of("..", System.getProperty("shots", "target/shots"));

    @Test
    void mainViews(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-04T10:20:00Z"));
        try (RunningBarytone app = RunningBarytone.in(data, TestClock.standing(), "--barytone.demo=true");
                Browsing browsing = Browsing.drawing(app.base())) {
            Page bench = browsing.page("/");
            assertThat(bench.getByText("Three-barrel electric “Turnstone”").first())
                    .isVisible();
            // the day comes after the jobs
            assertThat(bench.getByText("after the rehearsal")).isVisible();
            shot(bench, "bench");

            shot(job(browsing, "Cormorant", 1280, 800), "job-next-move");
            Page hunt = job(browsing, "Avocet", 1280, 800);
            hunt.keyboard().press("Shift+F");
            assertThat(hunt.getByText("A high fret: 9").first()).isVisible();
            shot(hunt, "job-frets");
            Page tries = job(browsing, "Scoter", 1280, 800);
            tries.keyboard().press("Shift+T");
            Locator saddle = tries.getByLabel("String at the saddle");
            saddle.focus();
            for (int i = 0; i < 26; i++) saddle.press("Shift+ArrowDown");
            assertThat(tries.getByTestId("headline")).containsText("touches");
            shot(tries, "what-if");

            Page wall = browsing.page("/wall");
            assertThat(wall.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Promised")))
                    .containsText("Pintail");
            shot(wall, "wall");
            shot(job(browsing, "Turnstone", 1280, 800), "job-action-barrels");
            Page across = job(browsing, "Turnstone", 820, 1180);
            shot(across, "job-action-tablet");
            Page shop = browsing.page("/shop");
            assertThat(shop.getByText("Pressed gap, held behind 3")).isVisible();
            shot(shop, "tools-and-schools");

            Page intake = browsing.page("/new?instrument=5");
            assertThat(intake.getByText("Offered then, not taken:")).isVisible();
            assertThat(intake.getByText("fixed saddle in a slot").first()).isVisible();
            shot(intake, "intake");

            Page relief = browsing.page("/scratch/relief");
            assertThat(relief.getByText("As read: held at 1 and 16, gauge at 8"))
                    .isVisible();
            shot(relief, "scratch-relief");
            Page pitch = browsing.page("/pitch");
            pitch.getByLabel("Usual tunings").selectOption("baritone");
            assertThat(pitch.getByText("61.74 Hz")).isVisible();
            pitch.getByLabel("Pluck the stand-in's string 6").click();
            assertThat(pitch.getByText(", steady")).isVisible();
            shot(pitch, "pitch");

            shot(job(browsing, "Redshank", 1280, 800), "job-intonation");
            Page ear = job(browsing, "Lapwing", 1280, 800);
            ear.keyboard().press("v");
            assertThat(ear.getByTestId("heard")).hasText("Sound 6 E open");
            ear.keyboard().press("p");
            assertThat(ear.getByText("String 6 open: 0.0 cents, stand-in")).isVisible();
            // a fretted note somewhat sharp, once it is steady and recorded
            ear.keyboard().press("p");
            assertThat(ear.getByText(Pattern.compile("^String 6 at 12: .*stand-in$")))
                    .isVisible();
            ear.keyboard().press("p");
            assertThat(ear.getByTestId("heard")).containsText("5 A open");
            assertThat(ear.getByText(Pattern.compile("^String 5 open: .*stand-in$")))
                    .isVisible();
            ear.keyboard().press("p");
            assertThat(ear.getByTestId("heard")).containsText("5 A at 12 taken");
            shot(ear, "job-listening");
            Page pickups = job(browsing, "Turnstone", 1280, 800);
            pickups.keyboard().press("Shift+P");
            assertThat(pickups.getByText("Neck pickup").first()).isVisible();
            shot(pickups, "job-pickups");

            Page history = browsing.page("/instruments/10");
            assertThat(history.getByText("The coming season")).isVisible();
            shot(history, "instrument");
            Page agreed = job(browsing, "Eider", 1280, 800);
            agreed.keyboard().press("Escape");
            agreed.keyboard().press("Shift+Q");
            for (String line : new String[] {
                "Setup: relief, nut, action, intonation, 65.00",
                "Set of strings, 12.00",
                "Loose screws tightened, for nothing"
            }) agreed.getByLabel("Add from the price list").selectOption(line);
            assertThat(agreed.getByText("Take that day")).isVisible();
            shot(agreed, "agreed");
            shot(browsing.page("/api/jobs/14/card/print", 900, 1000), "card");

            Page leaves = job(browsing, "Eider", 1280, 800);
            leaves.getByLabel("Leaf 0.18 mm: not tried").click();
            leaves.getByLabel("Leaf 0.23 mm: not tried").click();
            leaves.getByLabel("Leaf 0.23 mm: free").click();
            leaves.getByLabel("Leaf 0.23 mm: touches").click();
            leaves.getByLabel("Leaf 0.18 mm: not tried").click();
            shot(leaves, "job-first-reading");

            Page look = browsing.page("/jobs/10/arrival?step=look");
            mark(look, 985, 118, "lifted-bridge", "paper goes in behind it");
            mark(look, 712, 267, "dent", "a keepsake");
            look.getByLabel("Tuners: not looked at").focus();
            for (String key : new String[] {"f", "f", "n"}) look.keyboard().press(key);
            look.keyboard().type("ends sharp");
            look.keyboard().press("Enter");
            assertThat(look.getByText("ends sharp")).isVisible();
            shot(look, "look-over");
        }
    }

    private static void mark(Page page, int x, int y, String kind, String note) {
        page.getByLabel("Mark something on the drawing").click(new Locator.ClickOptions().setPosition(x, y));
        page.getByLabel("What is seen there").selectOption(kind);
        page.getByLabel("In words").fill(note);
        page.getByText("Mark it").click();
        assertThat(page.getByLabel("Mark: ", new Page.GetByLabelOptions().setExact(false))
                        .getByText(note, new Locator.GetByTextOptions().setExact(false)))
                .isVisible();
    }

    private static Page job(Browsing browsing, String name, int width, int height) {
        Page page = browsing.page("/", width, height);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("“" + name + "”")))
                .first()
                .click();
        assertThat(page.getByTestId("headline")).isVisible();
        return page;
    }

    private static void shot(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
