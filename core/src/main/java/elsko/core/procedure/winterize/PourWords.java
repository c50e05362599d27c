package elsko.core.procedure.winterize;

import elsko.core.boat.path.Work.Piece;
import elsko.core.procedure.request.OnCircuit;

/** What filling at the hoses is called, how it goes and why; a circuit may say it otherwise. */
final class PourWords {
  private PourWords() {}

  static String title(OnCircuit on, String count) {
    return on.circuit().work(Piece.POUR).title("Pour into the %s hoses".formatted(count));
  }

  static String how(OnCircuit on) {
    return on.circuit()
        .work(Piece.POUR)
        .how(
            "Open each hose at the housing and pour until you see what its line says. The lot on the jug goes"
                + " on the record.");
  }

  static String why(OnCircuit on) {
    return on.circuit()
        .work(Piece.POUR)
        .why(
            on.isEngine()
                ? "Poured from the top into a drained engine it stays undiluted, and the thermostat does"
                    + " not matter."
                : "What the drains leave behind is carried out; color at the end is a sign, a sample is"
                    + " the proof.");
  }
}
