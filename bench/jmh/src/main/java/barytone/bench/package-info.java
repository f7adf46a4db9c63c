/** Benchmarks of the core; run by {@code bench/micro}. */
package barytone.bench;
