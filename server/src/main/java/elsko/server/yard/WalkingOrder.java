package elsko.server.yard;

import elsko.server.yard.YardPlan.AreaView;
import elsko.server.yard.YardPlan.BerthView;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The berths in the order somebody walks them: up one line and down the next. */
public final class WalkingOrder {
  private final Map<UUID, Integer> ranks = new HashMap<>();
  private final Map<UUID, String> rows = new HashMap<>();

  private WalkingOrder() {}

  static WalkingOrder of(YardPlan plan) {
    Map<UUID, AreaView> areas = new HashMap<>();
    plan.areas().forEach(area -> areas.put(area.id(), area));
    Map<String, List<BerthView>> lines = new LinkedHashMap<>();
    plan.berths().stream()
        .sorted(
            Comparator.comparingDouble((BerthView berth) -> areas.get(berth.areaId()).yM())
                .thenComparingDouble(berth -> areas.get(berth.areaId()).xM())
                .thenComparing(BerthView::line)
                .thenComparingDouble(BerthView::xM))
        .forEach(
            berth ->
                lines
                    .computeIfAbsent(berth.areaId() + berth.line(), key -> new ArrayList<>())
                    .add(berth));
    WalkingOrder order = new WalkingOrder();
    boolean back = false;
    for (List<BerthView> line : lines.values()) {
      if (back) {
        Collections.reverse(line);
      }
      back = !back;
      for (BerthView berth : line) {
        order.ranks.put(berth.id(), order.ranks.size());
        order.rows.put(berth.id(), areas.get(berth.areaId()).name() + ", line " + berth.line());
      }
    }
    return order;
  }

  /** Where a berth comes; one without comes last. */
  public int rank(UUID berth) {
    return berth == null ? Integer.MAX_VALUE : ranks.getOrDefault(berth, Integer.MAX_VALUE);
  }

  /** Area and line of a berth, in words; empty for one without. */
  public String row(UUID berth) {
    return berth == null ? "" : rows.getOrDefault(berth, "");
  }
}
