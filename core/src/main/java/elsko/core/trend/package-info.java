/** How an engine's readings went over years, and what that says. */
package elsko.core.trend;
