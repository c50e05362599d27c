/** The season's walks: who can be planned for, drafts and published plans, calendars. */
package elsko.server.plan;
