/**
 * What takes long is done apart from whoever asked for it: in portions, seen, stopped, and gone on
 * with after a restart.
 */
@NullMarked
package elsko.server.jobs;

import org.jspecify.annotations.NullMarked;
