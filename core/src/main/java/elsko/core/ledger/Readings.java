package elsko.core.ledger;

import elsko.core.boat.path.Position;
import elsko.core.ledger.engine.ImpellerPieces;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.limits.Conditions;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Follows through the log how each reading stands that was taken. */
final class Readings {
  private static final List<String> IMPELLERS_OWN =
      List.of(Limits.IMPELLER_VANES.key(), Conditions.IMPELLER_LOOK.key());

  /** The newest last; put into words only when it is asked for. */
  private final Map<Name, Supplier<ReadingStanding>> last = new LinkedHashMap<>();

  private final ImpellerPieces pieces = new ImpellerPieces();

  private record Name(Position engine, String key) {}

  void taken(Position engine, Fact.ReadingTaken read, Supplier<Judgement> judged, Entry entry) {
    keep(engine, read.limit(), () -> ReadingStanding.of(engine, read, judged.get(), entry));
    if (engine != null && read.limit().equals(Limits.IMPELLER_VANES.key())) {
      pieces.counted(engine, read.value(), read.against());
    }
  }

  void seen(Position engine, Fact.ConditionSeen seen, Entry entry) {
    keep(engine, seen.condition(), () -> ReadingStanding.of(engine, seen, entry));
  }

  /** What the old one showed says nothing of the new one. */
  void impellerReplaced(Position engine) {
    pieces.replaced(engine);
    for (String key : IMPELLERS_OWN) {
      last.remove(new Name(engine, key));
    }
  }

  /** Every place was opened: what was not found is taken for gone. */
  void piecesGivenUp(Position engine) {
    found(engine, missingPieces().getOrDefault(engine, 0));
  }

  void found(Position engine, int count) {
    pieces.found(engine, count);
  }

  List<ReadingStanding> last() {
    return last.values().stream().map(Supplier::get).toList();
  }

  Map<Position, Integer> missingPieces() {
    return pieces.missing();
  }

  private void keep(Position engine, String key, Supplier<ReadingStanding> standing) {
    Name name = new Name(engine, key);
    last.remove(name);
    last.put(name, standing);
  }
}
