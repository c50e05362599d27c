package elsko.core.ledger.fact;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.fluid.Base;
import elsko.core.fluid.mix.Disinfection;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is said of one circuit, or of what is poured into circuits. */
public interface CircuitFacts {
  /** Somebody looked and says what is in a circuit: water that must go, or water on purpose. */
  record CircuitSeen(String circuit, boolean inService) implements Fact.AboutCircuit {}

  /** Somebody looked for what frost did to a circuit. */
  record FrostLooked(String circuit, FrostFinding found) implements Fact.AboutCircuit {
    public FrostLooked {
      if (found == null) {
        throw Refused.value("finding", "Say what was found.");
      }
    }
  }

  /** A low point was opened and looked at. */
  record LowPointSeen(String lowPoint, Seen seen) implements Fact.AboutCircuit {}

  /**
   * Descaler went into a circuit.
   *
   * @param segments keys of the segments it reached; only their descale clock starts anew
   * @param liters mixed, ready to use
   */
  record DescalerUsed(String circuit, List<String> segments, double liters)
      implements Fact.AboutCircuit {
    public DescalerUsed {
      segments = segments == null ? List.of() : List.copyOf(segments);
      if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
        throw Refused.value(
            "liters", Text.of("Must be above 0, at most %s.", Quantity.liters(200)));
      }
    }
  }

  /**
   * The coolant of a closed engine was read, cold, at the filler.
   *
   * @param temperatureC of what was read; null in logs of before this was asked
   */
  record CoolantRead(
      String circuit, InstrumentUse with, double reading, @Nullable Double temperatureC)
      implements Fact.AboutCircuit {
    public CoolantRead(String circuit, InstrumentUse with, double reading) {
      this(circuit, with, reading, null);
    }

    public CoolantRead {
      if (temperatureC != null) {
        Refused.within("temperatureC", temperatureC, -60, 120, " °C");
      }
      if (!with.instrument().tellsStrengthOf(Base.EG)) {
        throw Refused.value(
            "instrument", "Coolant is read on an EG freeze point scale; this one has another.");
      }
      with.instrument().readable("reading", Base.EG, reading);
    }
  }

  /**
   * Antifreeze went into a circuit.
   *
   * @param pourPoint key of the hose it was poured into; null when it was drawn through
   */
  record FluidUsed(String circuit, Lot lot, double liters, String pourPoint)
      implements Fact.AboutCircuit {
    public FluidUsed {
      if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
        throw Refused.value(
            "liters", Text.of("Must be above 0, at most %s.", Quantity.liters(200)));
      }
      if (lot.product().base() == Base.EG) {
        throw Refused.value(
            "lot",
            "Ethylene glycol is poisonous and never goes into raw water. Use a propylene glycol lot.");
      }
    }
  }

  /** Antifreeze was caught as it ran out of a circuit, to be taken away. */
  record FluidCaught(String circuit, double liters) implements Fact.AboutCircuit {
    public FluidCaught {
      if (!Double.isFinite(liters) || liters < 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", Text.of("Must be from 0 to %s.", Quantity.liters(200)));
      }
    }
  }

  /**
   * A chlorine product went into domestic water.
   *
   * @param tankLiters what tank and lines hold, L
   * @param chlorinePercent available chlorine of the product, %
   * @param milliliters of the product, mL
   */
  record Disinfected(String circuit, double tankLiters, double chlorinePercent, double milliliters)
      implements Fact.AboutCircuit {
    public Disinfected {
      Disinfection.poured(tankLiters, chlorinePercent, milliliters);
    }

    public Disinfection.Poured poured() {
      return Disinfection.poured(tankLiters, chlorinePercent, milliliters);
    }
  }

  /** The undiluted product of a lot was read. */
  record JugRead(Lot lot, InstrumentUse with, double reading) implements Fact {
    public JugRead {
      with.instrument().readable("reading", lot.product().base(), reading);
    }
  }

  /** A sample from a low point was read. */
  record SampleRead(
      String lowPoint, Lot lot, InstrumentUse with, double reading, double temperatureC)
      implements Fact.AboutCircuit {
    public SampleRead {
      with.instrument().readable("reading", lot.product().base(), reading);
      Refused.within("temperatureC", temperatureC, -60, 120, " °C");
    }
  }

  /** A required low point could not be sampled. */
  record CouldNotSample(String lowPoint, String reason) implements Fact.AboutCircuit {
    public CouldNotSample {
      reason = KeptText.of("reason", reason, "Say why no sample was possible.");
    }
  }

  /**
   * A coordinator takes a circuit as it is, until a day or until it gets so cold.
   *
   * @param until on that day it comes back; null where only the cold ends it
   * @param untilC °C; null where only the day ends it
   */
  record Accepted(String circuit, String reason, @Nullable LocalDate until, @Nullable Double untilC)
      implements Fact.AboutCircuit {
    private static final double WARMEST_C = 5;

    public Accepted {
      reason = KeptText.of("reason", reason, "Say why it is taken as it is.");
      if (until == null && untilC == null) {
        throw Refused.value("until", "Say until which day, or until how cold.");
      }
      if (untilC != null) {
        Refused.within("untilC", untilC, -60, WARMEST_C, " °C");
      }
    }
  }

  /**
   * Somebody lets go of what was proven of a circuit, or recorded empty, because water goes into it
   * again; it is winterized again afterwards.
   */
  record ProofGivenUp(String circuit, String reason) implements Fact.AboutCircuit {
    public ProofGivenUp {
      reason = KeptText.of("reason", reason, "Say why its proof may go.");
    }
  }

  /** A second person looked at a circuit's readings and signs for them. */
  record Countersigned(String circuit) implements Fact.AboutCircuit {}
}
