package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import com.microsoft.playwright.Page;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** A day at the bench: instruments of many kinds one after the other, found too high everywhere, worked on by keyboard until it can go home. */
@Order(2)
class DayWalkTest extends BrowserWalk {
    /** How much too high everything is found, mm. */
    private static double over(String station) {
        return switch (station) {
            case "Relief" -> 0.07;
            case "Nut" -> 0.05;
            default -> 0.5;
        };
    }

    private static String found(JsonNode job, String station, int string) {
        for (JsonNode row : job.get(station.toLowerCase(Locale.ROOT)).get("rows")) {
            if (row.get("string").asInt() != string) continue;
            String target = row.get("target").asString();
            double high =
                    Double.parseDouble(target.substring(target.indexOf('–') + 1).strip());
            return String.format(Locale.ROOT, "%.2f", high + over(station));
        }
        throw new AssertionError("no string " + string + " at " + station);
    }

    @ParameterizedTest
    // an electric and a flat-top are worked on in SetupWalkTest; what is like another is left out
    @EnumSource(names = {"SEMI_HOLLOW", "NYLON", "TWELVE_STRING", "BASS_5", "MANDOLIN"})
    void fromIntakeToHandOverWithoutALook(InstrumentKind kind) {
        Page page = takeIn(kind.name(), "Intonation", "Pickups");
        // as found: every station in one go
        JsonNode taken = job(page);
        for (String station : new String[] {"Relief", "Nut", "Action"}) {
            page.keyboard().press("Shift+" + station.charAt(0));
            for (JsonNode row : taken.get(station.toLowerCase(Locale.ROOT)).get("rows")) {
                page.keyboard().type(found(taken, station, row.get("string").asInt()));
                page.keyboard().press("Enter");
            }
        }
        assertThat(page.getByTestId("rest")).containsText("At rest");
        page.waitForCondition(
                () -> job(page).get("action").get("rows").valueStream().allMatch(row -> row.hasNonNull("now")));
        JsonNode asFound = job(page);
        for (String station : new String[] {"relief", "nut", "action"})
            assertThat(asFound.get(station).get("rows").valueStream())
                    .as(station + " as found, of " + asFound.get("tape"))
                    .allMatch(row -> row.hasNonNull("found"));
        Set<String> met = KeyboardWork.on(page, (station, string) -> found(taken, station, string));
        JsonNode done = job(page);
        assertThat(met).contains("done");
        for (String station : new String[] {"relief", "nut", "action"}) {
            JsonNode rows = done.get(station).get("rows");
            for (int i = 0; i < rows.size(); i++) {
                // as found has not changed by all the work
                assertThat(rows.get(i).get("found"))
                        .as(station + " " + rows.get(i))
                        .isEqualTo(asFound.get(station).get("rows").get(i).get("found"));
                // a neck without a rod stays as it is
                if (!asFound.at("/instrument/rod").asString().equals("none"))
                    assertThat(rows.get(i).get("verdict").asString())
                            .as(station + " " + rows.get(i))
                            .isIn("in", "cannot-tell");
            }
        }
        page.keyboard().press("d");
        button(dialog(page), "Close the job").click();
        assertThat(headline(page)).hasText("Closed");
    }
}
