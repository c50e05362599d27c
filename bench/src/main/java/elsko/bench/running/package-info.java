/** The built application, started to be measured. */
package elsko.bench.running;
