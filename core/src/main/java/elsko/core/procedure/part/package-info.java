/**
 * Pieces of work that more than one procedure has: giving a pump water, warming up, readings, the
 * coolant, the look for frost, cautions.
 */
package elsko.core.procedure.part;
