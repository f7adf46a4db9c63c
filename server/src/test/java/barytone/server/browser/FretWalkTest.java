package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Two planted faults, from the complaint to the closed case, by keys. */
@Order(4)
class FretWalkTest extends BrowserWalk {
    private static final int LONGEST = 10;

    private static Page job(String name) {
        Page page = browsing().page("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .first()
                .click();
        assertThat(headline(page)).not().isEmpty();
        return page;
    }

    private static Locator cell(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ":")));
    }

    /** Presses a key so many times. */
    private static void press(Page page, String key, int times) {
        for (int i = 0; i < times; i++) page.keyboard().press(key);
    }

    private static Locator outcome(Page page, String label) {
        return page.locator("[data-outcome]", new Page.LocatorOptions().setHasText(label));
    }

    @Test
    void aHighFretIsFoundConfirmedLevelledAndPlayedAgain() {
        Page page = job("Avocet");
        page.keyboard().press("Shift+F");
        assertThat(headline(page)).hasText("Fret rocker over three frets, at 9");
        assertThat(page.getByText("A high fret: 9").first()).isVisible();
        key(page, "d");
        assertThat(outcome(page, "It lies steady")).isFocused();
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(headline(page)).hasText("Level and crown that fret");
        key(page, "d");
        assertThat(headline(page)).containsText("Play again");
        page.keyboard().press("g");
        assertThat(cell(page, "6 E open")).isFocused();
        press(page, "ArrowRight", 8);
        for (int string = 0; string < 6; string++) {
            page.keyboard().press(" ");
            press(page, "ArrowDown", 1);
            press(page, "ArrowLeft", 1);
        }
        assertThat(headline(page)).containsText("4 D, 3 G, 2 B at 7");
        press(page, "ArrowUp", 3);
        press(page, "ArrowLeft", 1);
        for (int string = 0; string < 3; string++) {
            page.keyboard().press(" ");
            press(page, "ArrowDown", 1);
            press(page, "ArrowLeft", 1);
        }
        press(page, "ArrowUp", 4);
        page.keyboard().press(" ");
        assertThat(headline(page)).not().containsText("Play again");
        assertThat(page.getByText("All that was marked rings clean.")).isVisible();
        assertThat(page.getByText(
                                "A high fret, at 9 (level and crown that fret)",
                                new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
    }

    @Test
    void aShallowAngleAtTheNutIsFoundFromWhatThePlayerSays() {
        Page page = job("Sanderling");
        assertThat(headline(page)).containsText("Play where it hurts");
        page.keyboard().press("Shift+F");
        page.keyboard().press("g");
        assertThat(cell(page, "6 E open")).isFocused();
        // open strings from the lowest on, then the frets of the one that sounds wrong
        press(page, "ArrowDown", 2);
        page.keyboard().press("1");
        press(page, " ", 4);
        assertThat(cell(page, "4 D open")).hasAccessibleName(Pattern.compile(".*buzzes.*"));
        assertThat(cell(page, "4 D at 4")).hasAccessibleName(Pattern.compile(".*rings clean.*"));
        for (int asked = 0; asked < LONGEST; asked++) {
            String test = headline(page).textContent().replace('\u00a0', ' ');
            if (test.startsWith("More wraps")) break;
            Locator answer = test.startsWith("Press the string down behind the nut") && test.contains("4 D")
                    ? outcome(page, "The noise stops")
                    : page.locator("[data-outcome]").first();
            answer.click();
            assertThat(page.getByText(asked == 0 ? "1 test made" : asked + 1 + " tests made"))
                    .isVisible();
        }
        assertThat(headline(page)).hasText("More wraps, a lower post, or a string tree");
        key(page, "d");
        assertThat(headline(page)).containsText("Play again: open 4 D");
        cell(page, "4 D open").focus();
        page.keyboard().press(" ");
        assertThat(headline(page)).not().containsText("Play again");
        assertThat(page.getByText("All that was marked rings clean.")).isVisible();
    }
}
