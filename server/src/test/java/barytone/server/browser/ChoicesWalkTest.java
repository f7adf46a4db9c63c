package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The technician chooses otherwise, the rod does what it should not, and what is found at bridge and nut is put on record. */
class ChoicesWalkTest extends BrowserWalk {
    private static Page reliefJob(String name, String rod) {
        Page page = page("/new");
        page.getByLabel("Name on the ticket").fill(name);
        page.getByLabel("Name of the player or lender").fill("Saltholm Ferry Band");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Rod\\b")))
                .click();
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Rod").setExact(true))
                .selectOption(spelt(rod));
        page.keyboard().press("Enter");
        without(page, "Nut", "Action", "Intonation", "Pickups");
        button(page, "Start the job").click();
        assertThat(headline(page)).hasText("Read the relief under strings 6 E and 1 e");
        return page;
    }

    /** Gives every reading that is asked for, as often as it is asked. */
    private static void read(Page page, String bass, String treble) {
        JsonNode job = job(page);
        for (int i = 0; i < 8; i++) {
            if (!job.at("/advice/kind").asString().startsWith("measure")) return;
            int string = job.at("/advice/strings/0").asInt();
            long before = job.get("seq").asLong();
            Locator field = reading(page, "Relief", String.valueOf(string));
            field.fill(string == 1 ? treble : bass);
            field.press("Enter");
            job = shownAfter(page, before);
            assertThat(headline(page)).hasText(job.at("/advice/headline").asString());
            page.keyboard().press("Escape");
        }
        throw new AssertionError("still asked to read: " + job.at("/advice/headline"));
    }

    @Test
    void oneSlotIsLeftAsItIsAndTheOthersAreFiled() {
        Page page = demoJobAtRest("Mandolin “Dotterel”");
        assertThat(headline(page)).containsText("File 7 slots");
        button(page, "Leave 8 G as it is").click();
        assertThat(headline(page)).containsText("File 6 slots");
        assertThat(page.getByText("Left as it is: slot 8")).isVisible();
        page.keyboard().press("z");
        assertThat(headline(page)).containsText("File 7 slots");
    }

