package elsko.core.trial;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.MayLaunch;
import elsko.core.procedure.commission.SpringWork;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.core.trueboat.TrueBoat;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One season of one true boat: laid up by one hand, left to a winter, and made ready for the water;
 * with all that was claimed on the way.
 *
 * @param unsafe claims that the true boat denied, in the order they were first made
 * @param worked how each circuit that was worked on ended
 * @param stuck why the hand could not go on; null when it came to the end
 * @param cracked something broke in the winter
 * @param reachedSpring its commissioning card could be opened
 */
public record LayUpTrial(
    List<Unsafe> unsafe,
    List<Ended> worked,
    @Nullable String stuck,
    boolean cracked,
    boolean reachedSpring,
    List<String> story) {
  /**
   * A claim that the true boat denied.
   *
   * @param entry after how many entries it was made
   * @param restsOn what it was concluded from
   */
  public record Unsafe(
      String claim,
      @Nullable String circuit,
      String segment,
      double massFraction,
      int entry,
      RestsOn restsOn) {}

  /** What a claim was concluded from. */
  public enum RestsOn {
    WHAT_WAS_SEEN,
    /** The hand had recorded what it did not see. */
    A_LIE,
    /** What would break is in a circuit nobody listed. */
    A_CIRCUIT_NOBODY_LISTED
  }

  /**
   * A circuit at the end of its lay-up.
   *
   * @param method it was done by
   * @param breaks something in it would break at the design low
   * @param heldBy the rule by which it is not called safe; null when it is
   * @param heldAt the step at which that rule began to hold it
   */
  public record Ended(
      String circuit,
      String method,
      boolean breaks,
      @Nullable String heldBy,
      @Nullable String heldAt) {
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
    return unsafe.stream().anyMatch(claim -> claim.restsOn() == RestsOn.WHAT_WAS_SEEN);
  }

  /**
   * Lays a boat up, leaves it to a winter, and makes it ready for the water.
   *
   * @param choices how, by circuit
   * @param seed of all that chance decides
   */
  public static LayUpTrial of(
      BoatDescription description, Map<String, String> choices, Set<Mistake> mistakes, long seed) {
    return new Course(description, choices, mistakes, seed).laidUp();
  }

  /** One season while it goes on. */
  private static final class Course {
    private static final Map<String, String> SERVICE = Map.of();
    private static final Instant SPRING = Instant.parse("2032-04-12T08:00:00Z");

    private final Need need = Need.DEFAULT;
    private final Map<String, String> choices;
    private final Set<Mistake> mistakes;
    private final long seed;
    private final Random random;
    private final TrueBoat truth;
    private final Logbook book;
    private final Hand hand;
    private final List<Unsafe> unsafe = new ArrayList<>();
    private final Set<String> known = new HashSet<>();
    private final Map<String, String> heldBy = new HashMap<>();
    private final Map<String, String> heldAt = new TreeMap<>();

    /** Null until it has passed. */
    private @Nullable Winter winter;

    private int entries;

    Course(
        BoatDescription described, Map<String, String> choices, Set<Mistake> mistakes, long seed) {
      this.choices = choices;
      this.mistakes = mistakes;
      this.seed = seed;
      this.random = new Random(seed ^ 0x5DEECE66DL);
      Boat boat = Boat.of(described);
      boolean forgotten = mistakes.contains(Mistake.FORGETS_A_CIRCUIT);
      this.truth = new TrueBoat(forgotten ? AnyBoat.withAnotherCircuit(boat, seed) : boat, seed);
      this.book = new Logbook(boat, need);
      this.hand =
          new Hand(truth, book, new Shelf(mistakes, random), mistakes, random, this::afterEach);
    }

    LayUpTrial laidUp() {
      hand.looksAround();
      laysUp(VisitOrder.of(seed));
      BoatState end = book.state();
      if (mistakes.contains(Mistake.ENTERS_LATE)) {
        end = book.withSomeLate(random);
        note(end);
      }
      List<Ended> worked = worked(end);
      winter = new Winter(truth, seed);
      winter.denied(end, this::note);
      boolean reachedSpring = hand.stuck() == null && isCommissioned();
      return new LayUpTrial(
          List.copyOf(unsafe),
          worked,
          hand.stuck(),
          winter.cracks().iterator().hasNext(),
          reachedSpring,
          book.story());
    }

    private void laysUp(VisitOrder order) {
      switch (order) {
        case WINTERIZING_ALONE -> hand.does(Procedure.WINTERIZE, choices, null);
        case SERVICE_FIRST -> {
          hand.does(Procedure.LAY_UP_SERVICE, SERVICE, null);
          goOn(Procedure.WINTERIZE, choices);
        }
        case SERVICE_LAST -> {
          hand.does(Procedure.WINTERIZE, choices, null);
          goOn(Procedure.LAY_UP_SERVICE, SERVICE);
          if (anythingWasWettedAgain()) {
            goOn(Procedure.WINTERIZE, choices);
          }
        }
        case IN_TURN -> {
          boolean serviceFirst = random.nextBoolean();
          UUID one = serviceFirst ? service() : winterizing();
          UUID other = serviceFirst ? winterizing() : service();
          hand.doesInTurn(one, other);
        }
      }
    }

    private UUID service() {
      return book.open(Procedure.LAY_UP_SERVICE, SERVICE);
    }

    private UUID winterizing() {
      return book.open(Procedure.WINTERIZE, choices);
    }

    private void goOn(Procedure procedure, Map<String, String> how) {
      if (hand.stuck() == null) {
        hand.does(procedure, how, null);
      }
    }

    private boolean anythingWasWettedAgain() {
      return book.state().circuits().stream()
          .anyMatch(
              circuit ->
                  choices.containsKey(circuit.circuit().key())
                      && circuit.protection() == Protection.WET);
    }

    private List<Ended> worked(BoatState end) {
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
      return worked;
    }

    /** Makes it ready for the lift, as its card says; whether that card could be opened. */
    private boolean isCommissioned() {
      book.waitsUntil(SPRING);
      hand.wintered(winter);
      try {
        hand.does(
            Procedure.COMMISSION,
            Choices.usual(book.boat, Procedure.COMMISSION, Practices.USUAL),
            SpringWork.LAUNCH.key());
        return true;
      } catch (Refused refused) {
        return false;
      }
    }

    private void afterEach() {
      entries++;
      if (winter != null) {
        noteLaunch();
        return;
      }
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
      Claim.denied(state, truth, need.designLowC()).forEach(this::note);
    }

    /** Asked only while the true boat denies it: writing a card after every entry takes long. */
    private void noteLaunch() {
      TrueBoat.Broken open = Claim.open(book.boat, truth, Objects.requireNonNull(winter));
      if (open != null
          && book.aStepWasSettled()
          && MayLaunch.of(book.state(), Practices.USUAL, Weather.ZONE, book.now())
              .readyForTheLift()) {
        note(new Claim(Claim.Kind.READY_FOR_THE_LIFT, open));
      }
    }

    private void note(Claim claim) {
      TrueBoat.Broken broken = claim.broken();
      if (known.add(claim.kind() + " " + broken.circuit() + " " + broken.segment())) {
        unsafe.add(
            new Unsafe(
                claim.kind().name(),
                broken.circuit(),
                broken.segment(),
                broken.massFraction(),
                entries,
                restsOn(broken.circuit())));
      }
    }

    private RestsOn restsOn(@Nullable String circuit) {
      if (circuit != null && !book.boat.hasCircuit(circuit)) {
        return RestsOn.A_CIRCUIT_NOBODY_LISTED;
      }
      return mistakes.stream().anyMatch(Mistake::isALie) ? RestsOn.A_LIE : RestsOn.WHAT_WAS_SEEN;
    }
  }
}
