/**
 * What follows from the log for one circuit: what is in each segment, what vouches for it, what was
 * measured, what that makes of its protection.
 */
package elsko.core.ledger.circuit;
