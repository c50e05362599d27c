/** Rows of CSV in and out; knows nothing of what is in them. */
package elsko.server.csv;
