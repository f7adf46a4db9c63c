package barytone.server.shop;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.PlainNumber;
import barytone.server.web.Texts;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's price list over HTTP; sums as they are typed. */
@RestController
@RequestMapping(path = "/api/shop/prices", produces = MediaType.APPLICATION_JSON_VALUE)
class PricesController {
    private static final int MOST = 200;

    private final PriceList list;

    PricesController(PriceList list) {
        this.list = list;
    }

    /** A line, its price as it is typed; empty while none is set. */
    record PricedView(Agreement.Kind kind, String text, String price) {}

    /**
     * The price list.
     *
     * @param version counts changes; sent back with the next one
     * @param currency as it is written after a sum; may be empty
     * @param decimals of the smallest coin
     * @param tax in %, as it is typed
     * @param taxIncluded whether prices are stated with it
     * @param askShare from what share of an instrument's worth on, in %, it is asked whether the work is worth it
     */
    record PricesView(
            long version,
            String currency,
            int decimals,
            String tax,
            boolean taxIncluded,
            int askShare,
            List<PricedView> services) {}

    /** The shop's price list. */
    @GetMapping
    PricesView prices() {
        return view(list.prices(), list.version());
    }

    /** Keeps the price list; jobs on which something was agreed keep what they have. */
    @PutMapping
    PricesView keepPrices(@RequestBody PricesView asked) {
        Money money = new Money(asked.currency(), asked.decimals());
        double tax = PlainNumber.parse("tax", asked.tax().replace("%", "").strip(), "a number of %, such as 25");
        Allowed.number("tax", tax, 0, 100, "%");
        Allowed.whole("services", asked.services().size(), 0, MOST);
        Prices prices = new Prices(
                money,
                (int) Math.round(tax * 10),
                asked.taxIncluded(),
                Allowed.whole("askShare", asked.askShare(), 1, 1000),
                asked.services().stream()
                        .map(s -> new Prices.Priced(
                                s.kind(),
                                Texts.of("service", s.text(), 1, 200),
                                s.price().isBlank() ? 0 : money.parse("price of “" + s.text() + "”", s.price())))
                        .toList());
        list.keep(asked.version(), prices);
        return prices();
    }

    private static PricesView view(Prices prices, long version) {
        return new PricesView(
                version,
                prices.money().name(),
                prices.money().decimals(),
                Allowed.plain(prices.taxPermille() / 10.0),
                prices.taxIncluded(),
                prices.askShare(),
                prices.services().stream()
                        .map(s -> new PricedView(
                                s.kind(),
                                s.text(),
                                s.price() == 0 ? "" : prices.money().bare(s.price())))
                        .toList());
    }
}
