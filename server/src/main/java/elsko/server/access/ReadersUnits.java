package elsko.server.access;

import elsko.core.Units;
import elsko.server.people.AccountNow;
import elsko.server.text.ReadIn;
import elsko.server.yard.Yards;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** In which units what is asked for is said: a person's own, where they chose, or the yard's. */
@Component
class ReadersUnits {
  private final Yards yards;

  ReadersUnits(Yards yards) {
    this.yards = yards;
  }

  /** For whoever has no account of their own here, like an owner. */
  void ofTheYard() {
    ReadIn.in(yards::units);
  }

  void of(AccountNow who) {
    ReadIn.in(units(who));
  }

  private Supplier<Units> units(AccountNow who) {
    Units own = who.units();
    return own == null ? yards::units : () -> own;
  }
}
