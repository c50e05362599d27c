package elsko.core.procedure;

import java.util.List;

/** Writes the steps for one thing, when the boat and the method call for it. */
interface Contributor {
  List<Step> steps(CardRequest request);
}
