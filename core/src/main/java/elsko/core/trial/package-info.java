/**
 * Whole lay-ups of true boats: a hand follows the cards, records what it sees, makes mistakes by
 * name, and after every entry what Elsko claims is held against what would really break.
 */
@NullMarked
package elsko.core.trial;

import org.jspecify.annotations.NullMarked;
