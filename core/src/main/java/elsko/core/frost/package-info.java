/**
 * The frost clock: weather that may come, the air inside a hull, water in pockets, and by when each
 * circuit must be dealt with. May call boat, fluid, fill and ledger; knows no cards and no plan.
 */
package elsko.core.frost;
