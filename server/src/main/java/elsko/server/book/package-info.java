/** What was done, by whom, with what result: the log of the whole yard, and where a lot went. */
package elsko.server.book;
