/**
 * What a season is planned from, and what a plan is: visits with their tasks, people, equipment,
 * each one's walk for each day.
 */
package elsko.core.plan.model;
