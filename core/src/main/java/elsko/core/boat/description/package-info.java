/**
 * What a person says about a boat and its engines, which kinds of engine there are, and what cannot
 * be true together.
 */
@NullMarked
package elsko.core.boat.description;

import org.jspecify.annotations.NullMarked;
