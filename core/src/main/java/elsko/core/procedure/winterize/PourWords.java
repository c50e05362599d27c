package elsko.core.procedure.winterize;

import elsko.core.procedure.request.OnCircuit;

/** What filling at the hoses is called, how it goes and why. */
final class PourWords {
  private PourWords() {}

  static String title(OnCircuit on, String count) {
    return switch (on.circuit().kind()) {
      case DOMESTIC_WATER -> "Pump antifreeze until color runs at every faucet";
      case HEADS -> "Pump antifreeze through to the holding tank";
      case WASHDOWN -> "Pump antifreeze until color runs at the nozzle";
      case HEATER_CORE -> "Fill the core";
      default -> "Pour into the %s hoses".formatted(count);
    };
  }

  static String how(OnCircuit on) {
    return switch (on.circuit().kind()) {
      case DOMESTIC_WATER ->
          "Inlet hose into the jug, heater bypassed. One faucet after another, hot and cold, shower, transom"
              + " shower, until color runs; then the sump and the traps.";
      case HEADS ->
          "By its maker's note. Intake hose into the jug; pump until color has passed the bowl.";
      case WASHDOWN -> "Inlet hose into the jug, nozzle open until color runs.";
      case HEATER_CORE -> "Into the supply hose until it runs from the return.";
      default ->
          "Open each hose at the housing and pour until you see what its line says. The lot on the jug goes"
              + " on the record.";
    };
  }

  static String why(OnCircuit on) {
    return on.isEngine()
        ? "Poured from the top into a drained engine it stays undiluted, and the thermostat does not"
            + " matter."
        : "What the drains leave behind is carried out; color at the end is a sign, a sample is the"
            + " proof.";
  }
}
