/** Boats, cards and what a step asks for, as they go over the wire. */
package elsko.server.work.view;
