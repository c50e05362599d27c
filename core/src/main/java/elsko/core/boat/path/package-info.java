/**
 * A boat's water as it stands in the hull: circuits with their segments and low points, and the
 * fittings people set.
 */
@NullMarked
package elsko.core.boat.path;

import org.jspecify.annotations.NullMarked;
