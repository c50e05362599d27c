/** Calculators that store nothing, so that others can use and check them. */
package elsko.server.bench.calculator;
