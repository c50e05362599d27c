/** The proof round: an afternoon of sampling across boats, and labels for its bottles. */
package elsko.server.work.round;
