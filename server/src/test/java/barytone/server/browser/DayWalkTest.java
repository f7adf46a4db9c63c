package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A busy day at the bench: six instruments between the morning and a promise that is kept. */
@Order(4)
class DayWalkTest extends BrowserWalk {
    private static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Opens a job from one of the lists of the bench. */
    private static void open(Page page, String list, String name) {
        page.navigate("/");
        region(page, list)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile(".*“" + name + "”.*")))
                .first()
                .click();
        assertThat(headline(page)).not().isEmpty();
    }

    private static void openDayPanel(Page page) {
        page.keyboard().press("Escape");
        page.keyboard().press("Shift+D");
        assertThat(region(page, "Promise")).isVisible();
    }

    @Test
    void fromMorningToAKeptPromise() {
        Page page = page("/");
        // morning: what cures, what is awaited and what is dry waits, each with its end
        Locator waiting = region(page, "Waiting");
        assertThat(waiting).containsText("Flat-top “Gadwall”");
        assertThat(waiting).containsText("The player is to play it: after the rehearsal");
        assertThat(waiting).containsText(Pattern.compile("Flat-top “Phalarope”.*until about Friday 7 February"));
        assertThat(region(page, "Now")).not().containsText("Gadwall");
        assertThat(region(page, "Promised")).containsText("this evening");

        // one: a new instrument is promised for the first day that will be kept
        Page counter = takeIn("ELECTRIC", "Nut", "Action", "Intonation", "Pickups", "Frets");
        openDayPanel(counter);
        long before = seq(counter);
        button(counter, "Promise that").click();
        shownAfter(counter, before);
        counter.keyboard().press("Escape");
        assertThat(dialog(counter)).hasCount(0);
        assertThat(counter.getByText(Pattern.compile("^Promised for "))).isVisible();
        String promised = app().get("/api/jobs/" + job(counter).get("id").asLong())
                .json()
                .at("/promise/text")
                .asString();
        assertThat(promised).isNotEmpty();

        // two: the neck settles, and meanwhile another is worked on
        open(page, "Waiting", "Pintail");
        assertThat(headline(page)).hasText("Leave the neck to settle");
        Locator meanwhile = region(page, "Meanwhile");
        assertThat(meanwhile.getByRole(AriaRole.LINK)).hasCount(3);
        meanwhile.getByRole(AriaRole.LINK).first().click();
        assertThat(headline(page)).not().hasText("Leave the neck to settle");

        // three: a reading is being typed when that neck has settled
        open(page, "Now", "Eider");
        reading(page, "Relief", "6").fill("0.1");
        TestClock.pass(Duration.ofMinutes(12));
        page.evaluate("document.dispatchEvent(new Event('visibilitychange'))");
        Locator notice = page.getByTestId("notice");
        assertThat(notice).containsText(Pattern.compile("(Pintail: neck settled|Gadwall: cured)"));
        assertThat(reading(page, "Relief", "6")).isFocused();
        assertThat(reading(page, "Relief", "6")).hasValue("0.1");
        page.keyboard().type("2");
        page.keyboard().press("Enter");
        assertThat(reading(page, "Relief", "1")).isFocused();

        // four: the answer is here, and it is there again among what can be done
        open(page, "Waiting", "Brambling");
        assertThat(headline(page)).hasText("An answer is awaited");
        before = seq(page);
        page.keyboard().press("Escape");
        key(page, "d");
        shownAfter(page, before);
        assertThat(headline(page)).not().hasText("An answer is awaited");
        page.keyboard().press("b");
        assertThat(region(page, "Now")).containsText("Brambling");
        assertThat(region(page, "Waiting")).not().containsText("Brambling");

        // five: a part has to come
        open(page, "Now", "Turnstone");
        openDayPanel(page);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("A part is ordered").setExact(true))
                .click();
        page.getByLabel(Pattern.compile("^Until")).fill("yesterday");
        button(page, "Let it wait").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“yesterday”; allowed is a time to come");
        page.getByLabel(Pattern.compile("^Until")).fill("tomorrow");
        page.getByLabel("What for, in your words").fill("a barrel screw");
        before = seq(page);
        button(page, "Let it wait").click();
        shownAfter(page, before);
        page.keyboard().press("Escape");
        assertThat(headline(page)).hasText("A part is ordered");

        // six: the fill has cured
        open(page, "Now", "Gadwall");
        assertThat(headline(page)).not().containsText("wait");

        // the promise: read, nothing needs doing, handed over in time
        reading(counter, "Relief", "6").fill("0.2");
        reading(counter, "Relief", "6").press("Enter");
        assertThat(reading(counter, "Relief", "1")).isFocused();
        counter.keyboard().type("0.17");
        counter.keyboard().press("Enter");
        assertThat(headline(counter)).containsText("Leave it: nothing needs doing");
        TestClock.pass(Duration.ofHours(1));
        counter.keyboard().press("Escape");
        key(counter, "d");
        button(dialog(counter), "Close the job").click();
        assertThat(headline(counter)).hasText("Closed");
        Page shop = page("/shop");
        assertThat(shop.getByText("The last promise was kept.")).isVisible();

        // and on the wall
        Page wall = page("/wall");
        assertThat(region(wall, "Waiting")).containsText("Turnstone");
        assertThat(region(wall, "Promised")).not().containsText("Fulmar");
    }
}
