/**
 * What comes in from outside, before anybody looks at what it says: how large, how slow and how
 * much at once.
 */
@NullMarked
package elsko.server.edges;

import org.jspecify.annotations.NullMarked;
