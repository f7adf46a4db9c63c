package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Whole jobs of relief, nut and action in the real page, by keyboard, and the pages around them. */
@Order(3)
class SetupWalkTest extends BrowserWalk {
    private static Page takeIn(String kind, String name) {
        Page page = page("/new");
        assertThat(page.getByLabel("Name on the ticket")).isVisible();
        chooseKind(page, kind);
        page.getByLabel("Name on the ticket").fill(name);
        without(page, "Intonation", "Pickups");
        page.getByLabel("Name of the player or lender").fill("Saltholm Ferry Band");
        page.keyboard().press("Enter");
        assertThat(headline(page)).hasText("Read the relief under strings 6 E and 1 e");
        return page;
    }

    private static Set<String> work(Page page, String[] relief, String[] nut, String[] action) {
        return KeyboardWork.on(page, (station, string) -> switch (station) {
            case "Relief" -> relief[string == 1 ? 1 : 0];
            case "Nut" -> nut[nut.length - string];
            default -> action[action.length - string];
        });
    }

    private static List<String> verdicts(JsonNode job) {
        List<String> verdicts = new ArrayList<>();
        for (JsonNode row : job.at("/closing/rows"))
            verdicts.add(row.get("verdict").asString());
        return verdicts;
    }

    @Test
    void reliefNutAndActionOnAnElectricWithIndividualSaddles() {
        Page page = takeIn("ELECTRIC", "Electric “Gannet”");
        Set<String> met = work(
                page,
                new String[] {"0.36", "0.33"},
                new String[] {"0.28", "0.19", "0.18", "0.17", "0.25", "0.15"},
                new String[] {"2.4", "2.3", "2.1", "2.0", "1.9", "1.8"});
        assertThat(met).contains("measure", "turn", "retune", "settle", "File", "Lower", "done");
        assertThat(headline(page)).hasText("Relief, nut and action are done");
        // half a hundredth beyond the edge is not chased
        assertThat(verdicts(job(page))).hasSize(14).isSubsetOf("in", "cannot-tell");
        // the open string, the others beside it, and what is wanted are drawn
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile(".*nut .* action .*"))))
                .isVisible();
        page.keyboard().press("c");
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Action, string 6 E.*"))))
                .containsText("2.40 mm");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close the job"))
                .click();
        assertThat(headline(page)).hasText("Closed");
    }

    @Test
    void reliefNutAndActionOnAFlatTopWithAFixedSaddle() {
        Page page = takeIn("FLAT_TOP", "Flat-top “Shearwater”");
        Set<String> met = work(
                page,
                new String[] {"0.34", "0.31"},
                new String[] {"0.28", "0.18", "0.17", "0.16", "0.25", "0.14"},
                new String[] {"3.1", "2.9", "2.7", "2.5", "2.3", "2.1"});
        assertThat(met).contains("turn", "File", "Sand", "done");
        // half a hundredth beyond the edge is not chased
        assertThat(verdicts(job(page))).hasSize(14).isSubsetOf("in", "cannot-tell");
        assertThat(page.getByText("Saddle sanded: bass").first()).isVisible();
    }

    @Test
    void theTechnicianChoosesOtherwiseAndIsNotAskedTwice() {
        Page page = page("/");
        openFromBench(page, "Three-barrel electric “Turnstone”");
        assertThat(headline(page)).hasText("Lower 6 barrel screws");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("The strings across the bridge.*"))))
                .isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("y");
        assertThat(page.getByText("Order: Relief, nut, action.")).isVisible();
        // another move than the advised one
        page.keyboard().press("o");
        page.getByRole(
                        AriaRole.TEXTBOX,
                        new Page.GetByRoleOptions().setName(Pattern.compile("barrel 4–3, bass screw.*")))
                .fill("-1");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record it"))
                .click();
        assertThat(headline(page)).containsText("Retune");
        assertThat(page.getByText("Barrel 4–3, bass screw 1 down").last()).isVisible();
        page.keyboard().press("z");
        assertThat(headline(page)).hasText("Lower 6 barrel screws");
        key(page, "l");
        assertThat(headline(page)).hasText("Move 3 barrels");
        key(page, "l");
        assertThat(headline(page)).hasText("Done, but for what you left");
        assertThat(page.getByText("Left as it is, by choice: action, intonation."))
                .isVisible();
        page.keyboard().press("z");
        page.keyboard().press("z");
        assertThat(headline(page)).hasText("Lower 6 barrel screws");
    }

    @Test
    void stationsAreOpenedByKeyAndShowTheirOwnLedgersAndSums() {
        Page page = page("/");
        openFromBench(page, "Mandolin “Dotterel”");
        assertThat(headline(page)).containsText("File 7 slots");
        page.keyboard().press("Escape");
        page.keyboard().press("Shift+A");
        assertThat(page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Action").setExact(true)))
                .isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("Shift+N");
        assertThat(page.getByText("Or tap string 8 G over fret 1")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("e");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("Slot 8 G: tick what is wrong")).isVisible();
        dialog.getByLabel("front edge chipped").check();
        assertThat(dialog.getByText("The string buzzes on the chip", new Locator.GetByTextOptions().setExact(false)))
                .isVisible();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Record what was found"))
                .click();
        assertThat(dialog.getByText("Slot 7 g: tick what is wrong")).isVisible();
        dialog.getByLabel("Fret height over the board, mm").fill("1.0");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show the stacks"))
                .click();
        assertThat(dialog.getByText("Stop at, mm")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("▲ Slot 8 G: front edge chipped.")).isVisible();
        page.keyboard().press("t");
        assertThat(page.getByRole(AriaRole.DIALOG).getByText("Fret-level")).isVisible();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Slide.*")))
                .click();
        assertThat(page.getByText("Nut target: slide")).isVisible();
    }

    @Test
    void theShopsToolsAndSchoolsAreKept() {
        Page page = page("/shop");
        Locator leaf = page.getByLabel(Pattern.compile("^feeler leaf 0.10 .*state"));
        leaf.selectOption("bent");
        assertThat(page.getByText("▲ left out")).isVisible();
        page.getByLabel("Middle, from, mm").fill("0.16");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep the schools"))
                .click();
        assertThat(page.getByText("Kept. New jobs start from these.")).isVisible();
        page.reload();
        assertThat(page.getByLabel("Middle, from, mm")).hasValue("0.16");
        assertThat(page.getByText("▲ left out")).isVisible();
        page.getByLabel("Middle, from, mm").fill("much");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep the schools"))
                .click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("much");
    }
}
