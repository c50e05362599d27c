/**
 * What happened to a boat, and what follows from it: entries are folded into fittings, loose ends,
 * protection and card progress. {@code fact} is what is said, {@code circuit}, {@code engine} and
 * {@code learned} follow one thing each, {@code rules} say which entry may not come next. May call
 * boat and fluid.
 */
package elsko.core.ledger;
