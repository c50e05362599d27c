/**
 * The whole yard as one open file, out and in again; backups are such files. The form is described
 * in docs/archive.md.
 */
package elsko.server.archive;
