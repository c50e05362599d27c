/**
 * What to look at when something is wrong: short paths of questions, each answer leading to the
 * next or to what is to be done. Knows no boats.
 */
@NullMarked
package elsko.core.guide;

import org.jspecify.annotations.NullMarked;
