package barytone.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TopicTest {
    @ParameterizedTest
    @CsvSource({
        "leave-RELIEF, leave, RELIEF",
        "file-3, file, 3",
        "file, file, ''",
        "nut-low, nut-low, ''",
        "saddle-limit-0, saddle-limit, 0",
        "rod-way-12, rod-way, 12",
        "measure-NUT, measure, NUT",
        "recheck, recheck, ''",
    })
    void whatWasStoredByAnyVersionIsReadAndStoredAgainAsItWas(String code, String kind, String of) {
        assertThat(Topic.read(code)).isEqualTo(new Topic(kind, of));
        assertThat(Topic.read(code).code()).isEqualTo(code);
    }
}
