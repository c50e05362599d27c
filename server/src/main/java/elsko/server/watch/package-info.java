/** What whoever looks after this machine sees of the server: nothing of the yard or its people. */
@NullMarked
package elsko.server.watch;

import org.jspecify.annotations.NullMarked;
