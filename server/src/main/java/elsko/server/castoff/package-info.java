/** May we go? Rounds before casting off, for the yard and by link for an owner. */
package elsko.server.castoff;
