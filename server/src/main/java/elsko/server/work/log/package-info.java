/**
 * Takes entries in, one boat at a time, checks them with core, keeps them, and keeps beside them
 * what lists show.
 */
package elsko.server.work.log;
