/** How long work takes this crew: learned from the cards that were done here. */
package elsko.core.plan.minutes;
