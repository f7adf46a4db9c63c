package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Another setup is tried on the lit section: by keys and with the finger. */
class TryWalkTest extends BrowserWalk {
    private static Page tried(String name) {
        Page page = browsing().page("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .first()
                .click();
        assertThat(headline(page)).not().isEmpty();
        page.keyboard().press("Shift+T");
        assertThat(row(page, "6 E")).isVisible();
        return page;
    }

    private static Locator row(Page page, String string) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile(string)));
    }

    private static Locator handle(Page page, String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aLowerActionIsTriedByKeysAndTakenAsTheTarget() {
        Page page = tried("Scoter");
        assertThat(row(page, "6 E")).containsText("1.80");
        assertThat(headline(page)).containsText("All rings free");
        handle(page, "String at the saddle").focus();
        for (int i = 0; i < 12; i++) page.keyboard().press("Shift+ArrowDown");
        // twelve times 0.05 at the saddle are half of that over the twelfth fret
        assertThat(row(page, "6 E")).containsText("1.80 →1.50");
        assertThat(row(page, "1 e")).containsText("1.30 →1.00");
        page.keyboard().press("a");
        page.keyboard().press("1");
        handle(page, "String at the saddle").focus();
        for (int i = 0; i < 4; i++) page.keyboard().press("Shift+ArrowDown");
        assertThat(row(page, "1 e")).containsText("1.30 →0.90");
        assertThat(row(page, "6 E")).containsText("1.80 →1.50");
        page.keyboard().press("t");
        assertThat(page.getByText(Pattern.compile("^Wanted as tried: relief .* action 1\\.50.mm to 0\\.90.mm$")))
                .isVisible();
        page.keyboard().press("z");
        assertThat(page.getByLabel(Pattern.compile("^Bring back: Wanted as tried")))
                .isVisible();
    }

    @Test
    void theFingerDragsAndTheLowestIsFound() {
        Page page = tried("Avocet");
        // its high fret touches as it stands, and levelled it does not
        assertThat(headline(page)).containsText("touches 9");
        page.getByLabel("Crowns").selectOption("levelled");
        assertThat(headline(page)).containsText("All rings free");
        BoundingBox box =
                Objects.requireNonNull(handle(page, "String at the saddle").boundingBox());
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 30);
        page.mouse().up();
        assertThat(row(page, "6 E")).containsText(Pattern.compile("1\\.80 →1\\.[0-5]"));
        page.keyboard().press("z");
        assertThat(row(page, "6 E")).not().containsText("→");
        page.keyboard().press("f");
        assertThat(page.getByTestId("lowest")).containsText("would touch 9");
        assertThat(page.getByTestId("lowest")).containsText("it would buy");
        assertThat(headline(page)).containsText("All rings free");
    }
}
