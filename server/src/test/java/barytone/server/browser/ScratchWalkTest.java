package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums without a job, in a real browser. */
class ScratchWalkTest {
    private static RunningBarytone app;
    private static Browsing browsing;

    @BeforeAll
    static void start(@TempDir Path data) {
        app = RunningBarytone.in(data);
        browsing = new Browsing(app.base());
    }

    @AfterAll
    static void stop() {
        browsing.close();
        app.close();
    }

    @AfterEach
    void noPageMayFailOrAskOutside() {
        assertThat(browsing.troubles()).isEmpty();
    }

    private static Locator row(Page page, String label) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label + ".*")));
    }

    @Test
    void aHabitIsConvertedWhileTypingInAnyUnit() {
        Page page = browsing.page("/");
        assertThat(page.getByText("No open job")).isVisible();
        page.keyboard().press("x");
        assertThat(row(page, "held at 1 and 21, gauge at 8")).containsText("0.27 mm");
        page.getByLabel("Reading").fill("16t");
        assertThat(row(page, "held at 1 and 21, gauge at 8")).containsText("0.55 mm");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("thou"))
                .click();
        assertThat(row(page, "held at 1 and 21, gauge at 8")).containsText("22 thou");
        assertThat(page.getByRole(AriaRole.IMG)).containsText("16");
        page.getByLabel("As: held, held, gauge; …").fill("1 14 7");
        assertThat(row(page, "held at 1 and 14, gauge at 7")).containsText("thou");
        // what was typed is there again after a reload
        page.reload();
        assertThat(page.getByLabel("Reading")).hasValue("16t");
        assertThat(row(page, "held at 1 and 14, gauge at 7")).containsText("thou");
        page.getByText("Usual values").click();
        assertThat(page.getByLabel("Reading")).hasValue("0.20mm");
    }

    @Test
    void aFieldThatCannotBeReadSaysWhyAndTheOthersStay() {
        Page page = browsing.page("/scratch/saddle-change");
        assertThat(row(page, "Lower the saddle by")).containsText("0.80 mm");
        page.getByLabel("Wanted").fill("1.8q");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not the unit “q”");
        page.getByLabel("Wanted").fill("2.6");
        assertThat(row(page, "Raise the saddle by")).containsText("0.80 mm");
        assertThat(row(page, "Each height screw")).containsText("1 5/8 turn");
        page.getByLabel("Thread pitch per turn").fill("");
        assertThat(row(page, "Each height screw")).hasCount(0);
        page.getByLabel("Action read at fret").fill("0");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("fret: given 0; allowed is 1 to 36");
    }

    @ParameterizedTest
    @CsvSource({
        "length, Millimetres, 2.0836 mm",
        "setup, Action at 17, 2.01 mm",
        "two-post, Bass post, turn",
        "barrel, 1. screw, 0.38 mm",
        "neck-shim, Thick at the heel end, 0.42 mm",
        "tension, Tension, 72.6 N",
        "intonation, Then left at fret 12, cents",
        "paired-saddle, First string then at 12, +3.0 cents",
        "nut-slots, Centre of string 1, 40.07 mm",
        "leaves, Together, 1.25 mm",
        "clearance, Least room: fret 1, mm",
    })
    void everySumShowsAResultAtOnce(String sum, String label, String shown) {
        Page page = browsing.page("/scratch/" + sum);
        assertThat(row(page, label).first()).containsText(shown);
    }

    @Test
    void aResultIsCopied() {
        Page page = browsing.page("/scratch/tension");
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.getByLabel("Copy Tension 72.6 N").click();
        assertThat(page.getByText("Copied")).isVisible();
        assertThat(page.evaluate("navigator.clipboard.readText()")).isEqualTo("72.6 N (16.3 lb)");
    }

    @Test
    void theShopKeepsItsOwnSetsOfStrings() {
        Page page = browsing.page("/scratch/string-sets");
        assertThat(row(page, "All together")).containsText("465");
        assertThat(page.getByText(Pattern.compile("^0\\.\\d\\d mm more relief")))
                .isVisible();
        page.getByText("Keep a new set").click();
        page.getByLabel("Name of the set").fill("Ferry band, low B");
        page.getByLabel("Gauges, string 1 first").fill("13 17 26w 36w 46w 62w");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Ferry band, low B").setExact(true))
                .click();
        page.getByLabel("Tuning, lowest string first").fill("B1 E2 A2 D3 F#3 B3");
        assertThat(row(page, "6 B1")).containsText("62w");
        page.getByLabel("Remove Ferry band, low B").click();
        assertThat(page.getByLabel("Remove Ferry band, low B")).hasCount(0);
        page.getByLabel("Its gauges").first().fill("13 17 26x");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("x");
    }
}
