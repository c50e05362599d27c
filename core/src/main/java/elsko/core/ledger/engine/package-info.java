/**
 * What follows from the log for one engine: how its gauges went, its hours, what was serviced when
 * and what falls due.
 */
package elsko.core.ledger.engine;
