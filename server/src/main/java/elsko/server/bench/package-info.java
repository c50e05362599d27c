/** Products, lots and instruments, and the calculators that store nothing. */
package elsko.server.bench;
