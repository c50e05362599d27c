/**
 * The search for a plan: a first one that breaks no rule, then changes that are drawn, weighed and
 * kept or taken back. The only package that knows the solver.
 */
package elsko.core.plan.search;
