package elsko.core.frost;

import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.Segment;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.circuit.WaterHistory;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/**
 * What the weather on record may have done to a boat since somebody last looked.
 *
 * @param frozen what froze while water stood in it, by circuit
 * @param unknown circuits in which water stood through days nobody kept
 */
public record FrostPast(List<Frozen> frozen, List<Unknown> unknown) {
  /** Nothing is known of what was, or there is nothing to fear. */
  public static final FrostPast NONE = new FrostPast(List.of(), List.of());

  /** So much ice bursts what cannot give way. An estimate. */
  private static final double BURSTS_AT = 0.50;

  /**
   * A circuit that may be broken.
   *
   * @param segment the first of it to freeze, as people name it
   * @param on the day on which so much of it was ice
   * @param burst it is rigid, and half of it or more was ice
   */
  public record Frozen(String circuit, String name, String segment, LocalDate on, boolean burst) {}

  /**
   * A circuit of which nobody can say what the weather did to it.
   *
   * @param days that nobody kept, and on which it could have frozen
   */
  public record Unknown(String circuit, String name, int days) {}

  public FrostPast {
    frozen = List.copyOf(frozen);
    unknown = List.copyOf(unknown);
  }

  /** Keys of the circuits to look at before anything else is done to them. */
  public List<String> lookFirst() {
    LinkedHashSet<String> keys = new LinkedHashSet<>();
    frozen.forEach(one -> keys.add(one.circuit()));
    unknown.forEach(one -> keys.add(one.circuit()));
    return List.copyOf(keys);
  }

  /**
   * Follows all water that is known to have stood in a boat.
   *
   * @param shelters what was around it, oldest first
   */
  public static FrostPast of(BoatState state, List<Sheltered> shelters, FrostMemory memory) {
    if (shelters.isEmpty()) {
      return NONE;
    }
    List<Frozen> frozen = new ArrayList<>();
    List<Unknown> unknown = new ArrayList<>();
    for (CircuitState circuit : state.circuits()) {
      if (holdsKnownWater(circuit)) {
        OfCircuit past = new OfCircuit(circuit, shelters, memory);
        past.follow();
        if (past.first != null) {
          frozen.add(past.first);
        } else if (past.unknownDays > 0) {
          unknown.add(
              new Unknown(circuit.circuit().key(), circuit.circuit().name(), past.unknownDays));
        }
      }
    }
    return new FrostPast(frozen, unknown);
  }

  private static boolean holdsKnownWater(CircuitState circuit) {
    return circuit.circuit().kind() != CircuitKind.COOLANT
        && circuit.circuit().kind() != CircuitKind.UNANSWERED
        && circuit.protection() != Protection.UNKNOWN
        && circuit.protection() != Protection.DRY_BUILT;
  }

  /** The water of one circuit, as it stands and as it once stood there. */
  private static final class OfCircuit {
    private final CircuitState circuit;
    private final List<Sheltered> shelters;
    private final FrostMemory memory;
    private Frozen first;
    private int unknownDays;

    OfCircuit(CircuitState circuit, List<Sheltered> shelters, FrostMemory memory) {
      this.circuit = circuit;
      this.shelters = shelters;
      this.memory = memory;
    }

    void follow() {
      WaterHistory history = circuit.history();
      for (WaterHistory.Spell spell : history.spells()) {
        Segment segment = segment(spell.segment());
        if (segment != null) {
          stood(segment, spell.from(), spell.to());
        }
      }
      for (Segment segment : circuit.circuit().segments()) {
        if (circuit.contents().get(segment.key()) == CircuitState.Content.WATER) {
          stood(segment, history.since().get(segment.key()), null);
        }
      }
    }

    private Segment segment(String key) {
      return circuit.circuit().segments().stream()
          .filter(segment -> segment.key().equals(key))
          .findFirst()
          .orElse(null);
    }

    private void stood(Segment segment, Instant from, Instant to) {
      PocketKind kind = PocketKind.of(circuit.circuit(), segment);
      FrostMemory.Carried carried =
          memory.carried(shelters, new Pocket(kind.tauHours(), 0), from, to);
      unknownDays = Math.max(unknownDays, carried.unknownDays());
      if (carried.frozeOn() == null) {
        return;
      }
      boolean burst = kind.isRigid() && carried.mostIce() >= BURSTS_AT;
      boolean sooner = first == null || carried.frozeOn().isBefore(first.on());
      first =
          new Frozen(
              circuit.circuit().key(),
              circuit.circuit().name(),
              sooner ? segment.name() : first.segment(),
              sooner ? carried.frozeOn() : first.on(),
              burst || first != null && first.burst());
    }
  }
}
