/**
 * The verdict on a sample: what the yard guards against, what was read, how strong it is at its
 * weakest, and what puts it right.
 */
package elsko.core.fluid.verdict;
