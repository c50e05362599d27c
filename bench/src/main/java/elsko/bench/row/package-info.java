/** A row of the benchmark: measured, held against the one before, written down. */
package elsko.bench.row;
