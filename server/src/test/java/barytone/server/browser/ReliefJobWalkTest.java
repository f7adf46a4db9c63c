package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Walks through a relief job in a real browser, as a technician would. */
@Order(3)
class ReliefJobWalkTest extends BrowserWalk {
    private static Locator reading(Page page, String string) {
        return reading(page, "Relief", string);
    }

    @Test
    void fromArrivalToDoneByKeyboard() {
        Page page = page("/");
        assertThat(page.getByText("Demo data: Saltholm")).isVisible();
        page.keyboard().press("n");
        page.getByLabel("Name on the ticket").fill("Two-post electric “Sanderling”");
        page.getByLabel("Name of the player or lender").fill("Saltholm Ferry Band, deck loan no. 9");
        // only the neck this time
        without(page, "Nut", "Action", "Intonation", "Pickups");
        page.getByLabel("Name of the player or lender").focus();
        page.keyboard().press("Enter");

        assertThat(headline(page)).hasText("Read the relief under strings 6 E and 1 e");
        // the field of the first string is ready
        page.keyboard().type("13t..15t");
        page.keyboard().press("Enter");
        assertThat(reading(page, "1")).isFocused();
        page.keyboard().type("0.33");
        page.keyboard().press("Enter");
        assertThat(headline(page)).hasText("Tighten the rod 1/8 turn, then retune");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName("1/8 turn clockwise, seen from the headstock end")))
                .isVisible();
        assertThat(page.getByText("Wrench fully seated")).isVisible();
        assertThat(page.getByText("0.36").first()).isVisible();

        key(page, "d");
        assertThat(headline(page)).containsText("Retune");
        key(page, "d");
        assertThat(headline(page)).hasText("Read the relief again under strings 6 E and 1 e");
        // at rest G begins a series anew
        page.keyboard().press("g");
        assertThat(reading(page, "6")).isFocused();
        page.keyboard().type("0.22");
        page.keyboard().press("Enter");
        assertThat(reading(page, "1")).isFocused();
        page.keyboard().type("0.19");
        page.keyboard().press("Enter");

        assertThat(headline(page)).hasText("Leave the neck to settle");
        assertThat(page.getByRole(AriaRole.TIMER).first())
                .containsText(Pattern.compile("Neck settling (10:00|9:5\\d)"));
        TestClock.pass(Duration.ofMinutes(4));
        page.reload();
        assertThat(page.getByRole(AriaRole.TIMER).first()).containsText(Pattern.compile("Neck settling (6:00|5:5\\d)"));
        TestClock.pass(Duration.ofMinutes(6));
        page.reload();
        assertThat(headline(page)).hasText("Second look: read strings 6 E and 1 e");
        reading(page, "6").fill("0.22");
        reading(page, "6").press("Enter");
        assertThat(page.getByText("Relief 6: 0.22 mm")).hasCount(2);
        reading(page, "1").fill("0.19");
        reading(page, "1").press("Enter");
        assertThat(headline(page)).hasText("Relief is in its band");

        key(page, "d");
        Locator row = page.getByRole(
                AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Relief, string 6.*")));
        assertThat(row).containsText("0.36 mm");
        assertThat(row).containsText("0.22 mm");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close the job"))
                .click();
        assertThat(headline(page)).hasText("Closed");
        page.keyboard().press("b");
        page.getByText("closed jobs are in the records").click();
        openFromBench(page, "Two-post electric “Sanderling”");
        assertThat(headline(page)).hasText("Closed");
        // D reopens nothing
        key(page, "d");
        goOn(page);
        assertThat(headline(page)).hasText("Relief is in its band");
    }

    @Test
    void theUnitSwitchChangesEveryNumberAtOnce() {
        Page page = demoJob("Long-scale baritone “Cormorant”");
        Locator ledger = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Relief").setExact(true));
        assertThat(ledger).containsText("0.36");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("thou"))
                .click();
        // what was read stands as it was read; only what the shop thinks in changes
        assertThat(ledger).containsText("14");
        assertThat(ledger).not().containsText("0.36");
        assertThat(ledger).containsText("Reading, thou");
        assertThat(page.getByText(Pattern.compile("has been giving \\d.*\\sthou per")))
                .isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("64ths"))
                .click();
        // nobody reads a relief in 64ths
        assertThat(ledger).containsText("Reading, thou");
        page.keyboard().press("Escape");
        page.keyboard().press("Shift+A");
        Locator action = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Action").setExact(true));
        assertThat(action).containsText("Reading, 64ths");
        assertThat(action).containsText("/64");
        // and stays so on the next page
        page.keyboard().press("Escape");
        page.keyboard().press("b");
        assertThat(page.getByText(Pattern.compile("Relief: \\d+ thou too much.*"))
                        .first())
                .isVisible();
    }

    @Test
    void whatWasTypedWrongIsExplainedAndKept() {
        Page page = demoJob("Flat-top “Eider”");
        Locator field = reading(page, "6");
        field.fill("12q");
        field.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("understood 12, but not the unit “q”");
        assertThat(field).hasValue("12q");
        Locator refused = page.getByRole(AriaRole.ALERT);
        button(refused, "Type it again").click();
        field.fill("2");
        field.press("Enter");
        // the next field has the keyboard before the question is asked
        assertThat(reading(page, "1")).isFocused();
        assertThat(refused).containsText("Is it 2 thou (0.05 mm)?");
        page.keyboard().type("0.3");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Relief 1: 0.3 mm")).isVisible();
        button(refused, "It is “2” as typed").click();
        assertThat(page.getByText("Relief 6: 2 mm")).isVisible();
        assertThat(refused).hasCount(0);
        page.keyboard().press("Escape");
        page.keyboard().press("z");
        assertThat(button(page, "Bring back: Relief 6: 2 mm")).isVisible();
        page.keyboard().press("z");
        assertThat(headline(page)).hasText("Read the relief under strings 6 E and 1 e");
        page.keyboard().press("Shift+Z");
        assertThat(headline(page)).hasText("Read the relief under string 6 E");
        page.keyboard().press("z");
        assertThat(headline(page)).hasText("Read the relief under strings 6 E and 1 e");
    }

    @Test
    void leavesAreTappedWithOneThumbOnATablet() {
        Page page = browsing().page("/", 820, 1180);
        openFromBench(page, "Nylon-string “Plover”");
        assertThat(headline(page)).hasText("No rod to turn: refer or accept");
        page.getByLabel("Leaf 0.38 mm: not tried").click();
        Locator next = page.getByLabel("Leaf 0.45 mm: not tried");
        next.click();
        page.getByLabel("Leaf 0.45 mm: free").click();
        page.getByLabel("Leaf 0.45 mm: touches").click();
        page.getByLabel("Leaf 0.38 mm: not tried").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record for string 6 E"))
                .click();
        assertThat(page.getByText("Relief 6: 0.38 goes, 0.45 lifts mm")).isVisible();
        // nothing is cut off at the side
        assertThat((int) page.evaluate("document.documentElement.scrollWidth")).isLessThanOrEqualTo(820);
    }

    @Test
    void aSecondWindowSeesWhatTheFirstDidAndOverwritesNothing() {
        Page first = demoJob("Five-string bass “Bittern”");
        Page second = demoJob("Five-string bass “Bittern”");
        first.keyboard().press("n");
        first.getByLabel("Note").fill("Low B swapped for a heavier one");
        first.keyboard().press("Enter");
        assertThat(second.getByText("Low B swapped for a heavier one")).isVisible();
        assertThat(second.getByText("Another window added to this job")).isVisible();

        // a window that cannot be reached by the news is refused, and keeps what was typed
        second.route("**/api/jobs/*/seq", route -> route.abort());
        second.reload();
        assertThat(reading(second, "5")).isVisible();
        first.keyboard().press("n");
        first.getByLabel("Note").fill("Capo on again");
        first.keyboard().press("Enter");
        assertThat(first.getByText("Capo on again")).isVisible();
        reading(second, "5").fill("0.31");
        reading(second, "5").press("Enter");
        assertThat(second.getByRole(AriaRole.ALERT)).containsText("Another window added one entry");
        assertThat(reading(second, "5")).hasValue("0.31");
        assertThat(second.getByText("Capo on again")).isVisible();
        reading(second, "5").press("Enter");
        assertThat(first.getByText("Relief 5: 0.31 mm")).isVisible();
    }

    @Test
    void aTurnWhoseAnswerIsLostIsOnTheTapeOnce() {
        Page page = demoJob("Long-scale baritone “Cormorant”");
        AtomicBoolean away = new AtomicBoolean(true);
        page.route("**/api/jobs/*/followed**", route -> {
            // it comes to the server, and the answer does not come back
            if (away.get()) {
                route.fetch();
                route.abort();
            } else route.resume();
        });
        long before = seq(page);
        key(page, "d");
        assertThat(page.getByText("Barytone does not answer")).isVisible();
        key(page, "d");
        page.getByText("Send now").click();
        away.set(false);
        assertThat(headline(page)).containsText("Retune");
        assertThat(page.getByText("Barytone does not answer")).hasCount(0);
        org.assertj.core.api.Assertions.assertThat(seq(page)).isEqualTo(before + 1);
    }

    @Test
    void twelveWindowsOfOneBrowserAreAllToldOfAnEntry() {
        Page first = demoJob("Five-string bass “Bittern”");
        List<Page> others = new ArrayList<>();
        for (int i = 0; i < 11; i++) {
            Page other = first.context().newPage();
            other.navigate(first.url());
            assertThat(other.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("On the tape")))
                    .isVisible();
            others.add(other);
        }
        first.keyboard().press("n");
        first.getByLabel("Note").fill("Told to everyone");
        first.keyboard().press("Enter");
        for (Page other : others) {
            assertThat(other.getByText("Told to everyone")).isVisible();
            other.close();
        }
    }

    @Test
    void targetHabitAndRodAreSetForThisJob() {
        Page page = demoJob("Long-scale baritone “Cormorant”");
        page.keyboard().press("h");
        page.getByLabel("Habit").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(2));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read this way"))
                .click();
        assertThat(page.getByText(
                        "held at 1 and 12, gauge at 6, playing position", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("t");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Bass and heavy hands.*")))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByText(Pattern.compile("Relief target: heavy hands.*")))
                .isVisible();
        page.keyboard().press("w");
        page.getByLabel("Largest single step").selectOption("1");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Turn it this way"))
                .click();
        assertThat(page.getByText("Rod: steps of 1/16")).isVisible();
        for (int i = 0; i < 3; i++) page.keyboard().press("z");
        assertThat(page.getByText(
                        "held at 1 and 16, gauge at 8, playing position", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("?");
        assertThat(page.getByText("go to the reading, or: I did this. The dark button"))
                .isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("o");
        page.getByLabel("Direction").selectOption("loosen");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record the turn"))
                .click();
        assertThat(page.getByText("Rod 1/8 looser")).isVisible();
        long turned = seq(page);
        page.keyboard().press("z");
        // a window that is closed before would leave the turn to the next walk
        page.waitForCondition(() -> seq(page) > turned);
    }

    @Test
    void aPageThatDoesNotExistSaysSo() {
        assertThat(page("/nowhere").getByText("There is no such page")).isVisible();
        assertThat(page("/jobs/4711").getByText("There is no job 4711")).isVisible();
    }
}
