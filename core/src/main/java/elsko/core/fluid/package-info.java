/**
 * What antifreeze does: freeze and burst curves of glycol in water, products, and instruments.
 * Knows nothing of boats. SI: °C, L; concentration is the mass fraction of glycol, 0 to 1.
 */
package elsko.core.fluid;
