/**
 * A season as plain numbers, and what a day of it comes to when it is played minute by minute.
 * Search and explanation go by this alone.
 */
package elsko.core.plan.play;
