/** The fleet as CSV: documented columns, read with every problem named, all or nothing; and out. */
package elsko.server.importing;
