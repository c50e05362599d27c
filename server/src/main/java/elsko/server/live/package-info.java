/** Tells open screens what changed. */
package elsko.server.live;
