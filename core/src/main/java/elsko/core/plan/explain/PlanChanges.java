package elsko.core.plan.explain;

import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.model.PlanWords;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is different between what people were told and a new plan, boat by boat, in words. */
public final class PlanChanges {
  /** With more of a boat's tasks moved they are said together. */
  private static final int MOST_NAMED = 2;

  private PlanChanges() {}

  /** One task as it is planned on a calendar. */
  public record Dated(
      UUID boat, String task, String title, List<String> workers, LocalDate date, int start) {}

  /** A boat's name and by when frost asks for it, then and now. */
  public record BoatThen(
      String name, @Nullable LocalDate deadlineThen, @Nullable LocalDate deadlineNow) {}

  /** What changed about one boat. */
  public record Change(UUID boat, String name, String words) {}

  /** Every boat something changed about, in the order of the new plan. */
  public static List<Change> between(List<Dated> told, List<Dated> now, Map<UUID, BoatThen> boats) {
    Map<UUID, Map<String, Dated>> before = byBoat(told);
    Map<UUID, Map<String, Dated>> after = byBoat(now);
    List<Change> changes = new ArrayList<>();
    for (var entry : after.entrySet()) {
      BoatThen boat = boats.get(entry.getKey());
      if (boat == null) {
        continue;
      }
      Map<String, Dated> was = before.getOrDefault(entry.getKey(), Map.of());
      List<String> words = new ArrayList<>();
      if (was.isEmpty()) {
        Dated first = entry.getValue().values().iterator().next();
        words.add("new: from %s with %s".formatted(when(first), who(first)));
      } else {
        entry.getValue().values().forEach(task -> moved(was.get(task.task()), task, words));
        if (words.size() > MOST_NAMED) {
          words.clear();
          words.add(together(was.values(), entry.getValue().values()));
        }
      }
      if (!words.isEmpty()) {
        changes.add(
            new Change(
                entry.getKey(), boat.name(), Words.sentence(Words.list(words)) + because(boat)));
      }
    }
    for (UUID gone : before.keySet()) {
      if (!after.containsKey(gone) && boats.containsKey(gone)) {
        BoatThen boat = boats.get(gone);
        changes.add(new Change(gone, boat.name(), "No longer planned" + because(boat)));
      }
    }
    return changes;
  }

  private static void moved(Dated was, Dated now, List<String> words) {
    if (was == null) {
      return;
    }
    boolean otherDay = !was.date().equals(now.date());
    boolean otherPeople = !was.workers().equals(now.workers());
    if (otherDay && otherPeople) {
      words.add(
          "%s from %s, %s to %s, %s"
              .formatted(lower(now.title()), who(was), when(was), who(now), when(now)));
    } else if (otherDay) {
      words.add("%s from %s to %s".formatted(lower(now.title()), when(was), when(now)));
    } else if (otherPeople) {
      words.add("%s from %s to %s".formatted(lower(now.title()), who(was), who(now)));
    }
  }

  /** Many tasks of one boat at once: from when to when, and who does them now. */
  private static String together(Collection<Dated> was, Collection<Dated> now) {
    Dated first = now.iterator().next();
    LocalDate before = was.iterator().next().date();
    List<String> people = people(now);
    List<String> peopleBefore = people(was);
    String when =
        before.equals(first.date())
            ? "on %s".formatted(when(first))
            : "from %s to %s".formatted(FrostWords.day(before), when(first));
    return "its work %s, with %s%s"
        .formatted(
            when,
            Words.list(people),
            people.equals(peopleBefore)
                ? ""
                : " instead of %s".formatted(Words.list(peopleBefore)));
  }

  private static List<String> people(Collection<Dated> tasks) {
    return tasks.stream().flatMap(task -> task.workers().stream()).distinct().sorted().toList();
  }

  static String because(BoatThen boat) {
    LocalDate then = boat.deadlineThen();
    LocalDate now = boat.deadlineNow();
    if (now == null || now.equals(then)) {
      return ".";
    }
    return then == null
        ? "; its frost deadline is now %s.".formatted(FrostWords.day(now))
        : "; its frost deadline moved from %s to %s."
            .formatted(FrostWords.day(then), FrostWords.day(now));
  }

  private static String when(Dated task) {
    return FrostWords.day(task.date()) + " " + PlanWords.clock(task.start());
  }

  private static String who(Dated task) {
    return Words.list(task.workers());
  }

  private static String lower(String title) {
    return title.isEmpty() ? title : Character.toLowerCase(title.charAt(0)) + title.substring(1);
  }

  private static Map<UUID, Map<String, Dated>> byBoat(List<Dated> tasks) {
    Map<UUID, Map<String, Dated>> found = new LinkedHashMap<>();
    tasks.forEach(
        task ->
            found
                .computeIfAbsent(task.boat(), boat -> new LinkedHashMap<>())
                .put(task.task(), task));
    return found;
  }
}
