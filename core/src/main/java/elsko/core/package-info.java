/**
 * The job itself: rules and computation, in plain Java. Knows no framework, no clock and no file.
 */
@NullMarked
package elsko.core;

import org.jspecify.annotations.NullMarked;
