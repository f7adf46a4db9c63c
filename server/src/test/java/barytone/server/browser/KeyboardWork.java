package barytone.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * Works on a job by keyboard alone until it is done: D goes to what is to be read and ticks off what is to be done; what is typed is what an honest
 * instrument would show, which is what was found at first and what the last move was expected to give from then on. Every reading must land where it was
 * meant.
 */
final class KeyboardWork {
    private static final int MOST_STEPS = 140;

    /** A reading on the tape: its station, its string and what was typed. */
    static final Pattern ON_TAPE = Pattern.compile("(Relief|Nut|Action) (\\d+)\\b.*?: (.*) mm");

    /** What is found under a string that was not read yet, mm as it is typed. */
    interface Found {
        String at(String station, int string);
    }

    private KeyboardWork() {}

    /** @return the kinds of advice that were met, the moves by their first word */
    static Set<String> on(Page page, Found found) {
        Set<String> met = new HashSet<>();
        JsonNode job = BrowserWalk.job(page);
        for (int step = 0; step < MOST_STEPS; step++) {
            String headline = job.at("/advice/headline").asString();
            String kind = job.at("/advice/kind").asString();
            assertThat(BrowserWalk.headline(page)).hasText(headline);
            met.add(kind.equals("move") ? headline.split(" ")[0] : kind);
            switch (kind) {
                case "done" -> {
                    return met;
                }
                case "measure" -> job = read(page, job, found);
                case "proud" -> {
                    BrowserWalk.key(page, "d");
                    page.keyboard().type("7");
                    job = pressed(page, job, "Enter");
                }
                case "measure-again" -> job = pressed(page, job, "k");
                case "stop" -> job = pressed(page, job, "l");
                // what was otherwise than noted is not ticked off by the key that says that it was done
                case "wrong-way", "free-play" -> {
                    BrowserWalk.key(page, "f");
                    job = pressed(page, job, "Enter");
                }
                case "settle" -> {
                    TestClock.pass(Duration.ofMinutes(10));
                    page.reload();
                    job = BrowserWalk.job(page);
                }
                default -> job = pressed(page, job, "d");
            }
        }
        throw new AssertionError("not done after " + MOST_STEPS + " steps: " + job.at("/advice/headline"));
    }

    private static JsonNode read(Page page, JsonNode job, Found found) {
        String code = job.at("/advice/station").asString();
        String station = Character.toUpperCase(code.charAt(0)) + code.substring(1);
        int string = job.at("/advice/strings/0").asInt();
        String text = now(job, station, string, found);
        BrowserWalk.key(page, "d");
        Locator field = BrowserWalk.reading(page, station, String.valueOf(string));
        assertThat(field).isFocused();
        page.keyboard().type(text);
        JsonNode after = pressed(page, job, "Enter");
        Matcher newest = ON_TAPE.matcher(after.at("/tape/0/text").asString());
        assertThat(newest.matches()).as("a reading is the newest line").isTrue();
        assertThat(newest.group(1) + " " + newest.group(2) + ": " + newest.group(3))
                .isEqualTo(station + " " + string + ": " + text);
        return after;
    }

    private static String now(JsonNode job, String station, int string, Found found) {
        for (JsonNode row : job.get(station.toLowerCase(Locale.ROOT)).get("rows"))
            if (row.get("string").asInt() == string && row.hasNonNull("now"))
                return row.get("now").asString();
        return found.at(station, string);
    }

    /** A key that adds to the job. @return the job as it is then */
    private static JsonNode pressed(Page page, JsonNode before, String key) {
        BrowserWalk.key(page, key);
        long last = before.get("seq").asLong();
        return BrowserWalk.shownAfter(page, last);
    }
}
