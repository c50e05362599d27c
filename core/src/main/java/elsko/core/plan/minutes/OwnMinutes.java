package elsko.core.plan.minutes;

import elsko.core.Median;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How long one kind of work takes one person here, beside the crew: for that person to see.
 *
 * @param kind like the boats they did it on; the layout is that of the first
 * @param own min
 * @param crew min
 * @param boats of theirs it rests on
 */
public record OwnMinutes(WorkKind kind, int own, int crew, int boats) {
  /** What a person did often enough, what they did most first. */
  public static List<OwnMinutes> of(String person, List<WorkTime> done, LearnedMinutes learned) {
    Map<LearnedMinutes.ByMethod, List<WorkTime>> byWork = new LinkedHashMap<>();
    for (WorkTime time : done) {
      if (time.person().equals(person)) {
        byWork.computeIfAbsent(LearnedMinutes.byMethod(time), key -> new ArrayList<>()).add(time);
      }
    }
    return byWork.values().stream()
        .filter(times -> times.size() >= LearnedMinutes.LEAST_BOATS)
        .map(times -> of(person, times.getFirst().kind(), times, learned))
        .sorted(Comparator.comparingInt(OwnMinutes::boats).reversed())
        .toList();
  }

  private static OwnMinutes of(
      String person, WorkKind kind, List<WorkTime> times, LearnedMinutes learned) {
    double usual = Median.of(times.stream().map(time -> (double) time.expected()).toList());
    return new OwnMinutes(
        kind,
        (int) Math.round(usual * learned.factor(kind, person)),
        (int) Math.round(usual * learned.factor(kind)),
        times.size());
  }
}
