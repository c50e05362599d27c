/** The kit register: which piece fits which boat, what went through it last, and who has it. */
@NullMarked
package elsko.server.kit;

import org.jspecify.annotations.NullMarked;
