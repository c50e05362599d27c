/** What an attack or a bad disk does to a running server, many times over. */
package elsko.bench.faults;
