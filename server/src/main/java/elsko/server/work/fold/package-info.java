/**
 * What follows from the logs of many boats: kept until a boat changes, worked out again when rules
 * or the day do.
 */
package elsko.server.work.fold;
