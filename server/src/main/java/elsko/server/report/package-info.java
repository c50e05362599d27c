/** What the yard prints and sends: reports, tags and lists, set as PDF. */
package elsko.server.report;
