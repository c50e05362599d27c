/** May we go? The round before casting off, what stands against it, and fuel: go or no-go. */
@NullMarked
package elsko.core.castoff;

import org.jspecify.annotations.NullMarked;
