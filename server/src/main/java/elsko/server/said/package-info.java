/** What can be said in an entry, as it is sent: one record per kind, told apart by {@code kind}. */
@NullMarked
package elsko.server.said;

import org.jspecify.annotations.NullMarked;
