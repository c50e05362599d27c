/**
 * The way in from other devices, without which phones have no use without signal: an authority of
 * the yard's own, a certificate for every name of this machine, and the page that explains it.
 */
@NullMarked
package elsko.server.https;

import org.jspecify.annotations.NullMarked;
