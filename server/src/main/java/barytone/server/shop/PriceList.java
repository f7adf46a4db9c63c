package barytone.server.shop;

import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The shop's price list as it is kept. */
@Component
public class PriceList {
    private static final String NAME = "prices";

    private final Settings settings;
    private final JsonMapper mapper = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    PriceList(Settings settings) {
        this.settings = settings;
    }

    /** The prices; the usual list without any until the shop has its own. */
    public Prices prices() {
        return settings.find(Settings.Scope.SHOP, "", NAME)
                .map(s -> mapper.readValue(s.body(), Prices.class))
                .orElse(Prices.USUAL);
    }

    long version() {
        return settings.find(Settings.Scope.SHOP, "", NAME)
                .map(Settings.Stored::version)
                .orElse(0L);
    }

    /**
     * Keeps the prices.
     *
     * @throws StaleSettingException when another window changed them since
     */
    public void keep(long version, Prices prices) {
        settings.store(Settings.Scope.SHOP, "", NAME, version, mapper.writeValueAsString(prices));
    }
}
