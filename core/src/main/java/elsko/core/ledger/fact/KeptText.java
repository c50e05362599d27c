package elsko.core.ledger.fact;

import elsko.core.Refused;

/** What a person wrote at an entry, as it is kept. */
final class KeptText {
  private KeptText() {}

  /** Without the blanks around it; refused where nothing is left, or too much. */
  static String of(String field, String text, String missing) {
    String kept = text == null ? "" : text.strip();
    if (kept.isEmpty()) {
      throw Refused.value(field, missing);
    }
    if (kept.length() > Fact.MOST_TEXT) {
      throw Refused.value(field, "At most 2,000 characters.");
    }
    return kept;
  }
}
