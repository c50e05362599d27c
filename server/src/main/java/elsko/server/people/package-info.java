/** Who may do what: accounts, sign-in, roles. */
package elsko.server.people;
