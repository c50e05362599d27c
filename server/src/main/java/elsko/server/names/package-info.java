/** The names by which things are stored and sent, independent of what Java calls them. */
@NullMarked
package elsko.server.names;

import org.jspecify.annotations.NullMarked;
