package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.boat.BoatDescription;
import elsko.core.fluid.Need;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Procedure;
import elsko.core.ledger.Protection;
import elsko.core.trueboat.TrueBoat;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * One lay-up of one true boat by one hand, with all that was claimed on the way.
 *
 * @param unsafe claims that the true boat denied, in the order they were first made
 * @param heldBack circuits that are safe to the design low and that Elsko calls neither PROVEN nor
 *     DRAINED at the end, with what it calls them
 * @param circuits that the hand worked on
 * @param stuck why the hand could not go on; null when it came to the end
 */
public record LayUpTrial(
    List<Unsafe> unsafe,
    Map<String, Protection> heldBack,
    int circuits,
    String stuck,
    List<String> story) {
  /**
   * A claim that the true boat denied.
   *
   * @param lied the hand had recorded what it did not see
   */
  public record Unsafe(
      String claim, String circuit, String segment, double massFraction, int entry, boolean lied) {}

  /**
   * Lays a boat up.
   *
   * @param choices how, by circuit
   * @param seed of all that chance decides
   */
  public static LayUpTrial of(
      BoatDescription description, Map<String, String> choices, Set<Mistake> mistakes, long seed) {
    Boat boat = Boat.of(description);
    Random random = new Random(seed ^ 0x5DEECE66DL);
    TrueBoat truth = new TrueBoat(boat, seed);
    Need need = Need.DEFAULT;
    Logbook book = new Logbook(boat, need);
    Shelf shelf = new Shelf(mistakes, random);
    List<Unsafe> unsafe = new ArrayList<>();
    Set<String> known = new HashSet<>();
    boolean lied = mistakes.stream().anyMatch(Mistake::isALie);
    int[] entries = {0};
    Runnable check =
        () -> {
          entries[0]++;
          for (Claim claim : Claim.denied(book.state(), truth, need.designLowC())) {
            TrueBoat.Broken broken = claim.broken();
            if (known.add(claim.kind() + " " + broken.circuit() + " " + broken.segment())) {
              unsafe.add(
                  new Unsafe(
                      claim.kind().name(),
                      broken.circuit(),
                      broken.segment(),
                      broken.massFraction(),
                      entries[0],
                      lied));
            }
          }
        };
    Hand hand = new Hand(truth, book, shelf, mistakes, random, check);
    hand.looksAround();
    hand.does(Procedure.WINTERIZE, choices);
    Set<String> breaks = new HashSet<>();
    truth.breaksAt(need.designLowC()).forEach(broken -> breaks.add(broken.circuit()));
    Map<String, Protection> heldBack = new TreeMap<>();
    int circuits = 0;
    for (CircuitState circuit : book.state().circuits()) {
      if (!choices.containsKey(circuit.circuit().key())) {
        continue;
      }
      circuits++;
      if (!breaks.contains(circuit.circuit().key()) && !Claim.SAFE.contains(circuit.protection())) {
        heldBack.put(circuit.circuit().key(), circuit.protection());
      }
    }
    return new LayUpTrial(List.copyOf(unsafe), heldBack, circuits, hand.stuck(), book.story());
  }
}
