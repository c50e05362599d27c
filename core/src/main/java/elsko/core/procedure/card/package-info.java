/**
 * What a card is: steps, what each asks for, which entry answers it, when a step is done, the
 * clocks that run.
 */
package elsko.core.procedure.card;
