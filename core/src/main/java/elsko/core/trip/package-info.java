/** Whether there is enough fuel for a trip. */
@NullMarked
package elsko.core.trip;

import org.jspecify.annotations.NullMarked;
