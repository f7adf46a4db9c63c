package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.pitch.Sound;
import barytone.core.pitch.StrikingString;
import barytone.server.sound.Wav;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A planted fault, from the complaint to the closed case, by the microphone: the hands stay on the instrument. */
@Order(3)
class FretEarWalkTest extends BrowserWalk {
    private static final double RATE = 44_100;
    private static final double OPEN_G = 196;
    private static final double QUIET = 0.3;
    private static final double RINGS = 1.4;

    /** The open G and its first frets one after the other, each after a pause; the room over the first crown is a share of what the open string needs. */
    private static Path played(Path file, double gap, int frets) throws IOException {
        int each = (int) ((QUIET + RINGS) * RATE);
        double[] x = new double[each * (frets + 1)];
        for (int fret = 0; fret <= frets; fret++) {
            double[] note = StrikingString.of(OPEN_G * Math.pow(2, fret / 12.0), 8e-5, fret == 0 ? gap : 1)
                    .noise(45)
                    .sound(RINGS, RATE, fret)
                    .samples();
            System.arraycopy(note, 0, x, each * fret + (int) (QUIET * RATE), note.length);
        }
        return Files.write(file, Wav.write(new Sound(x, RATE)));
    }

    private static Locator cell(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ":")));
    }

    private static void isHeard(Page page, String note, String how) {
        assertThat(cell(page, note)).hasAccessibleName(Pattern.compile(".*" + how + ".*"));
    }

    /** To the board of a job, with the cursor on the open G. */
    private static void toOpenG(Page page) {
        page.keyboard().press("Shift+F");
        cell(page, "6 E open").focus();
        for (int i = 0; i < 3; i++) page.keyboard().press("ArrowDown");
        assertThat(cell(page, "3 G open")).isFocused();
    }

    private static void read(Page page, String... gaps) {
        key(page, "d");
        for (String gap : gaps) {
            page.keyboard().type(gap);
            page.keyboard().press("Enter");
        }
    }

    @Test
    void aLowSlotIsHeardReadFilledAndHeardAgain(@TempDir Path sounds) throws IOException {
        String address;
        try (Browsing buzzing = Browsing.hearing(app().base(), played(sounds.resolve("buzz.wav"), 0.25, 4))) {
            Page page = buzzing.listening("/");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Petrel")))
                    .first()
                    .click();
            assertThat(page.getByTestId("complaint")).containsText("The open G buzzes");
            address = page.url().replaceAll("^https?://[^/]*", "");
            toOpenG(page);
            page.keyboard().press("m");
            isHeard(page, "3 G open", "buzzes");
            for (int fret = 1; fret <= 4; fret++) isHeard(page, "3 G at " + fret, "rings clean");
            page.keyboard().press("m");
            assertThat(page.getByTestId("heard")).hasCount(0);
            assertThat(page.getByText("A nut slot that is too low").first()).isVisible();
            assertThat(headline(page)).containsText("Read the nut");
            read(page, "0.15", "0.145", "0.14", "0.02mm", "0.13", "0.125");
            assertThat(headline(page)).hasText("Read the nut of string 3 G once more");
            read(page, "0.02mm");
            assertThat(headline(page)).hasText("Fill the slot of string 3 G, then file");
            key(page, "d");
            assertThat(headline(page)).hasText("Fill curing: wait until 09:20");
            // an accelerator was used
            goOn(page);
            assertThat(headline(page)).containsText("Retune");
            key(page, "d");
            assertThat(headline(page)).hasText("Read the nut under string 3 G");
            read(page, "0.14");
            assertThat(headline(page)).containsText("Play again: open 3 G");
            assertThat(buzzing.troubles()).isEmpty();
        }
        try (Browsing mended = Browsing.hearing(app().base(), played(sounds.resolve("clean.wav"), 1, 0))) {
            Page page = mended.listening(address);
            toOpenG(page);
            page.keyboard().press("m");
            isHeard(page, "3 G open", "rings clean");
            page.keyboard().press("m");
            assertThat(headline(page)).not().containsText("Play again");
            assertThat(page.getByText("All that was marked rings clean.")).isVisible();
            assertThat(mended.troubles()).isEmpty();
        }
    }
}
