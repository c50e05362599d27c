package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.Acceptance;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.engine.ServiceFold;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.learned.DrainTroubleFold;
import elsko.core.ledger.learned.LearnedFold;
import elsko.core.limits.Interval;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Follows through the log what was said of one circuit: each moves more than the circuit alone. */
final class CircuitFindings {
  private final Boat boat;
  private final CircuitsFold circuits;
  private final EnginesFold engines;
  private final EngineRuns runs;
  private final ServiceFold services;
  private final RedTags tags;
  private final LearnedFold learned;
  private final DrainTroubleFold trouble;
  private final Map<String, List<String>> descaled = new HashMap<>();

  CircuitFindings(
      Boat boat,
      CircuitsFold circuits,
      EnginesFold engines,
      EngineRuns runs,
      ServiceFold services,
      RedTags tags,
      LearnedFold learned,
      DrainTroubleFold trouble) {
    this.boat = boat;
    this.circuits = circuits;
    this.engines = engines;
    this.runs = runs;
    this.services = services;
    this.tags = tags;
    this.learned = learned;
    this.trouble = trouble;
  }

  Map<String, List<String>> descaled() {
    return Map.copyOf(descaled);
  }

  /** What is about one circuit; nothing, when the boat was described again and no longer has it. */
  void apply(Entry entry, Fact.AboutCircuit fact) {
    switch (fact) {
      case Fact.CircuitSeen looked -> {
        circuits.ifThere(looked.circuit(), circuit -> circuit.looked(looked.inService()));
      }
      case Fact.FrostLooked looked -> {
        circuits.ifThere(looked.circuit(), circuit -> circuit.lookedForFrost(looked.found()));
        if (boat.hasCircuit(looked.circuit())) {
          Position engine = boat.circuit(looked.circuit()).engine();
          tags.lookedForFrost(engine, looked.circuit(), looked.found(), entry);
        }
      }
      case Fact.LowPointSeen looked -> {
        engines.suctionDrained(looked.lowPoint());
        circuits.ifLowPoint(
            looked.lowPoint(),
            circuit -> {
              Seen what = circuit.lookedAt(boat.lowPoint(looked.lowPoint()), looked.seen());
              trouble.seen(looked.lowPoint(), what);
              if (what.isEmpty()) {
                engines.mufflerDrained(looked.lowPoint());
              }
            });
      }
      case Fact.FluidUsed used -> {
        boolean shut =
            boat.hasCircuit(used.circuit())
                && runs.stayedShut(boat.circuit(used.circuit()).engine());
        circuits.ifThere(used.circuit(), circuit -> circuit.filled(used, entry.person(), shut));
        engines.suctionPoured(used);
        if (used.pourPoint() == null) {
          learned.drawn(entry.card(), used.circuit(), used.liters(), entry.deviceTime());
        }
        circuits.leaveServiceWith(used.circuit());
      }
      case Fact.DescalerUsed used -> {
        circuits.ifThere(used.circuit(), CircuitFold::flooded);
        if (boat.hasCircuit(used.circuit())) {
          Position engine = boat.circuit(used.circuit()).engine();
          services.done(engine, Interval.DESCALE, entry, "");
          services.descaled(used.circuit(), used.segments(), entry.deviceTime());
          if (engine != null) {
            tags.descaled(engine, entry.person());
          }
          descaled.put(used.circuit(), used.segments());
        }
      }
      case Fact.CoolantRead read -> {
        circuits.ifThere(read.circuit(), circuit -> circuit.coolant(read));
      }
      case Fact.SampleRead read -> {
        circuits.ifLowPoint(
            read.lowPoint(),
            circuit -> {
              circuit.sample(read, entry.person(), entry.serverTime());
              if (circuit.isShort(boat.lowPoint(read.lowPoint()))) {
                trouble.wasShort(read.lowPoint());
              }
            });
      }
      case Fact.ProofGivenUp given -> {
        circuits.ifThere(given.circuit(), CircuitFold::proofGivenUp);
      }
      case Fact.Countersigned signed -> {
        circuits.ifThere(signed.circuit(), circuit -> circuit.countersigned(entry.person()));
      }
      case Fact.Accepted taken -> {
        circuits.ifThere(
            taken.circuit(),
            circuit ->
                circuit.accepted(
                    new Acceptance(
                        entry.person(),
                        entry.happened(),
                        taken.reason(),
                        taken.until(),
                        taken.untilC())));
      }
      case Fact.CouldNotSample said -> {
        circuits.ifLowPoint(said.lowPoint(), circuit -> circuit.notSampled(said));
      }
      case Fact.FluidCaught fluidCaught -> {}
      case Fact.Disinfected disinfected -> {}
    }
  }
}
