/**
 * What one line of the log says: facts with their values, and the log as it stands after
 * corrections.
 */
package elsko.core.ledger.fact;
