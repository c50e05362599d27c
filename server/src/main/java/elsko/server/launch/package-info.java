/** Who may go into the water, and when the lift takes them. */
package elsko.server.launch;
