/** The people of the yard: names, roles, invitations, passwords. */
@NullMarked
package elsko.server.people;

import org.jspecify.annotations.NullMarked;
