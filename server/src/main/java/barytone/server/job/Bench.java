package barytone.server.job;

import barytone.core.reading.Toolkit;
import barytone.server.shop.Shop;

/** What the shop has at hand while a job is looked at. */
record Bench(Toolkit tools, Shop.Schools schools) {}
