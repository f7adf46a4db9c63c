package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Series that are not whole, not in the unit they seem to be in, or taken back, typed without a look at the page. */
@Order(4)
class BlindSeriesWalkTest extends BrowserWalk {
    private static void type(Page page, String... texts) {
        for (String text : texts) {
            page.keyboard().type(text);
            page.keyboard().press("Enter");
        }
    }

    /** The readings on the tape, oldest first, once there are as many. */
    private static List<String> readings(Page page, int many) {
        List<String> lines = new ArrayList<>();
        page.waitForCondition(() -> {
            lines.clear();
            for (JsonNode line : job(page).get("tape")) {
                String text = line.get("text").asString();
                if (text.matches("(Relief|Nut|Action) .*")
                        && !line.path("undone").asBoolean(false)) lines.addFirst(text);
            }
            return lines.size() >= many;
        });
        return lines;
    }

    private static Answer post(Page page, String path, String more) {
        String url = page.url();
        String job = url.substring(url.lastIndexOf('/') + 1);
        return app().post(
                        "/api/jobs/" + job + "/" + path,
                        "{\"after\":" + seq(page) + ",\"key\":\"" + path.replace('/', '-') + "-" + job + "\"" + more
                                + "}");
    }

    @Test
    void afterDOnlyTheStringsThatWereAskedForAreGoneThrough() {
        Page page = takeIn("ELECTRIC", "Nut", "Frets", "Intonation", "Pickups");
        type(page, "0.22", "0.20");
        page.keyboard().press("Shift+A");
        type(page, "1.7");
        page.keyboard().press("ArrowDown");
        type(page, "1.65", "1.6");
        page.keyboard().press("ArrowDown");
        type(page, "1.5");
        assertThat(headline(page)).hasText("Read the action under strings 5 A and 2 B");
        key(page, "d");
        assertThat(page.getByTestId("next-row")).hasText("5 A");
        type(page, "1.68", "1.55");
        assertThat(readings(page, 8).subList(6, 8))
                .containsExactly("Action 5 at 12: 1.68 mm", "Action 2 at 12: 1.55 mm");
        assertThat(page.getByTestId("rest")).containsText("At rest");
    }

    @Test
    void undoGoesBackToTheRowAndTheSeriesGoesOnFromThere() {
        Page page = takeIn("ELECTRIC");
        page.keyboard().press("Shift+A");
        type(page, "1.8", "1.75", "1.77");
        assertThat(readings(page, 3)).hasSize(3);
        page.keyboard().press("z");
        assertThat(reading(page, "Action", "4")).isFocused();
        type(page, "1.7", "1.65");
        assertThat(readings(page, 4))
                .containsExactly(
                        "Action 6 at 12: 1.8 mm",
                        "Action 5 at 12: 1.75 mm",
                        "Action 4 at 12: 1.7 mm",
                        "Action 3 at 12: 1.65 mm");
    }

    @Test
    void aSeriesInAnotherUnitIsAnsweredByOneKey() {
        Page page = takeIn("ELECTRIC");
        page.keyboard().press("Shift+A");
        type(page, "72", "70", "68", "66", "64", "62");
        assertThat(button(page, "Yes, all 6")).isVisible();
        page.keyboard().press("a");
        assertThat(readings(page, 6)).allMatch(line -> line.matches("Action \\d at 12: \\d\\dt"));
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @Test
    void sixtyFourthsAreTypedBareAndToldAsWhatTheyAre() {
        Page page = takeIn("ELECTRIC");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("64ths"))
                .click();
        assertThat(page.getByText("64ths", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        page.keyboard().press("Shift+A");
        assertThat(reading(page, "Action", "6")).isFocused();
        type(page, "4", "4+", "4", "4-");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Reading, 64ths")))
                .isVisible();
        assertThat(readings(page, 4))
                .containsExactly(
                        "Action 6 at 12: 4/64 in",
                        "Action 5 at 12: 4/64+ in",
                        "Action 4 at 12: 4/64 in",
                        "Action 3 at 12: 4/64- in");
    }

    @Test
    void underAMissingStringNothingIsAskedAndASeriesGoesPastIt() {
        Page page = takeIn("ELECTRIC");
        assertThat(post(
                                page,
                                "strings-plan",
                                ",\"change\":false,\"set\":\"\",\"age\":\"\",\"by\":\"\",\"trial\":false,\"missing\":[3]")
                        .status())
                .isEqualTo(200);
        page.reload();
        assertThat(headline(page)).hasText("Put on string 3 G first");
        page.keyboard().press("Escape");
        key(page, "l");
        assertThat(headline(page)).containsText("Read the relief");
        page.keyboard().press("Shift+A");
        type(page, "1.8", "1.75", "1.7", "1.6", "1.5");
        assertThat(readings(page, 5).stream().map(line -> line.substring(7, 8)))
                .containsExactly("6", "5", "4", "2", "1");
    }

    @Test
    void aMoveThatChangesUnderTheHandIsNotRecorded() {
        Page page = takeIn("ELECTRIC", "Nut", "Action", "Frets", "Intonation", "Pickups");
        type(page, "0.45", "0.42");
        assertThat(headline(page)).containsText("Tighten");
        page.keyboard().press("Escape");
        String shown = headline(page).textContent();
        // this window does not hear of what another one adds
        page.route(Pattern.compile(".*/api/jobs/\\d+\\?.*"), Route::abort);
        assertThat(post(page, "readings", ",\"station\":\"RELIEF\",\"string\":6,\"text\":\"0.20\",\"sure\":true")
                        .status())
                .isEqualTo(200);
        long before = seq(page);
        key(page, "d");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        assertThat(seq(page)).isEqualTo(before);
        assertThat(shown).contains("Tighten");
    }

    @Test
    void twelveStringsAreGoneThroughFromTheLowest() {
        Page page = takeIn("TWELVE_STRING");
        page.keyboard().press("Shift+N");
        List<String> meant = new ArrayList<>();
        for (int string = 12; string >= 1; string--) {
            String text = String.format(Locale.ROOT, "0.%d", 20 + string);
            type(page, text);
            meant.add("Nut " + string + ", pressed at 3: " + text + " mm");
        }
        assertThat(readings(page, 12)).isEqualTo(meant);
    }

    @Test
    void whatMayBeWantedAtAnyMomentIsAlwaysThereAndTheEndIsNoSingleKey() {
        Page page = takeIn("ELECTRIC");
        assertThat(button(page, "Retuned")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Card")))
                .isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("c");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Close the job")))
                .isFocused();
        page.keyboard().press("Enter");
        assertThat(dialog(page)).hasCount(1);
        page.keyboard().press("Control+Enter");
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.getByTestId("headline")).hasText("Closed");
    }
}
