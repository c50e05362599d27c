/**
 * The disk under the yard: whether what is said can be kept, what is answered while it cannot, and
 * how it comes back.
 */
@NullMarked
package elsko.server.disk;

import org.jspecify.annotations.NullMarked;
