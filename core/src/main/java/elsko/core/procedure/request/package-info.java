/**
 * What a card is written for: the boat as it stands, what was chosen, one circuit of it with its
 * fittings, and what is asked around a run of its engine.
 */
package elsko.core.procedure.request;
