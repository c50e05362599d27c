/** A whole crew at once, at working pace and as fast as it answers, alone and disturbed. */
package elsko.bench.load;
