/** The boats in the yard's care: their descriptions, and the list of them with their protection. */
package elsko.server.fleet;
