package elsko.core.trueboat;

import elsko.core.boat.path.PocketKind;
import elsko.core.frost.Pocket;
import elsko.core.frost.PocketRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** What the cold does to a boat that is left as it stands: temperature and ice of every vessel. */
public final class InTheCold {
  /** From so much ice on, and at the latest at so much, a vessel breaks. */
  private static final double BREAKS_FROM = 0.12;

  private static final double BREAKS_AT_MOST = 0.35;

  private final List<Freezing> vessels = new ArrayList<>();

  /** One vessel that can break, and the part of it that has to be ice for that. */
  private record Freezing(String circuit, String segment, PocketRun run, double breaksAt) {}

  /** Where something broke. */
  public record Cracked(String circuit, String segment) {}

  InTheCold() {}

  /**
   * @param breaksAtC below that what stands in it turns to ice that breaks it
   */
  void add(TrueCircuit circuit, Vessel vessel, double breaksAtC, double airC, Random nature) {
    double tau =
        Vessel.about(PocketKind.of(circuit.described(), vessel.segment()).tauHours(), nature);
    double breaksAt = BREAKS_FROM + (BREAKS_AT_MOST - BREAKS_FROM) * nature.nextDouble();
    vessels.add(
        new Freezing(
            circuit.described().key(),
            vessel.segment().key(),
            new PocketRun(new Pocket(tau, breaksAtC), airC),
            breaksAt));
  }

  /** An hour passes with air of this temperature around them; what broke in it. */
  public List<Cracked> hour(double airC) {
    List<Cracked> cracked = new ArrayList<>();
    for (Freezing one : vessels) {
      one.run().hour(airC);
      if (one.run().ice() >= one.breaksAt()) {
        cracked.add(new Cracked(one.circuit(), one.segment()));
      }
    }
    vessels.removeIf(one -> one.run().ice() >= one.breaksAt());
    return cracked;
  }
}
