/**
 * What happened to a boat, and what follows from it: entries are folded into fittings, loose ends,
 * protection and card progress; the interlocks say which entry may not come next. May call boat and
 * fluid.
 */
package elsko.core.ledger;
