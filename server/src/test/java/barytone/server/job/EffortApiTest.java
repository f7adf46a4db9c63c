package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What work takes at this bench is the shop's to say, and the advice goes by it. */
class EffortApiTest extends JobsOverHttp {
    private static final String USUAL =
            "\"reading\":\"0.5\",\"retune\":\"1.5\",\"slackening\":\"3\",\"comeback\":\"10\"";

    private static String keep(String minutes) {
        int version = number(app().get("/api/shop/effort").text(), "version");
        return app().put("/api/shop/effort", "{\"version\":%d,%s}".formatted(version, minutes))
                .text();
    }

    private static int number(String json, String field) {
        return Integer.parseInt(json.replaceAll("(?s).*\"" + field + "\":(\\d+).*", "$1"));
    }

    @AfterEach
    void asUsual() {
        keep(USUAL);
    }

    @Test
    void whereALookIsDearFewerAreAskedForAndThePageSaysFromWhen() {
        assertThat(app().get("/api/shop/effort").text()).contains("more than 5 %");
        assertThat(keep("\"reading\":\"2,5\",\"retune\":\"4\",\"slackening\":\"8\",\"comeback\":\"10\""))
                .contains("\"reading\":\"2.5\"")
                .contains("more than 25 %")
                .contains("of its own with more than 90 %");
    }

    @Test
    void minutesThatAreNoneAreRefusedAndNothingChanges() {
        String before = app().get("/api/shop/effort").text();
        assertThat(keep(USUAL.replace("\"0.5\"", "\"90\"")))
                .contains("given 90")
                .contains("0.05");
        assertThat(keep(USUAL.replace("\"0.5\"", "\"soon\""))).contains("soon").contains("minutes");
        assertThat(app().get("/api/shop/effort").text()).isEqualTo(before);
    }

    @Test
    void whatAnotherWindowChangedMeanwhileIsNotOverwritten() {
        keep(USUAL);
        assertThat(app().put("/api/shop/effort", "{\"version\":0,%s}".formatted(USUAL))
                        .status())
                .isEqualTo(409);
    }
}
