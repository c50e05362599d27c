/** Square codes: an address that a phone reads off paper or a screen. */
@NullMarked
package elsko.server.square;

import org.jspecify.annotations.NullMarked;
