/** Acid against scale, and what the gauge says of it afterwards. */
package elsko.core.procedure.descale;
