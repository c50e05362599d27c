/** What owners complain of, and what is done about it. */
@NullMarked
package elsko.server.complaint;

import org.jspecify.annotations.NullMarked;
