/** The pieces a yard made for its boats: what they fit, and what went through them last. */
@NullMarked
package elsko.core.kit;

import org.jspecify.annotations.NullMarked;
