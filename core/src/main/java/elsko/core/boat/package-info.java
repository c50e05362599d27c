/**
 * What a boat is: layout, engine, circuits, segments, low points and fittings, written out from a
 * short description by a layout's template. Knows nothing of what happened to a boat.
 */
@NullMarked
package elsko.core.boat;

import org.jspecify.annotations.NullMarked;
