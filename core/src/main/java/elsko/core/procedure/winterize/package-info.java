/** Winterizing: strainer, drain, kick, fill by pouring or drawing, plugs, proof. */
package elsko.core.procedure.winterize;
