/** What to mix: a strength brought to another, a descaler by parts, chlorine for a tank. */
package elsko.core.fluid.mix;
