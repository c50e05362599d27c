/** The judgement calls as numbers: what a reading must be, and what to do when it is not. */
@NullMarked
package elsko.core.limits;

import org.jspecify.annotations.NullMarked;
