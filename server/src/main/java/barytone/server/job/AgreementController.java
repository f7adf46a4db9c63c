package barytone.server.job;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.server.shop.PriceList;
import barytone.server.shop.Prices;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was agreed with the player: lines with prices, the promised day, who accepted it. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/agreement", produces = MediaType.APPLICATION_JSON_VALUE)
class AgreementController {
    private static final int LONGEST = 120;

    private final JobDesk desk;
    private final PriceList prices;
    private final Clock clock;

    AgreementController(JobDesk desk, PriceList prices, Clock clock) {
        this.desk = desk;
        this.prices = prices;
        this.clock = clock;
    }

    /**
     * A line as it is typed.
     *
     * @param price a sum as in 35 or 35.00; empty for nothing
     * @param why an offer was made, or not taken
     */
    record LineTyped(
            Agreement.Kind kind,
            String text,
            String price,
            @Nullable String why) {}

    /**
     * All that is agreed, in place of what was agreed before.
     *
     * @param worth what the instrument is worth, a sum; null or empty when nobody said
     * @param promised a day as in 2031-02-06; null or empty when none is promised
     * @param acceptedBy who accepted it; null or empty while nobody has
     * @param acceptedHow at the counter, by telephone…
     */
    record AgreementTyped(
            long after,
            @RequestKey String key,
            List<LineTyped> lines,
            @Nullable String worth,
            @Nullable String promised,
            @Nullable String acceptedBy,
            @Nullable String acceptedHow)
            implements Addition {}

    /** Writes down what was agreed. Prices are in the shop's currency, with its tax as it is now. */
    @PostMapping
    JobView writeAgreement(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AgreementTyped asked) {
        Prices shop = prices.prices();
        Money money = shop.money();
        List<Agreement.Line> lines = asked.lines().stream()
                .map(l -> new Agreement.Line(
                        l.kind(),
                        l.text().strip(),
                        l.price().isBlank()
                                ? 0
                                : money.parse("price of “" + l.text().strip() + "”", l.price()),
                        l.why() == null ? "" : l.why().strip()))
                .toList();
        LocalDate promised = Typed.day("promised", asked.promised());
        Agreement agreed = new Agreement(
                money,
                shop.taxPermille(),
                shop.taxIncluded(),
                lines,
                blank(asked.worth()) ? null : (Long) money.parse("worth", String.valueOf(asked.worth())),
                shop.askShare(),
                promised,
                Texts.optional("acceptedBy", asked.acceptedBy(), LONGEST),
                Texts.optional("acceptedHow", asked.acceptedHow(), LONGEST));
        return desk.add(id, unit, asked, job -> {
            // what was promised before and is past by now may stay; nothing new is promised for a day that is over
            boolean stands = promised != null && promised.equals(before(job));
            if (promised != null && !stands && promised.isBefore(Days.of(clock.instant())))
                throw Allowed.broken("promised", promised, "today or a day to come");
            return new JobEvent.AgreementSet(agreed);
        });
    }

    private static @Nullable LocalDate before(OpenedJob job) {
        return job.last(JobEvent.AgreementSet.class)
                .map(set -> set.agreement().promised())
                .orElse(null);
    }

    private static boolean blank(@Nullable String text) {
        return text == null || text.isBlank();
    }
}
