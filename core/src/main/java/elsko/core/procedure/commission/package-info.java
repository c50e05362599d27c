/**
 * Spring: what was undone for the winter, due work, domestic water, readings, the run, the hand-
 * over.
 */
package elsko.core.procedure.commission;
