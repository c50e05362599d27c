package elsko.core.procedure.request;

import elsko.core.Refused;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import elsko.core.limits.BeltSchool;
import elsko.core.limits.Interval;
import java.util.Map;
import java.util.Set;

/**
 * How a yard does things where the trade has more than one school.
 *
 * @param kickAllowed a short kick without water is allowed
 * @param methods how engines are winterized, by layout; what is missing is done as usual
 * @param belt how the tension of a belt is measured
 * @param batteryYears how long a battery is expected to live, 2 to 5 years
 * @param othersWay the intervals it counts the other school's way
 */
public record Practices(
    boolean kickAllowed,
    Map<Layout, Method> methods,
    BeltSchool belt,
    int batteryYears,
    Set<Interval> othersWay) {
  /** The schools nobody has chosen otherwise. */
  public static final Practices USUAL =
      new Practices(true, Map.of(), BeltSchool.DEFLECTION, 4, Set.of());

  public Practices {
    methods = Map.copyOf(methods);
    Refused.within("batteryYears", batteryYears, 2, 5, " years");
    othersWay = Set.copyOf(othersWay);
    for (Interval interval : othersWay) {
      if (interval.other() == null) {
        throw Refused.value(
            "othersWay", "There is one school of %s only.".formatted(interval.words()));
      }
    }
  }
}
