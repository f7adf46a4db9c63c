package barytone.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Figure;
import barytone.core.neck.GapMethod;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class AirResponseTest {
    private static final Instant START = Instant.parse("2029-02-01T09:00:00Z");
    private static final String ACTION = "action-bass";

    private static Figure action(double found, double left) {
        return new Figure(
                ACTION,
                "Action, bass side",
                Figure.Measure.GAP,
                new GapMethod.Action(12),
                new Figure.Value(found, 0.03, true),
                new Figure.Value(left, 0.03, true),
                null);
    }

    private static Visit visit(int number, Instant at, double found, double left, @Nullable Double humidity) {
        return new Visit(
                number,
                at,
                at.plus(Duration.ofHours(3)),
                List.of(action(found, left)),
                700,
                "12 16 24b 32b 42b 53b",
                "E A D G B E",
                false,
                humidity,
                null);
    }

    /** Half-yearly visits of a top that rises by a slope with the air, put right to 2.2 each time. */
    private static List<Visit> years(int visits, double slope, List<Air.Reading> air) {
        Random chance = new Random(4);
        List<Visit> all = new ArrayList<>();
        double before = 0;
        for (int i = 0; i < visits; i++) {
            Instant at = START.plus(Duration.ofDays(182L * i));
            double humidity = i % 2 == 0 ? 32 : 58;
            air.add(new Air.Reading(at, humidity, true));
            double found = i == 0 ? 2.2 : 2.2 + slope * (humidity - before) + 0.03 * chance.nextGaussian();
            all.add(visit(i + 1, at, found, 2.2, humidity));
            before = humidity;
        }
        return all;
    }

    @Test
    void theSlopeOfATopIsLearnedWhatIsDoneInTheShopLeftOut() {
        List<Air.Reading> air = new ArrayList<>();
        List<Visit> visits = years(5, 0.010, air);
        AirResponse learned = AirResponse.of(ACTION, InstrumentKind.FLAT_TOP, visits, new Air(air))
                .orElseThrow();
        assertThat(learned.perPoint().mean()).isCloseTo(0.010, within(0.002));
        assertThat(learned.perPoint().sd()).isLessThan(0.003);
        assertThat(learned.span()).isCloseTo(26, within(0.5));
    }

    @Test
    void nothingIsSaidFromTwoVisitsNorOfAirThatIsAlwaysTheSame() {
        List<Air.Reading> air = new ArrayList<>();
        List<Visit> two = years(2, 0.010, air);
        assertThat(AirResponse.of(ACTION, InstrumentKind.FLAT_TOP, two, new Air(air)))
                .isEmpty();
        List<Visit> same = new ArrayList<>();
        List<Air.Reading> steady = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Instant at = START.plus(Duration.ofDays(90L * i));
            steady.add(new Air.Reading(at, 45 + i % 2, true));
            same.add(visit(i + 1, at, 2.2, 2.2, 45.0));
        }
        assertThat(AirResponse.of(ACTION, InstrumentKind.FLAT_TOP, same, new Air(steady)))
                .isEmpty();
    }

    @Test
    void otherStringsMeanwhileAreNoTestimonyOfTheAir() {
        List<Air.Reading> air = new ArrayList<>();
        List<Visit> visits = new ArrayList<>();
        for (Visit v : years(5, 0.010, air))
            visits.add(new Visit(
                    v.job(),
                    v.at(),
                    v.leftAt(),
                    v.figures(),
                    v.tension(),
                    v.job() + " " + v.strings(),
                    v.tuning(),
                    true,
                    v.humidityFound(),
                    null));
        assertThat(AirResponse.of(ACTION, InstrumentKind.FLAT_TOP, visits, new Air(air)))
                .isEmpty();
    }

    @Test
    void aSeasonIsForecastWithTheSpreadOfTheMonth() {
        List<Air.Reading> air = new ArrayList<>();
        List<Visit> visits = years(5, 0.010, air);
        AirResponse learned = AirResponse.of(ACTION, InstrumentKind.FLAT_TOP, visits, new Air(air))
                .orElseThrow();
        Air.Month august = new Air(air).usual(8, ZoneOffset.UTC).orElseThrow();
        assertThat(august.humidity()).isEqualTo(58);
        assertThat(learned.forecast(new Figure.Value(2.2, 0.03, true), 32, august)
                        .mean())
                .isCloseTo(2.46, within(0.05));
        assertThat(learned.forecast(new Figure.Value(2.2, 0.03, true), 32, august)
                        .sd())
                .isBetween(0.06, 0.15);
    }

    @Test
    void woodFollowsTheAirAndForgetsIt() {
        Air air = new Air(
                List.of(new Air.Reading(START, 30, true), new Air.Reading(START.plus(Duration.ofDays(10)), 50, true)));
        double soon = air.taken(START.plus(Duration.ofDays(10))).orElseThrow();
        assertThat(soon).isBetween(42.0, 48.0);
        assertThat(air.taken(START.minusSeconds(1))).isEmpty();
        assertThat(air.taken(START.plus(Duration.ofDays(200)))).isEmpty();
    }
}
