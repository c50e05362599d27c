/**
 * One boat as it really is. It knows only physics: liters of water, glycol and air in every
 * segment, drains that are silted or scaled, a thermostat that opens or does not. It never reads
 * the log, and the rules never read it: what Elsko claims is held against it. Only the glycol curve
 * and the law by which a pocket freezes are shared with the rules.
 */
package elsko.core.trueboat;
