package elsko.core.limits;

import static elsko.core.limits.Call.GOOD;
import static elsko.core.limits.Call.MEND;
import static elsko.core.limits.Call.STOP;
import static elsko.core.limits.Condition.called;

import java.util.List;

/** What is looked at when water got into the cylinders of an engine. */
public final class CylinderConditions {
  public static final Condition CAME_IN =
      called("water-came-in", "how the water came in", "before anything is closed up")
          .or(
              "cranked",
              "turned for long with the seacock OPEN: the muffler ran full, nothing leaks",
              GOOD,
              "")
          .or(
              "siphon",
              "siphon break stuck, too low, or none",
              MEND,
              "Cleaned, or fitted high enough, before it runs again.")
          .or(
              "pressure",
              "water on at a stopped engine: a hose, or speed through the water",
              MEND,
              "Water goes on after the start and off with the stop; towed with the seacock SHUT.")
          .or(
              "elbow",
              "elbow, riser or manifold leaks inward",
              MEND,
              "Replaced before it runs again: it comes back with every stop.")
          .or(
              "gasket",
              "head gasket, or from the coolant side",
              MEND,
              "The head comes off: not closed up before.")
          .or("unknown", "not found", MEND, "Not closed up before it is found: it comes back.");

  public static final Condition RUNS_OUT =
      called("water-runs-out", "water out of the cylinders", "two whole turns by hand, each hole")
          .or("none-left", "nothing comes any more", GOOD, "")
          .or("comes", "it still comes", MEND, "Two more turns, and wait between them.");

  public static final Condition TURNS =
      called("turns-by-hand", "turning by hand", "two whole turns, holes open")
          .or("even", "evenly all round, every piston comes up as high", GOOD, "")
          .or(
              "lower",
              "one piston stays lower",
              STOP,
              "Stop: its rod is bent. No start; the engine is opened.")
          .or(
              "binds",
              "it binds somewhere",
              STOP,
              "Stop: something is bent, or rust holds a ring. No start, no force.");

  static final List<Condition> ALL = List.of(CAME_IN, RUNS_OUT, TURNS);

  private CylinderConditions() {}
}
