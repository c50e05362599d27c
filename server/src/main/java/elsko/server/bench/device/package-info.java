/**
 * Instruments that are read by the machine, over a line of bytes as a serial port gives. The one
 * that ships is simulated, and says so; a real one is another {@link
 * elsko.server.bench.device.SerialLine}.
 */
package elsko.server.bench.device;
