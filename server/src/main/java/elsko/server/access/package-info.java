/**
 * Who comes in: sign-in, sessions, known devices, guessing, and which role reaches which address.
 */
@NullMarked
package elsko.server.access;

import org.jspecify.annotations.NullMarked;
