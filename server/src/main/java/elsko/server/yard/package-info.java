/** The yard itself: what it guards against, its areas and berths. */
package elsko.server.yard;
