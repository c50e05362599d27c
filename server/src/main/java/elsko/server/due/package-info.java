/** What falls due on the boats, and how their engines went over the years. */
package elsko.server.due;
