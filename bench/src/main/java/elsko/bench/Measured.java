package elsko.bench;

/**
 * One line of the report.
 *
 * @param target what is asked for, in words
 * @param met whether it is met; null where nothing is asked
 */
public record Measured(String what, String value, String target, boolean met) {}
