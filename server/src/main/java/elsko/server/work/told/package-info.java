/** What an answer tells of a boat: all of it, or what differs from what was told before. */
@NullMarked
package elsko.server.work.told;

import org.jspecify.annotations.NullMarked;
