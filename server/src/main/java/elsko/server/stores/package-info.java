/** What is on the shelf, what the work ahead takes, and what to order. */
package elsko.server.stores;
