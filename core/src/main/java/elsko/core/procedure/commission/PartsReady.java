package elsko.core.procedure.commission;

import elsko.core.limits.Interval;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/** What the due work needs lies at the boat before anybody kneels in it. */
final class PartsReady {
  private PartsReady() {}

  /** The parts of all due work, or null when it needs none. */
  static Step step(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      for (Interval interval : DueWork.due(on)) {
        if (!interval.part().isEmpty()) {
          asks.add(new Ask.Pick(words(on, interval), on.engine(), interval.key()));
        }
      }
    }
    return asks.isEmpty()
        ? null
        : Step.called("parts", "Parts ready at the boat")
            .how("By the number on the old part. What is not to be had is said when skipping.")
            .why("An engine opened without its part stays open.")
            .asks(asks)
            .minutes(2 + 2 * asks.size())
            .written();
  }

  private static String words(OnCircuit on, Interval interval) {
    return on.boat().engineCircuits().size() == 1
        ? interval.part()
        : "%s, %s".formatted(interval.part(), on.engine().words());
  }
}
