package elsko.server.said;

import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Seen;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is said of a circuit, its low points and what is in it. A lot or an instrument that is not
 * named is refused with what to do.
 */
public sealed interface SaidOfCircuit extends Said {
  record CircuitSeen(String circuit, @Nullable Boolean inService) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.CircuitSeen(Said.which("circuit", circuit), Said.is(inService));
    }
  }

  /**
   * @param finding its key
   */
  record FrostLooked(String circuit, String finding) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.FrostLooked(Said.which("circuit", circuit), FrostFinding.of(finding));
    }
  }

  record ProofGivenUp(String circuit, String reason) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.ProofGivenUp(Said.which("circuit", circuit), reason);
    }
  }

  record CaughtAtDrain(String lowPoint, Double liters) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.CaughtAtDrain(
          Said.which("lowPoint", lowPoint), Said.number("liters", liters));
    }
  }

  record LowPointSeen(String lowPoint, Seen seen) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.LowPointSeen(
          Said.which("lowPoint", lowPoint), Said.need("seen", seen, "Say what you saw there."));
    }
  }

  /**
   * @param lot its number
   * @param pourPoint key of the hose; null when it was drawn through
   */
  record FluidUsed(String circuit, @Nullable String lot, Double liters, @Nullable String pourPoint)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.FluidUsed(
          Said.which("circuit", circuit),
          around.lot(lot),
          Said.number("liters", liters),
          pourPoint);
    }
  }

  record FluidCaught(String circuit, Double liters) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.FluidCaught(Said.which("circuit", circuit), Said.number("liters", liters));
    }
  }

  record DescalerUsed(String circuit, @Nullable List<String> segments, Double liters)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.DescalerUsed(
          Said.which("circuit", circuit), segments, Said.number("liters", liters));
    }
  }

  record Disinfected(String circuit, Double tankLiters, Double chlorinePercent, Double milliliters)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.Disinfected(
          Said.which("circuit", circuit),
          Said.number("tankLiters", tankLiters),
          Said.number("chlorinePercent", chlorinePercent),
          Said.number("milliliters", milliliters));
    }
  }

  record CoolantRead(
      String circuit, @Nullable UUID instrument, Double reading, @Nullable Double temperatureC)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.CoolantRead(
          Said.which("circuit", circuit),
          around.instrument(instrument),
          Said.number("reading", reading),
          temperatureC);
    }
  }

  record JugRead(@Nullable String lot, @Nullable UUID instrument, Double reading)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.JugRead(
          around.lot(lot), around.instrument(instrument, lot), Said.number("reading", reading));
    }
  }

  record SampleRead(
      String lowPoint,
      @Nullable String lot,
      @Nullable UUID instrument,
      Double reading,
      Double temperatureC)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.SampleRead(
          Said.which("lowPoint", lowPoint),
          around.lot(lot),
          around.instrument(instrument, lot),
          Said.number("reading", reading),
          Said.number("temperatureC", temperatureC));
    }
  }

  record CouldNotSample(String lowPoint, String reason) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.CouldNotSample(Said.which("lowPoint", lowPoint), reason);
    }
  }

  record Countersigned(String circuit) implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.Countersigned(Said.which("circuit", circuit));
    }
  }

  record Accepted(String circuit, String reason, @Nullable LocalDate until, @Nullable Double untilC)
      implements SaidOfCircuit {
    @Override
    public Fact fact(Around around) {
      return new Fact.Accepted(Said.which("circuit", circuit), reason, until, untilC);
    }
  }
}
