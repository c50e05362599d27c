package elsko.core.plan.minutes;

/**
 * How long one task of a boat took.
 *
 * @param kind what was done, and how
 * @param person who did it
 * @param expected by the handbook, min
 * @param took min
 */
public record WorkTime(WorkKind kind, String person, int expected, double took) {}
