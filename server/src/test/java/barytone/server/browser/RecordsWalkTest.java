package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.Base64;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** From arrival to the card, with the real page and by keyboard: an instrument that comes back, and a new one. */
@Order(2)
class RecordsWalkTest extends BrowserWalk {
    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** A picture of one dot. */
    private static final String DOT =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

    private static Locator step(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of intake"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private static Page intake() {
        Page page = browsing().page("/");
        assertThat(page.getByText("Long-scale baritone “Cormorant”").first()).isVisible();
        page.keyboard().press("n");
        assertThat(page.getByRole(
                        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Was here before"))))
                .isFocused();
        return page;
    }

    private static String card(Page page) throws IOException {
        String job = page.url().replaceFirst(".*/jobs/(\\d+).*", "$1");
        try (PDDocument pdf = Loader.loadPDF(app().bytes("/api/jobs/" + job + "/card/pdf"))) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void aFlatTopComesBackWithLastYearsFiguresAndLeavesWithItsCard() throws IOException {
        Page page = intake();
        page.keyboard().type("wigon");
        assertThat(page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION)).hasCount(1);
        assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("Wigeon"))))
                .isVisible();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Offered then, not taken:")).isVisible();
        assertThat(page.getByText("2.30 mm").first()).isVisible();
        assertThat(field(page, "Name of the player or lender")).hasValue("Island school, loan no. 2");
        step(page, "What hurts").click();
        // it is on the bench in the demo: that is asked about
        assertThat(page.getByText("is on the bench already")).isVisible();
        button(page, "Take it in all the same").click();
        assertThat(field(page, "What the player says, in their own words")).isFocused();
        page.keyboard().type("Buzzes again.");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("buzzes").setExact(true))
                .click();
        // what was said is kept when it is left
        step(page, "Look over").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tuners: not looked at"))
                .focus();
        page.keyboard().press("f");
        page.keyboard().press("n");
        page.keyboard().type("slot 5 A wide");
        page.keyboard().press("Enter");
        assertThat(page.getByText("slot 5 A wide")).isVisible();
        page.keyboard().press("Escape");
        step(page, "Look over").click();
        page.keyboard().press("m");
        page.getByLabel("What is seen there").selectOption("lifted-bridge");
        page.getByLabel("In words").fill("at its tail");
        button(page, "Mark it").click();
        assertThat(page.getByText("Agree first what happens about the lifted bridge"))
                .isVisible();
        page.setInputFiles(
                "input[type=file]",
                new FilePayload("tail.png", "image/png", Base64.getDecoder().decode(DOT)));
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Photo \\d"))))
                .isVisible();
        page.getByLabel("What was agreed, and how").fill("glued first, by telephone");
        button(page, "It is agreed what happens").click();
        assertThat(page.getByText("Agree first what happens")).hasCount(0);
        step(page, "Air").click();
        page.getByLabel("Humidity, % RH").fill("31");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Condition it first").first()).isVisible();
        page.keyboard().press("Escape");
        button(page, "To the job").click();
        assertThat(headline(page)).not().isEmpty();
        assertThat(page.getByText("Condition it first").first()).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("c");
        assertThat(dialog(page).getByText("Not finished:", new Locator.GetByTextOptions().setExact(false)))
                .isVisible();
        dialog(page)
                .getByLabel("What was found about the complaint, for the player")
                .fill("The room was dry; nothing else was touched.");
        button(dialog(page), "Close it as it is").click();
        assertThat(headline(page)).hasText("Closed");
        assertThat(page.getByText("The card that goes home with it").first()).isVisible();
        assertThat(card(page))
                .contains(
                        "Flat-top “Wigeon”",
                        "Buzzes again. (buzzes)",
                        "Front: lifted bridge, at its tail.",
                        "The room was dry; nothing else was touched.",
                        "31");
        page.getByText("Earlier visits of this instrument").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Figures over time")))
                .isVisible();
        assertThat(page.getByText("Buzzes again.").first()).isVisible();
    }

    @Test
    void aNewFlatTopIsOnTheBenchAfterAFewKeysAndIsFoundAgain() throws IOException {
        Page page = intake();
        page.keyboard().press("Tab");
        page.keyboard().type("fl");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Flat-top acoustic")))
                .isChecked();
        page.keyboard().press("Tab");
        page.keyboard().type("Flat-top “Whimbrel”");
        field(page, "Name of the player or lender").focus();
        page.keyboard().type("Quayside Quartet");
        page.keyboard().press("Enter");
        assertThat(headline(page)).containsText("Read the relief");
        page.keyboard().type("0.18");
        page.keyboard().press("Enter");
        page.keyboard().type("0.15");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Relief 1: 0.15 mm")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("Shift+Q");
        dialog(page).getByLabel("Add from the price list").selectOption("Neck relief alone, 15.00");
        button(dialog(page), "Agreed").click();
        assertThat(page.getByText("Agreed: 1 line, 15.00", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        page.keyboard().press("c");
        button(dialog(page), "Close it as it is").click();
        assertThat(headline(page)).hasText("Closed");
        assertThat(card(page))
                .contains("Flat-top “Whimbrel”", "Quayside Quartet", "Neck relief alone", "15.00", "0.18")
                .contains("When the heating comes on");
        page.keyboard().press("b");
        page.keyboard().press("r");
        assertThat(page.getByLabel(Pattern.compile("^Part of a name"))).isFocused();
        page.keyboard().type("whimbrl");
        // while it is typed its player is found with it
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^instrument\\b.*Whimbrel")))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Flat-top “Whimbrel”")))
                .isVisible();
        assertThat(page.getByText("Quayside Quartet").first()).isVisible();
    }
}
