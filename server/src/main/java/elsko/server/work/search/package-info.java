/** The log of one boat and of the whole yard, paged and searched. */
package elsko.server.work.search;
