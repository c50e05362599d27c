/** Who works in the yard and when, and what there is for the work. */
package elsko.server.plan.crew;
