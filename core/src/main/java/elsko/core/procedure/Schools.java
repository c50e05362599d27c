package elsko.core.procedure;

import elsko.core.boat.Layout;
import elsko.core.boat.Method;
import java.util.Map;

/**
 * How a yard does things where the trade has more than one school.
 *
 * @param kickAllowed a short kick without water is allowed
 * @param methods how engines are winterized, by layout; what is missing is done as usual
 */
public record Schools(boolean kickAllowed, Map<Layout, Method> methods) {
  /** The schools nobody has chosen otherwise. */
  public static final Schools USUAL = new Schools(true, Map.of());

  public Schools {
    methods = Map.copyOf(methods);
  }
}
