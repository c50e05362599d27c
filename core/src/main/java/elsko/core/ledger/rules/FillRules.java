package elsko.core.ledger.rules;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/** What may go into a circuit, be read of it and be signed for. */
final class FillRules {
  /** A winter and no more, days. */
  private static final int MOST_ACCEPTED = 200;

  private final BoatState state;
  private final Boat boat;
  private final YardRules rules;
  private final Instant at;

  FillRules(BoatState state, YardRules rules, Instant at) {
    this.state = state;
    this.boat = state.boat();
    this.rules = rules;
    this.at = at;
  }

  void filling(String person, Fact.FluidUsed used) {
    Circuit circuit = boat.circuit(used.circuit());
    boolean poured = used.pourPoint() != null;
    List<String> open = outOf(circuit.drains());
    if (!open.isEmpty() && !(poured && circuit.centralDrain())) {
      throw Refused.state(
          "liters",
          "%s OUT. Put %s back IN before filling: what goes in would run out."
              .formatted(
                  "%s %s"
                      .formatted(Words.sentence(Words.list(open)), open.size() == 1 ? "is" : "are"),
                  open.size() == 1 ? "it" : "them"));
    }
    if (poured) {
      pouring(used.pourPoint());
    } else {
      drawing(circuit);
    }
    if (person.equals(state.circuit(circuit.key()).mustNotFillAgain())) {
      throw Refused.state(
          "liters", "Two fills by %s came out short: someone else does it now.".formatted(person));
    }
  }

  private void drawing(Circuit circuit) {
    Fitting feed = boat.fittingOf(circuit, FittingKind.FEED);
    if (feed == null) {
      return; // a bilge pump draws from where it stands
    }
    boolean onTank = state.is(feed, TANK) || state.is(feed, BILGE_BRANCH);
    boolean turning = circuit.engine() == null || state.running().containsKey(circuit.engine());
    if (!onTank || !turning) {
      throw Refused.state(
          "liters",
          circuit.engine() == null
              ? "Drawing through needs the tank on the pump's feed."
              : "Drawing through needs the tank on the pump's feed and the engine running.");
    }
  }

  private void pouring(String pourPoint) {
    FittingStanding hose = state.fitting(pourPoint);
    if (hose.state() != OFF) {
      throw Refused.state(
          "liters", "The %s is CLAMPED: open it to pour into it.".formatted(hose.fitting().name()));
    }
  }

  void descaling(Fact.DescalerUsed used) {
    List<String> open = outOf(boat.circuit(used.circuit()).drains());
    if (!open.isEmpty()) {
      throw Refused.state(
          "liters", "%s still OUT: acid would run out.".formatted(Words.sentence(open.get(0))));
    }
    StartRules.proofIsNotUndone(state, boat.circuit(used.circuit()), "liters");
  }

  /** Chlorine and acid together make poison gas. */
  void noAcidAbout() {
    if (state.openCard(Procedure.DESCALE) != null) {
      throw Refused.state(
          "milliliters",
          "A descale card is open: acid and chlorine together make poison gas. Close that first.");
    }
  }

  void sampling(Fact.SampleRead read) {
    LowPoint point = boat.lowPoint(read.lowPoint());
    Circuit circuit = boat.circuitOfLowPoint(read.lowPoint());
    requireFilled(state, circuit);
    if (point.opens() != null) {
      FittingStanding drain = state.fitting(point.opens());
      if (drain.state().isOut()) {
        throw Refused.state(
            "lowPoint",
            "The %s is still OUT. Put it back IN, then enter the reading."
                .formatted(drain.fitting().name()));
      }
    }
    if (!state.circuit(circuit.key()).jugs().containsKey(read.lot().number())) {
      throw Refused.state(
          "lot",
          "The jug of lot %s was not read yet. Read it first: samples are held against it."
              .formatted(read.lot().number()));
    }
  }

  void readingCoolant(Fact.CoolantRead read) {
    Position engine = boat.circuit(read.circuit()).engine();
    if (state.running().containsKey(engine)) {
      throw Refused.state(
          "reading",
          "Hot and under pressure: coolant is read cold, the %s stopped."
              .formatted(engine.words()));
    }
  }

  void countersigning(String person, Fact.Countersigned signed) {
    CircuitState circuit = state.circuit(signed.circuit());
    if (!circuit.awaitsCountersign()) {
      throw Refused.state(
          "circuit",
          "There is nothing to countersign: every low point has to be sampled and good first.");
    }
    if (circuit.sampledBy().contains(person)) {
      throw Refused.state(
          "person", "Whoever read a sample does not sign for it. A second person looks at it.");
    }
  }

  /** Whatever is safe by itself, or broken, is not a risk anybody could take. */
  void accepting(Fact.Accepted taken) {
    CircuitState circuit = state.circuit(taken.circuit());
    if (circuit.protection().isSafe()) {
      throw Refused.state("circuit", "It is safe as it is: there is nothing to accept.");
    }
    if (state.brokenByFrost().contains(circuit)) {
      throw Refused.state("circuit", "What is broken is mended: nobody accepts it.");
    }
    LocalDate today = LocalDate.ofInstant(at, rules.zone());
    if (taken.until() != null
        && (!taken.until().isAfter(today)
            || taken.until().isAfter(today.plusDays(MOST_ACCEPTED)))) {
      throw Refused.value("until", "A day after today, at most 200 days on.");
    }
  }

  void givingUp(Fact.ProofGivenUp given) {
    if (!state.wouldBeUndoneByWater(boat.circuit(given.circuit()))) {
      throw Refused.state(
          "circuit", "Nothing is proven of it that water would undo, or it was given up already.");
    }
  }

  private List<String> outOf(List<String> drains) {
    return drains.stream()
        .map(state::fitting)
        .filter(drain -> drain.state().isOut())
        .map(drain -> drain.fitting().name())
        .toList();
  }

  static void requireFilled(BoatState state, Circuit circuit) {
    Protection protection = state.circuit(circuit.key()).protection();
    if (protection != Protection.FILLED
        && protection != Protection.HELD
        && protection != Protection.PROVEN) {
      throw Refused.state(
          "lowPoint",
          "%s is %s, not filled: there is nothing to sample yet."
              .formatted(Words.sentence(circuit.name()), protection.name().replace('_', ' ')));
    }
  }
}
