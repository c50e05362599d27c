/** Whether there is enough fuel for a trip. */
package elsko.core.trip;
