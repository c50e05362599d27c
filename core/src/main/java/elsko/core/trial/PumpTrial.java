package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Position;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.core.trueboat.TrueBoat;
import elsko.core.trueboat.TruePump;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One card worked on one true boat, to see what its pumps went through; a lay-up with the
 * commissioning after it.
 *
 * @param pumps by engine, those with a rubber impeller
 * @param warned the engines whose feed was called empty on the card before their pump was wrecked
 * @param stuck why the hand could not go on; null when it came to the end
 */
public record PumpTrial(
    Map<Position, TruePump> pumps, Set<Position> warned, @Nullable String stuck) {
  /**
   * @param choices how, by circuit
   * @param seed of all that chance decides
   */
  public static PumpTrial of(
      BoatDescription description,
      Procedure procedure,
      Map<String, String> choices,
      Set<Mistake> mistakes,
      long seed) {
    Boat boat = Boat.of(description);
    Random random = new Random(seed ^ 0x5DEECE66DL);
    TrueBoat truth = new TrueBoat(boat, seed);
    Logbook book = new Logbook(boat, Need.DEFAULT);
    Hand hand = new Hand(truth, book, new Shelf(mistakes, random), mistakes, random, () -> {});
    hand.looksAround();
    hand.does(procedure, choices, null);
    if (procedure == Procedure.WINTERIZE && hand.stuck() == null) {
      hand.does(
          Procedure.COMMISSION, Choices.usual(boat, Procedure.COMMISSION, Practices.USUAL), null);
    }
    Map<Position, TruePump> pumps = new EnumMap<>(Position.class);
    boat.engineCircuits()
        .forEach(
            circuit -> {
              TruePump pump = truth.pump(circuit.key());
              if (pump != null) {
                pumps.put(circuit.engine(), pump);
              }
            });
    return new PumpTrial(pumps, hand.warned(), hand.stuck());
  }
}
