package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is still to be read is told as a set: as found before the first move, as left before closing. */
class MissingApiTest extends JobsOverHttp {
    private static String all(JsonNode texts) {
        return String.join(
                "\n",
                StreamSupport.stream(texts.spliterator(), false)
                        .map(JsonNode::asString)
                        .toList());
    }

    @Test
    void asFoundIsToldBeforeTheFirstMoveAndWhatWasLeftOutIsNot() {
        long job = electric("As found");
        assertThat(all(job(job).at("/advice/why")))
                .contains(
                        "Missing as found after that: nut under all strings, 6 E to 1 e; action under all strings, 6 E to 1 e.");
        read(job, "RELIEF", 6, "0.2");
        read(job, "RELIEF", 1, "0.17");
        assertThat(job(job).at("/advice/headline").asString()).startsWith("Read the nut");
        assertThat(all(job(job).at("/advice/why"))).contains("Missing as found after that: action under all strings");
        // the nut is left: nothing is missing but what is asked for now
        post(job, "declined", "");
        assertThat(job(job).at("/advice/headline").asString()).startsWith("Read the action");
        assertThat(all(job(job).at("/advice/why"))).doesNotContain("Missing");
    }

    @Test
    void asLeftIsToldBeforeClosing() {
        long job = electric("As left");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        assertThat(all(job(job).at("/closing/remarks"))).doesNotContain("Missing as left");
        assertThat(post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false")
                        .status())
                .isEqualTo(200);
        assertThat(all(job(job).at("/closing/remarks")))
                .contains("Missing as left, reckoned only: relief under strings 6 E and 1 e; ")
                .contains("Still waits: neck settling, until ");
    }
}
