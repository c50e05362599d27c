/**
 * What a boat may have besides its engines: one file for each thing, with everything the yard knows
 * of it: its circuit, segments, drains and pour points, how it counts in the cold, and the words
 * and cautions of its work. Higher rooms interpret this and name none of them. Volumes in liters.
 */
@NullMarked
package elsko.core.boat.accessory;

import org.jspecify.annotations.NullMarked;
