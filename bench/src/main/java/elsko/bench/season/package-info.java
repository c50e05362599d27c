/** Seasons of true boats, lay-up after lay-up, and what fooled the record. */
package elsko.bench.season;
