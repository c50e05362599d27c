/** The one clock of the yard, and the time zone it stands in. Knows nothing else. */
package elsko.server.clock;
