/** What can be said in an entry, as it is sent: one record per kind, told apart by {@code kind}. */
package elsko.server.said;
