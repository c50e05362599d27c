package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.boat.BoatDescription;
import elsko.core.fluid.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Procedure;
import elsko.core.trueboat.TrueBoat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * One lay-up of one true boat by one hand, with all that was claimed on the way.
 *
 * @param unsafe claims that the true boat denied, in the order they were first made
 * @param worked how each circuit that was worked on ended
 * @param stuck why the hand could not go on; null when it came to the end
 */
public record LayUpTrial(
    List<Unsafe> unsafe, List<Ended> worked, String stuck, List<String> story) {
  /**
   * A claim that the true boat denied.
   *
   * @param entry after how many entries it was made
   * @param lied the hand had recorded what it did not see
   */
  public record Unsafe(
      String claim, String circuit, String segment, double massFraction, int entry, boolean lied) {}

  /**
   * A circuit at the end of its lay-up.
   *
   * @param method it was done by
   * @param breaks something in it would break at the design low
   * @param heldBy the rule by which it is not called safe; null when it is
   * @param heldAt the step at which that rule began to hold it
   */
  public record Ended(String circuit, String method, boolean breaks, String heldBy, String heldAt) {
    /** Safe, and not called so. */
    public boolean isHeldBack() {
      return !breaks && heldBy != null;
    }
  }

  /** The circuits that are safe and not called so. */
  public List<Ended> heldBack() {
    return worked.stream().filter(Ended::isHeldBack).toList();
  }

  /** Whether nothing that was worked on would break. */
  public boolean isSafe() {
    return worked.stream().noneMatch(Ended::breaks);
  }

  /** Whether there are claims that rest on nothing but what was honestly recorded. */
  public boolean isFooled() {
    return unsafe.stream().anyMatch(claim -> !claim.lied());
  }

  /**
   * Lays a boat up.
   *
   * @param choices how, by circuit
   * @param seed of all that chance decides
   */
  public static LayUpTrial of(
      BoatDescription description, Map<String, String> choices, Set<Mistake> mistakes, long seed) {
    return new Course(Boat.of(description), choices, mistakes, seed).laidUp();
  }

  /** One lay-up while it goes on. */
  private static final class Course {
    private final Need need = Need.DEFAULT;
    private final Map<String, String> choices;
    private final Set<Mistake> mistakes;
    private final Random random;
    private final TrueBoat truth;
    private final Logbook book;
    private final Hand hand;
    private final boolean lied;
    private final List<Unsafe> unsafe = new ArrayList<>();
    private final Set<String> known = new HashSet<>();
    private final Map<String, String> heldBy = new HashMap<>();
    private final Map<String, String> heldAt = new TreeMap<>();
    private int entries;

    Course(Boat boat, Map<String, String> choices, Set<Mistake> mistakes, long seed) {
      this.choices = choices;
      this.mistakes = mistakes;
      this.random = new Random(seed ^ 0x5DEECE66DL);
      this.truth = new TrueBoat(boat, seed);
      this.book = new Logbook(boat, need);
      this.lied = mistakes.stream().anyMatch(Mistake::isALie);
      this.hand =
          new Hand(truth, book, new Shelf(mistakes, random), mistakes, random, this::afterEach);
    }

    private void afterEach() {
      entries++;
      note(book.state());
      for (CircuitState circuit : book.state().circuits()) {
        String key = circuit.circuit().key();
        String rule = Holds.rule(circuit);
        if (choices.containsKey(key) && !Objects.equals(rule, heldBy.put(key, rule))) {
          heldAt.put(key, book.lastStep() == null ? "the start" : book.lastStep());
        }
      }
    }

    private void note(BoatState state) {
      for (Claim claim : Claim.denied(state, truth, need.designLowC())) {
        TrueBoat.Broken broken = claim.broken();
        if (known.add(claim.kind() + " " + broken.circuit() + " " + broken.segment())) {
          unsafe.add(
              new Unsafe(
                  claim.kind().name(),
                  broken.circuit(),
                  broken.segment(),
                  broken.massFraction(),
                  entries,
                  lied));
        }
      }
    }

    LayUpTrial laidUp() {
      hand.looksAround();
      hand.does(Procedure.WINTERIZE, choices);
      BoatState end = book.state();
      if (mistakes.contains(Mistake.ENTERS_LATE)) {
        end = book.withSomeLate(random);
        note(end);
      }
      Set<String> breaks = new HashSet<>();
      truth.breaksAt(need.designLowC()).forEach(broken -> breaks.add(broken.circuit()));
      List<Ended> worked = new ArrayList<>();
      for (CircuitState circuit : end.circuits()) {
        String key = circuit.circuit().key();
        if (choices.containsKey(key)) {
          worked.add(
              new Ended(
                  key,
                  choices.get(key),
                  breaks.contains(key),
                  Holds.rule(circuit),
                  heldAt.get(key)));
        }
      }
      return new LayUpTrial(List.copyOf(unsafe), worked, hand.stuck(), book.story());
    }
  }
}
