/**
 * The log: takes entries in, checks them with the core, keeps them, and shows what follows from
 * them.
 */
package elsko.server.work;
