/** The outbox of the yard. The post is simulated: what is sent stays here and goes nowhere. */
package elsko.server.mail;
