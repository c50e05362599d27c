/**
 * Which fact may not come next: the interlocks, who may start an engine, what keeps the sea out,
 * where a late or corrected entry belongs.
 */
package elsko.core.ledger.rules;
