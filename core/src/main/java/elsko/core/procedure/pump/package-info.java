/**
 * A raw-water pump opened and put together again; water out of the cylinders of an engine that
 * stopped.
 */
package elsko.core.procedure.pump;
