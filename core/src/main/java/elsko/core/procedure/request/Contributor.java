package elsko.core.procedure.request;

import elsko.core.procedure.card.Step;
import java.util.List;

/** Writes the steps for one thing about one circuit, when boat and method call for it. */
public interface Contributor {
  List<Step> steps(OnCircuit on);
}
