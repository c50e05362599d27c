/** Turns everything that is refused into an RFC 9457 problem document in plain words. */
package elsko.server.problems;
