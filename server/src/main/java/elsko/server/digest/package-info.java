/** Digests of texts, and random keys of which only the digest is kept. */
@NullMarked
package elsko.server.digest;

import org.jspecify.annotations.NullMarked;