    @Test
    void aStiffRodIsEasedOnceAndThenLeftAlone() {
        Page page = demoJobAtRest("Long-scale baritone “Cormorant”");
        assertThat(headline(page)).hasText("Tighten the rod 1/8 turn, then retune");
        page.keyboard().press("s");
        assertThat(headline(page)).containsText("Ease the rod");
        page.keyboard().press("s");
        assertThat(headline(page)).hasText("Stop: the rod is stiff");
        assertThat(page.getByText("a broken rod is a neck repair", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        page.keyboard().press("z");
        page.keyboard().press("z");
        assertThat(headline(page)).hasText("Tighten the rod 1/8 turn, then retune");
    }

    @Test
    void aTurnNotedTheWrongWayRoundIsPutRight() {
        Page page = reliefJob("Electric “Whimbrel”", "SINGLE");
        read(page, "0.36", "0.33");
        key(page, "d");
        assertThat(headline(page)).containsText("Retune");
        key(page, "d");
        assertThat(headline(page)).containsText("Read the relief again");
        read(page, "0.46", "0.43");
        assertThat(headline(page)).hasText("The relief moved the wrong way");
        button(page, "I turned it the other way").click();
        assertThat(page.getByText("That turn went the other way")).isVisible();
        assertThat(headline(page)).containsText("Tighten the rod");
    }

    @Test
    void freePlayOfADoubleActionRodIsMarkedAndTeachesNothing() {
        Page page = reliefJob("Electric “Godwit”", "DOUBLE");
        read(page, "0.40", "0.37");
        key(page, "d");
        assertThat(headline(page)).containsText("Retune");
        key(page, "d");
        assertThat(headline(page)).containsText("Read the relief again");
        read(page, "0.40", "0.37");
        assertThat(headline(page)).hasText("No response: free play in the middle of the rod");
        // what was otherwise is not “I did this”: it is asked once, with what follows
        key(page, "f");
        assertThat(page.getByText("That turn does not count, and nothing is learned from it."))
                .isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByText("That turn ran free and does not count").first())
                .isVisible();
        assertThat(headline(page)).containsText("Tighten the rod 1/8 turn");
    }

    @Test
    void travelNeckAngleGaugeAndShimArePutOnRecord() {
        Page page = demoJobAtRest("Three-barrel electric “Turnstone”");
        assertThat(headline(page)).hasText("Lower 6 barrel screws");
        page.keyboard().press("e");
        Locator panel = dialog(page);
        panel.getByLabel(Pattern.compile("^Down, mm")).fill("0.2");
        panel.getByLabel(Pattern.compile("^Up, mm")).fill("much");
        button(panel, "Record the travel").click();
        // what was typed stays, and what is allowed is said
        assertThat(panel.getByRole(AriaRole.ALERT)).containsText("much");
        assertThat(panel.getByLabel(Pattern.compile("^Down, mm"))).hasValue("0.2");
        panel.getByLabel(Pattern.compile("^Up, mm")).fill("4");
        button(panel, "Record the travel").click();
        assertThat(dialog(page)).hasCount(0);
        assertThat(headline(page)).containsText("The bridge is at its floor");
        page.keyboard().press("e");
        assertThat(dialog(page).getByText("0.20 mm down, 4.00 mm up")).isVisible();
        dialog(page)
                .getByLabel(Pattern.compile("^Straightedge above the bridge"))
                .fill("-4");
        button(dialog(page), "Record the angle").click();
        assertThat(dialog(page)).hasCount(0);
        page.keyboard().press("e");
        assertThat(dialog(page).getByText(Pattern.compile(".*thick at the heel end.*")))
                .isVisible();
        dialog(page).getByLabel("4 D rings").check();
        button(dialog(page), "Record the pattern").click();
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.getByText(Pattern.compile("Gauge .* clear .*")).first()).isVisible();
        page.keyboard().press("e");
        dialog(page).getByLabel(Pattern.compile("^Thickness there")).fill("0.5");
        button(dialog(page), "Record the shim").click();
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.getByText(Pattern.compile("Neck shim.*thick at the heel end.*"))
                        .first())
                .isVisible();
        for (int i = 0; i < 4; i++) page.keyboard().press("z");
        assertThat(headline(page)).hasText("Lower 6 barrel screws");
    }

    @Test
    void whatAPlayerLikesIsKeptForTheNextInstrument() {
        Page page = demoJobAtRest("Three-barrel electric “Turnstone”");
        page.keyboard().press("Shift+A");
        page.keyboard().press("Escape");
        page.keyboard().press("t");
        button(dialog(page), "Want what is measured now").click();
        assertThat(page.getByText(Pattern.compile("Action target: .*")).first()).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("t");
        button(dialog(page), "For this player").click();
        assertThat(dialog(page).getByText(Pattern.compile("Kept for this player.*")))
                .isVisible();
        page.keyboard().press("Escape");
        Page next = page("/new");
        next.getByLabel("Name on the ticket").fill("Electric “Pochard”");
        next.getByLabel("Name of the player or lender")
                .fill(job(page).at("/player").asString());
        button(next, "Start the job").click();
        assertThat(headline(next)).containsText("Read the relief");
        assertThat(job(next).at("/action/target/label").asString()).isEqualTo("Set by hand");
        String liked = job(page).at("/action/rows/0/target").asString();
        assertThat(job(next).at("/action/rows/0/target").asString()).isEqualTo(liked);
    }

    @Test
    void theActionIsReadWithACapoAndTheLedgerSaysSo() {
        Page page = demoJobAtRest("Flat-top “Wigeon”");
        page.keyboard().press("h");
        Locator method = dialog(page).getByLabel("Method");
        method.selectOption(method.locator("option", new Locator.LocatorOptions().setHasText("capo"))
                .first()
                .getAttribute("value"));
        dialog(page)
                .getByRole(AriaRole.SPINBUTTON, new Locator.GetByRoleOptions().setName("At fret"))
                .fill("13");
        button(dialog(page), "Read this way").click();
        assertThat(page.getByText(Pattern.compile("capo.*13, playing position")).first())
                .isVisible();
        // the bands follow: what was wanted open at 12 is shown as the capo reads it
        assertThat(job(page).at("/action/method").asString()).contains("capo");
        page.keyboard().press("z");
        page.waitForCondition(() -> job(page).at("/action/method").asString().contains("open string"));
        assertThat(page.getByText(Pattern.compile("^open string, at fret 12.*")).first())
                .isVisible();
    }
}
