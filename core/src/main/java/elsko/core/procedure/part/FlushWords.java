package elsko.core.procedure.part;

import elsko.core.boat.path.Position;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** What each flush variant says to do. */
public final class FlushWords {
  private FlushWords() {}

  public static String how(FlushVariant variant) {
    return switch (variant) {
      case MUFFS ->
          "Muffs seated without gaps, water on, propeller clear and the hose away from it.";
      case SUCTION_CUP -> "Cup seated on the hull intake without gaps, water on.";
      case INTAKE_HOSE ->
          "Drive DOWN: running it up wrecks the joints. Hose into the pump's intake, water on.";
      case STRAINER_TOP_UP ->
          "Seacock SHUT, lid off, sealing ring put where it will be noticed. Fill, start, keep it half"
              + " full from the hose; stop before it empties.";
      case TEE_AND_BUCKET ->
          "Seacock SHUT, tee plug out, bucket hose on, valve open. Never a hose under pressure on the"
              + " engine: it fills the muffler.";
      case PIPE_IN_BUCKET ->
          "Clear pipe from the pump into the tub; it shows the flow. The tub stands as high as it can.";
      case TWO_PORT ->
          "Cap off, hose on the engine port with the water off. Start, then water on within 10 seconds.";
    };
  }

  public static String end(FlushVariant variant) {
    return switch (variant) {
      case TWO_PORT -> "Water off, at most 3 seconds more, engine off; port shut, cap on.";
      case MUFFS -> "Stop the engine, then the water.";
      case SUCTION_CUP -> "Stop the engine, then the water; cup off.";
      case INTAKE_HOSE -> "Stop the engine, water off; refit and clamp.";
      case STRAINER_TOP_UP ->
          "Ring seated, lid turned by hand only; look for leaks after reopening.";
      case TEE_AND_BUCKET -> "Valve shut before the hose comes off; tee plug IN.";
      case PIPE_IN_BUCKET -> "Intake hose back on and clamped.";
    };
  }

  public static List<String> tools(FlushVariant variant) {
    return switch (variant) {
      case MUFFS -> List.of("flush muffs", "hose");
      case SUCTION_CUP -> List.of("suction cup", "hose");
      case INTAKE_HOSE -> List.of("hose with connector", "screwdriver");
      case STRAINER_TOP_UP -> List.of("hose");
      case TEE_AND_BUCKET -> List.of("bucket hose with valve", "tub", "hose");
      case PIPE_IN_BUCKET -> List.of("clear pipe", "tub", "hose", "screwdriver");
      case TWO_PORT -> List.of("hose with port connector");
    };
  }

  /** A generator has one speed and no gear. */
  static String revs(OnCircuit on) {
    return on.engine() == Position.GENERATOR
        ? "At its fixed speed."
        : "In neutral, below 2000 rpm.";
  }
}
