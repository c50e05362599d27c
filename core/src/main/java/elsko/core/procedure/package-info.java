/**
 * Cards: the steps of a procedure for one boat, written by small contributors and sorted by their
 * reasons. May call boat, ledger, fluid and limits.
 */
package elsko.core.procedure;
