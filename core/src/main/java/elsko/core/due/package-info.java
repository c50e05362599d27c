/** What falls due, when, and why: counted for each engine from its own record. */
package elsko.core.due;
