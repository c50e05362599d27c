/**
 * From what an owner complains of to what is done about it: likely causes in the order in which
 * they are looked at, what looking costs, the work, and what waiting risks.
 */
@NullMarked
package elsko.core.complaint;

import org.jspecify.annotations.NullMarked;
