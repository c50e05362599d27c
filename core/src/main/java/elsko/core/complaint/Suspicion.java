package elsko.core.complaint;

import elsko.core.Text;

/**
 * A cause, as likely as it is on this boat.
 *
 * @param share of 1, all causes of the complaint together
 * @param because what speaks for or against it on this boat; empty where nothing does
 */
public record Suspicion(Cause cause, double share, Text because) {}
