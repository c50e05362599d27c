package elsko.core.plan.explain;

import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.explain.PlanChanges.BoatThen;
import elsko.core.plan.explain.PlanChanges.Change;
import elsko.core.plan.explain.PlanChanges.Dated;
import elsko.core.plan.model.PlanWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** What is different for one person between what they were told and a new plan, boat by boat. */
public final class ChangesForPerson {
  private ChangesForPerson() {}

  /**
   * Their boats that are new, gone, on another day or with others; in the order of the new plan.
   */
  public static List<Change> between(
      String name, List<Dated> told, List<Dated> now, Map<UUID, BoatThen> boats) {
    Map<UUID, List<Dated>> before = boatsOf(name, told);
    Map<UUID, List<Dated>> after = boatsOf(name, now);
    Set<UUID> all = new LinkedHashSet<>(after.keySet());
    all.addAll(before.keySet());
    List<Change> changes = new ArrayList<>();
    for (UUID boat : all) {
      BoatThen then = boats.get(boat);
      String words =
          words(
              name,
              before.getOrDefault(boat, List.of()),
              after.getOrDefault(boat, List.of()),
              now.stream().filter(task -> task.boat().equals(boat)).toList());
      if (then != null && !words.isEmpty()) {
        changes.add(new Change(boat, then.name(), words + PlanChanges.because(then)));
      }
    }
    return changes;
  }

  private static String words(String name, List<Dated> was, List<Dated> now, List<Dated> ofBoat) {
    if (now.isEmpty()) {
      return ofBoat.isEmpty()
          ? "No longer planned"
          : "No longer yours: %s does it on %s"
              .formatted(Words.list(ofBoat.get(0).workers()), FrostWords.day(ofBoat.get(0).date()));
    }
    Dated first = now.get(0);
    String when = FrostWords.day(first.date()) + " " + PlanWords.clock(first.start());
    if (was.isEmpty()) {
      return "New: %s%s".formatted(when, with(others(name, now)));
    }
    List<String> words = new ArrayList<>();
    if (!was.get(0).date().equals(first.date())) {
      words.add("%s instead of %s".formatted(when, FrostWords.day(was.get(0).date())));
    }
    Set<String> others = others(name, now);
    if (!others(name, was).equals(others)) {
      words.add(others.isEmpty() ? "alone now" : "now" + with(others));
    }
    return Words.sentence(String.join(", ", words));
  }

  private static String with(Set<String> others) {
    return others.isEmpty() ? "" : " with " + Words.list(List.copyOf(others));
  }

  private static Set<String> others(String name, List<Dated> tasks) {
    Set<String> others = new LinkedHashSet<>();
    tasks.forEach(task -> others.addAll(task.workers()));
    others.removeIf(name::equalsIgnoreCase);
    return others;
  }

  private static Map<UUID, List<Dated>> boatsOf(String name, List<Dated> tasks) {
    Map<UUID, List<Dated>> boats = new LinkedHashMap<>();
    for (Dated task : tasks) {
      if (task.workers().stream().anyMatch(name::equalsIgnoreCase)) {
        boats.computeIfAbsent(task.boat(), boat -> new ArrayList<>()).add(task);
      }
    }
    return boats;
  }
}
