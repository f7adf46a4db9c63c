package barytone.server.job;

import barytone.core.advice.Outfit;
import barytone.core.reading.Toolkit;
import barytone.server.shop.Shop;

/** What the shop has at hand while a job is looked at. */
public record Bench(Outfit means, Shop.Schools schools) {
    public Toolkit tools() {
        return means.tools();
    }
}
