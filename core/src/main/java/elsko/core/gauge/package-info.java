/**
 * An engine watched while it warms up: what its gauges say, against its limits and its own past.
 * Knows engines and limits, no cards and no log.
 */
@NullMarked
package elsko.core.gauge;

import org.jspecify.annotations.NullMarked;
