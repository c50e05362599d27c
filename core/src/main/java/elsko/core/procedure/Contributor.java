package elsko.core.procedure;

import java.util.List;

/** Writes the steps for one thing about one circuit, when boat and method call for it. */
interface Contributor {
  List<Step> steps(OnCircuit on);
}
