/** Who changed people, settings and links, in one list. */
@NullMarked
package elsko.server.audit;

import org.jspecify.annotations.NullMarked;
