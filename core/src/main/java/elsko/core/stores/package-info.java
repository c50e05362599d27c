/** What the work ahead takes from the shelf, when it runs out, and what to order. */
package elsko.core.stores;
