/** Benchmarks of what must be fast, run by {@code ./elsko bench}. */
package elsko.bench;
