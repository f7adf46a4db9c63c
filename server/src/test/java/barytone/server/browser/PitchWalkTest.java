package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barytone.core.pitch.PluckedSound;
import barytone.server.RunningBarytone;
import barytone.server.sound.Wav;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tuning by listening in the real page: a microphone, a file, the stand-in, and what goes wrong with them. */
class PitchWalkTest {
    private static RunningBarytone app;
    private static Browsing deaf;
    private static Browsing hearing;

    @BeforeAll
    static void start(@TempDir Path data, @TempDir Path sounds) throws IOException {
        app = RunningBarytone.in(data);
        // an A a little flat, plucked again and again
        Path wav = sounds.resolve("string.wav");
        Files.write(wav, string(109.8, 3));
        hearing = Browsing.hearing(app.base(), wav);
        deaf = Browsing.deaf(app.base());
    }

    @AfterAll
    static void stop() {
        deaf.close();
        hearing.close();
        app.close();
    }

    private static byte[] string(double frequency, double seconds) {
        return Wav.write(PluckedSound.of(frequency, 1e-4).noise(35).sound(seconds, 44_100, 5));
    }

    private static Locator headline(Page page) {
        return page.getByTestId("headline");
    }

    private static Locator row(Page page, String string) {
        return page.getByRole(
                AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^" + string + "\\b.*")));
    }

    @Test
    void theMicrophoneIsHeardAndTheStringRecognised() {
        Page page = hearing.listening("/pitch");
        assertThat(row(page, "5 A")).containsText("110.00 Hz");
        page.keyboard().press("m");
        assertThat(headline(page)).hasText("5 A is flat: tighten");
        assertThat(page.getByText(Pattern.compile("^[−]3\\.\\d cents, 109\\.8\\d Hz; wanted 110\\.00 Hz")))
                .isVisible();
        // with a real string in the room the stand-in is out of the way
        assertThat(page.getByText("Stand-in, cents off")).hasCount(0);
        assertThat(page.getByLabel("Input")).isVisible();
        // a reference at which the same string is right
        page.getByLabel("A4, Hz").fill("439.2");
        assertThat(headline(page)).hasText("5 A is in tune");
        assertThat(row(page, "5 A")).containsText("✓");
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop listening"))
                .click();
        assertThat(headline(page)).hasText("Choose what to listen to");
    }

    @Test
    void theStandInIsTunedUpStringByString() {
        Page page = deaf.page("/pitch");
        assertThat(row(page, "6 E")).isVisible();
        page.keyboard().press("6");
        page.keyboard().press("p");
        assertThat(headline(page)).hasText("6 E is flat: tighten");
        for (int i = 0; i < 2; i++)
            page.getByLabel("Tighten the stand-in's string 6 by 2 cents").click();
        page.getByLabel("Pluck the stand-in's string 6").click();
        assertThat(row(page, "6 E")).containsText("✓ −1.0");
        // it moved on by itself
        assertThat(page.getByLabel("5 A: only this string")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("0");
        page.getByLabel("Pluck the stand-in's string 2").click();
        assertThat(headline(page)).hasText("2 B is sharp: loosen below pitch, then come up");
        page.keyboard().press("c");
        assertThat(row(page, "6 E")).not().containsText("✓");
    }

    @Test
    void aFileIsHeardAndABadOneExplained() {
        Page page = deaf.page("/pitch");
        Locator file = page.getByLabel(Pattern.compile("^A WAV file instead.*"));
        file.setInputFiles(new FilePayload("g.wav", "audio/wav", string(196.0, 1.5)));
        assertThat(headline(page)).hasText("3 G is in tune");
        file.setInputFiles(
                new FilePayload("note.wav", "audio/wav", "no sound at all".getBytes(StandardCharsets.US_ASCII)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("allowed is a WAV file, 16-bit PCM or float");
        // what was heard before stays
        assertThat(row(page, "3 G")).containsText("✓");
    }

    @Test
    void withoutPermissionTheOtherWaysAreNamed() {
        Page page = deaf.page("/pitch");
        assertThat(row(page, "6 E")).isVisible();
        page.keyboard().press("m");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("or use a WAV file or the stand-in");
    }

    @Test
    void tuningsAndReferenceAreChosenAndAWrongOneIsNamed() {
        Page page = deaf.page("/pitch");
        page.getByLabel("Usual tunings").selectOption("baritone");
        assertThat(row(page, "6 B")).containsText("61.74 Hz");
        page.getByLabel("A4, Hz").fill("415");
        assertThat(row(page, "4 A")).containsText("103.75 Hz");
        page.getByLabel("Tuning, lowest string first").fill("B1 E2 A2 D3 F#3 H3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“H3” is not a note");
        // the strings that were valid stay on screen until it is right again
        assertThat(row(page, "6 B")).isVisible();
    }
}
