/**
 * What a boat is: circuits, segments, low points and fittings, written out from a short description
 * by a template for each kind of engine and each accessory, then changed as this hull has it. Knows
 * nothing of what happened to a boat.
 */
@NullMarked
package elsko.core.boat;

import org.jspecify.annotations.NullMarked;
