/** What falls due, when, and why: counted for each engine from its own record. */
@NullMarked
package elsko.core.due;

import org.jspecify.annotations.NullMarked;
