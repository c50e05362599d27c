/** Weather at the site and the frost clock over the fleet. */
package elsko.server.frost;
