package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What jobs together tell of the tools is told to the shop, and nothing before they do. */
class LearnedApiTest extends JobsOverHttp {
    /** The card and the caliper at the same two gaps, a few times each. */
    private static void byTwoTools(String player, String card, String caliper) {
        long job = electric(player);
        for (int string : new int[] {6, 1})
            for (int i = 0; i < 8; i++)
                post(
                        job,
                        "readings",
                        ",\"station\":\"ACTION\",\"string\":%d,\"text\":\"%s\",\"tool\":\"%s\",\"sure\":true"
                                .formatted(string, i % 2 == 0 ? card : caliper, i % 2 == 0 ? "card" : "caliper"));
    }

    @Test
    void aCardThatReadsHighOnJobAfterJobIsToldOf() {
        assertThat(app().get("/api/shop/learned").text()).contains("\"lines\":[]");
        byTwoTools("Deck crew", "1.70", "1.62");
        byTwoTools("Pit band", "1.82", "1.75");
        String told = app().get("/api/shop/learned?unit=mm").text();
        assertThat(told)
                .containsPattern(
                        "The action card reads about 0\\.0\\d mm high, by what other tools found at the same gaps")
                .contains("Told by 2 jobs.")
                .contains("\"jobs\":2");
        assertThat(app().get("/api/shop/learned?unit=thou").text()).contains("thou high");
        assertThat(app().get("/api/shop/learned?unit=ells").status()).isEqualTo(400);
    }

    @Test
    void aHandIsToldOfAfterEnoughRepeats() {
        long job = electric("Engine room");
        for (int i = 0; i < 12; i++) read(job, "NUT", 6, i % 2 == 0 ? "0.15" : "0.17");
        assertThat(app().get("/api/shop/learned").text())
                .containsPattern(
                        "Read again, a gap comes out the same within 0\\.01\\d? mm \\(1 sd\\), by \\d+ repeats");
    }
}
