package elsko.core.ledger.learned;

import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Follows through the log which low points did not simply run, by the lay-up it was in. */
public final class DrainTroubleFold {
  private static final int LAY_UPS = 3;

  /** A lay-up that begins in January belongs to the autumn before. */
  private static final int MONTHS_AFTER_AUGUST = 7;

  private final TreeSet<Integer> layUps = new TreeSet<>();
  private final Map<String, DrainTrouble> all = new LinkedHashMap<>();

  /** A card of a lay-up is opened; several in one season are one. */
  public void layUpBegins(Instant at) {
    layUps.add(at.atOffset(ZoneOffset.UTC).minusMonths(MONTHS_AFTER_AUGUST).getYear());
  }

  /** What came of opening it; the last word of a lay-up counts, but not that all is well now. */
  public void seen(String lowPoint, Seen what) {
    if (what == Seen.RAN_AFTER_RODDING || !what.isEmpty()) {
      remember(lowPoint, what);
    }
  }

  /** Its sample was not strong enough. */
  public void wasShort(String lowPoint) {
    remember(lowPoint, null);
  }

  private void remember(String lowPoint, Seen what) {
    if (!layUps.isEmpty()) {
      int year = layUps.last();
      all.put(lowPoint + " " + year, new DrainTrouble(lowPoint, year, what));
    }
  }

  /** That of the last three lay-ups before the one that is going on. */
  public List<DrainTrouble> standing() {
    if (all.isEmpty()) {
      return List.of();
    }
    List<Integer> before =
        new ArrayList<>(layUps.headSet(layUps.last())).reversed().stream().limit(LAY_UPS).toList();
    return all.values().stream().filter(one -> before.contains(one.year())).toList();
  }
}
