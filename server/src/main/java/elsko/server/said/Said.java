package elsko.server.said;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import elsko.core.Refused;
import elsko.core.ledger.fact.Fact;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonTypeIdResolver;

/**
 * What an entry says, as it is sent. Each kind has only its own fields; {@code kind} stands beside
 * them. The names are listed in {@code names.txt}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = Said.KIND)
@JsonTypeIdResolver(Kinds.class)
public sealed interface Said permits SaidOfBoat, SaidOfCard, SaidOfCircuit, SaidOfEngine {
  String KIND = "kind";

  /**
   * The fact this makes, with lot, instrument and berth as they stand then.
   *
   * @throws Refused where it lacks what its kind needs, naming the field
   */
  Fact fact(Around around);

  static <T> T need(String field, @Nullable T value, String missing) {
    if (value == null) {
      throw Refused.value(field, missing);
    }
    return value;
  }

  static double number(String field, @Nullable Double value) {
    return need(field, value, "Enter a number.");
  }

  static String which(String field, @Nullable String value) {
    if (value == null || value.isBlank()) {
      throw Refused.value(field, "Say which one it is.");
    }
    return value;
  }

  static boolean is(@Nullable Boolean flag) {
    return Boolean.TRUE.equals(flag);
  }

  /** A remark that may be left out. */
  static String remark(String field, @Nullable String remark) {
    String text = remark == null ? "" : remark.strip();
    if (text.length() > Fact.MOST_TEXT) {
      throw Refused.value(field, "At most 2,000 characters.");
    }
    return text;
  }
}
