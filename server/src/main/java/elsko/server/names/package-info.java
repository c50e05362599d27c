/** The names by which things are stored and sent, independent of what Java calls them. */
package elsko.server.names;
