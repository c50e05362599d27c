/** What somebody has to decide or to know of, worked out from a boat's state. */
package elsko.core.ledger.decision;
