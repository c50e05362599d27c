package elsko.server.work.log;

import elsko.core.Refused;
import elsko.server.said.NewEntry;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** The ids that are kept already, so that sending again keeps nothing new. */
final class Known {
  private final Map<UUID, String> prints;
  private final FactJson json;

  Known(Map<UUID, String> prints, FactJson json) {
    this.prints = new HashMap<>(prints);
    this.json = json;
  }

  /** Refuses an id that is missing, or that stands for something else already. */
  boolean isNew(NewEntry body) {
    if (body.id() == null) {
      throw Refused.value("id", "It is missing.");
    }
    String before = prints.get(body.id());
    if (before != null && !before.equals(json.fingerprint(body))) {
      throw Refused.state("id", "Another entry with this id is kept already.");
    }
    return before == null;
  }

  void keep(NewEntry body, String print) {
    prints.put(body.id(), print);
  }
}
