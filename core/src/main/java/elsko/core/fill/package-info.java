/**
 * Fill prediction: what a method leaves in each segment before anyone samples. Water and antifreeze
 * in cells along a path; knows fluids, and how a circuit's path is laid, but not what happened to a
 * boat.
 */
@NullMarked
package elsko.core.fill;

import org.jspecify.annotations.NullMarked;
