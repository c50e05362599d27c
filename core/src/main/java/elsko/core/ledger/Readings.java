package elsko.core.ledger;

import elsko.core.boat.Position;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limits;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Follows through the log how each reading stands that was taken. */
final class Readings {
  private static final List<String> IMPELLERS_OWN =
      List.of(Limits.IMPELLER_VANES.key(), Conditions.IMPELLER_LOOK.key());

  private final Map<String, ReadingStanding> last = new LinkedHashMap<>();
  private final ImpellerPieces pieces = new ImpellerPieces();

  void taken(Position engine, Fact.ReadingTaken read, Entry entry) {
    keep(ReadingStanding.of(engine, read, entry));
    if (engine != null && read.limit().equals(Limits.IMPELLER_VANES.key())) {
      pieces.counted(engine, read.value(), read.against());
    }
  }

  void seen(Position engine, Fact.ConditionSeen seen, Entry entry) {
    keep(ReadingStanding.of(engine, seen, entry));
  }

  /** What the old one showed says nothing of the new one. */
  void impellerReplaced(Position engine) {
    pieces.replaced(engine);
    for (String key : IMPELLERS_OWN) {
      last.remove(name(engine, key));
    }
  }

  void found(Position engine, int count) {
    pieces.found(engine, count);
  }

  List<ReadingStanding> last() {
    return List.copyOf(last.values());
  }

  Map<Position, Integer> missingPieces() {
    return pieces.missing();
  }

  private void keep(ReadingStanding reading) {
    String name = name(reading.engine(), reading.key());
    last.remove(name);
    last.put(name, reading);
  }

  private static String name(Position engine, String key) {
    return key + "/" + engine;
  }
}
