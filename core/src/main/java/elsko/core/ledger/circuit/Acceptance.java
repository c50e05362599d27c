package elsko.core.ledger.circuit;

import elsko.core.Quantity;
import elsko.core.Text;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A coordinator takes a circuit as it is, for a while. It proves nothing.
 *
 * @param until on that day it comes back; null where only the cold ends it
 * @param untilC when a night may get as cold as that it comes back; null where only the day ends it
 */
public record Acceptance(
    String by, Instant at, String reason, @Nullable LocalDate until, @Nullable Double untilC) {

  /** "Accepted until 3 Dec or −5 °C by coordinator: heated tonight". */
  public Text words() {
    String day =
        until == null
            ? ""
            : "%d %s"
                .formatted(
                    until.getDayOfMonth(),
                    until.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
    Text cold = untilC == null ? Text.NONE : Text.of("%s", Quantity.celsius(untilC));
    String or = until != null && untilC != null ? " or " : "";
    return Text.of("Accepted until %s%s%s by %s: %s", day, or, cold, by, reason);
  }
}
