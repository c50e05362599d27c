/**
 * Writes the usual circuits out: one template for each kind of engine, one for each accessory.
 * Volumes in liters.
 */
@NullMarked
package elsko.core.boat.template;

import org.jspecify.annotations.NullMarked;
