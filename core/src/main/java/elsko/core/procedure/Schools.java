package elsko.core.procedure;

import elsko.core.Refused;
import elsko.core.boat.Layout;
import elsko.core.boat.Method;
import elsko.core.limits.BeltSchool;
import java.util.Map;

/**
 * How a yard does things where the trade has more than one school.
 *
 * @param kickAllowed a short kick without water is allowed
 * @param methods how engines are winterized, by layout; what is missing is done as usual
 * @param belt how the tension of a belt is measured
 * @param batteryYears how long a battery is expected to live, 2 to 5 years
 */
public record Schools(
    boolean kickAllowed, Map<Layout, Method> methods, BeltSchool belt, int batteryYears) {
  /** The schools nobody has chosen otherwise. */
  public static final Schools USUAL = new Schools(true, Map.of(), BeltSchool.DEFLECTION, 4);

  public Schools {
    methods = Map.copyOf(methods);
    Refused.within("batteryYears", batteryYears, 2, 5, " years");
  }
}
