package elsko.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Somebody wants to keep their own yard in the folder of a demonstration. */
final class DemonstrationsFolder extends RuntimeException {
  DemonstrationsFolder() {
    super("the folder is a demonstration's");
  }

  /** Says it in words instead of a trace. */
  static final class Said extends AbstractFailureAnalyzer<DemonstrationsFolder> {
    @Override
    protected FailureAnalysis analyze(Throwable root, DemonstrationsFolder cause) {
      return new FailureAnalysis(
          "This folder holds a demonstration: everybody knows its passwords.",
          "Keep your own yard in another folder, with --data.",
          cause);
    }
  }
}
