/**
 * The season's plan: visits with their tasks, the people who do them, and each one's walk for each
 * day. The solver searches; {@code DayPlay} says what a day comes to; both go by the same rules.
 * May call procedure, ledger and frost.
 */
package elsko.core.plan;
