/** What a boat's work came to, for whoever writes the bill: no prices. */
@NullMarked
package elsko.core.jobsheet;

import org.jspecify.annotations.NullMarked;
