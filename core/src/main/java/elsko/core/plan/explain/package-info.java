/**
 * Why a plan is as it is: the rules held against it, what moving a task would mean, what had no
 * room, what changed since it was published.
 */
package elsko.core.plan.explain;
