/** What a boat has taught of itself. */
package elsko.core.ledger.learned;
