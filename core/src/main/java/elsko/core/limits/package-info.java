/** The judgement calls as numbers: what a reading must be, and what to do when it is not. */
package elsko.core.limits;
