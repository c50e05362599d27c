/** Oil, fuel, plugs and battery before a boat sits. */
package elsko.core.procedure.layup;
