/**
 * A plan held against what the handbook asks, minute by minute; shares nothing with the planner.
 */
package elsko.core.plan.check;
