package elsko.server.work.view;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.learned.Learned;
import java.time.Instant;
import java.util.List;

/**
 * A number that a boat has taught of itself.
 *
 * @param words what was seen, and how often
 * @param since when it was seen first, of those that count
 * @param used it is gone by; a person may say otherwise
 */
public record LearnedView(String key, Text words, Instant since, boolean used) {
  static List<LearnedView> of(BoatState state) {
    return state.learned().stream()
        .map(one -> new LearnedView(one.key(), words(state.boat(), one), one.since(), one.used()))
        .toList();
  }

  private static Text words(Boat boat, Learned one) {
    String times = one.times() == 1 ? "once" : "the middle of %d times".formatted(one.times());
    String about =
        switch (one.kind()) {
          case CAUGHT_AT_A_DRAIN ->
              boat.hasLowPoint(one.about())
                  ? boat.lowPoint(one.about()).name() + ", caught"
                  : one.about();
          case FILL_TOOK ->
              boat.hasCircuit(one.about())
                  ? boat.circuit(one.about()).name() + ", a fill took"
                  : one.about();
          case PLATEAU -> Position.valueOf(one.about()).words() + ", holds warm at";
        };
    Quantity value =
        one.kind() == Learned.Kind.PLATEAU
            ? Quantity.celsius(one.value())
            : Quantity.liters(one.value());
    return Text.of("%s %s, %s", Words.sentence(about), value, times);
  }
}
