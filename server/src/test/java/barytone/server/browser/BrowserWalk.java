package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.server.MadeBefore;
import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A walk through the real page: the application with the demo data on a clock of the test's own, and a browser on it. */
abstract class BrowserWalk {
    /** When every walk begins. */
    static final Instant MORNING = MadeBefore.MORNING;

    /** One for each thread: classes walk side by side. */
    private static final ThreadLocal<RunningBarytone> APP = new ThreadLocal<>();

    private static final ThreadLocal<Browsing> BROWSING = new ThreadLocal<>();

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(MORNING);
        APP.set(RunningBarytone.demo(data));
        BROWSING.set(new Browsing(app().base()));
    }

    @AfterAll
    static void stop() {
        browsing().close();
        app().close();
    }

    @AfterEach
    void noPageMayFailOrAskOutside() {
        browsing().closeWindows();
        assertThat(browsing().troubles()).isEmpty();
        TestClock.set(MORNING);
    }

    static RunningBarytone app() {
        return APP.get();
    }

    static Browsing browsing() {
        return BROWSING.get();
    }

    static Page page(String path) {
        return browsing().page(path);
    }

    static Locator headline(Page page) {
        return page.getByTestId("headline");
    }

    /** The field of a station's ledger. */
    static Locator reading(Page page, String station, String string) {
        return page.getByLabel(Pattern.compile("^" + station + " reading under string " + string + "\\b.*"));
    }

    /** The record of the job that the page shows. */
    static JsonNode job(Page page) {
        String url = page.url();
        return app().get("/api/jobs/" + url.substring(url.lastIndexOf('/') + 1)).json();
    }

    /** The place of its last entry: asked again and again, this costs the server nothing. */
    static long seq(Page page) {
        String url = page.url();
        return app().seq(Long.parseLong(url.substring(url.lastIndexOf('/') + 1)));
    }

    /** Waits until the page shows more than a place of the tape. @return the job as it is then */
    static JsonNode shownAfter(Page page, long seq) {
        // asked by the page itself at every frame: an assertion would look again only after ever longer rests
        page.waitForFunction("seq => Number(document.querySelector('main')?.dataset.seq ?? 0) > seq", (double) seq);
        return job(page);
    }

    /** Opens a job of the demo data from the bench. */
    static Page demoJob(String name) {
        Page page = page("/");
        openFromBench(page, name);
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Next move")))
                .isVisible();
        return page;
    }

    /** Opens a job from the bench; it may stand among what is promised or waits too, under the same name. */
    static void openFromBench(Page page, String name) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    /** Opens a job of the demo data with no field having the keyboard. */
    static Page demoJobAtRest(String name) {
        Page page = demoJob(name);
        assertThat(headline(page)).not().isEmpty();
        page.keyboard().press("Escape");
        return page;
    }

    /** A name as the page and the server spell it. */
    static String spelt(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Takes in an instrument of a kind, as it usually is. */
    static Page takeIn(String kind, String... without) {
        Page page = page("/new");
        chooseKind(page, kind);
        page.getByLabel("Name on the ticket").fill("“Fulmar”");
        without(page, without);
        page.getByLabel("Name of the player or lender").fill("Saltholm Ferry Band");
        page.keyboard().press("Enter");
        assertThat(headline(page)).containsText("Read the relief");
        // who types before the cursor stands somewhere types nowhere
        assertThat(page.locator("input:focus")).hasCount(1);
        return page;
    }

    /** Presses a key of the next move, as a hand does: once the move has been seen. */
    static void key(Page page, String key) {
        page.waitForFunction(
                "() => { const main = document.querySelector('main'); return main?.dataset.armed === main?.dataset.move; }");
        page.keyboard().press(key);
    }

    /** Goes on against the advice: asked once, and meant. */
    static void goOn(Page page) {
        key(page, "f");
        assertThat(button(page, "Yes")).isFocused();
        page.keyboard().press("Enter");
    }

    /** At intake: what kind it is, by its silhouette. */
    static void chooseKind(Page page, String kind) {
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions()
                                .setName(InstrumentKind.valueOf(kind).label()))
                .click();
    }

    /** At intake: these stations are not agreed on. */
    static void without(Page page, String... stations) {
        for (String station : stations)
            page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(station))
                    .uncheck();
    }

    static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    static Locator button(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }
}
