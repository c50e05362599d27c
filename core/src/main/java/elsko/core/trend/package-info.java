/** How an engine's readings went over years, and what that says. */
@NullMarked
package elsko.core.trend;

import org.jspecify.annotations.NullMarked;
