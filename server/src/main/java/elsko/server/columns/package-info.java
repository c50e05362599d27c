/** How what a row holds stands in a column of the database. */
@NullMarked
package elsko.server.columns;

import org.jspecify.annotations.NullMarked;
