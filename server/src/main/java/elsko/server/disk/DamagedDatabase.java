package elsko.server.disk;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.env.Environment;

/** A database that does not open at the start: why, and what to do, instead of a trace. */
final class DamagedDatabase implements FailureAnalyzer {
  private final Environment environment;

  DamagedDatabase(Environment environment) {
    this.environment = environment;
  }

  @Override
  public @Nullable FailureAnalysis analyze(Throwable failure) {
    Trouble trouble = Trouble.of(failure);
    if (trouble == null || trouble == Trouble.BUSY) {
      return null;
    }
    Path folder = Path.of(environment.getProperty("elsko.data", "data"));
    return new FailureAnalysis(
        trouble == Trouble.DAMAGED || trouble == Trouble.CLOSED
            ? "The database in %s does not open.".formatted(folder)
            : trouble.words(),
        switch (trouble) {
          case FULL -> "Make room on the disk of %s, and start again.".formatted(folder);
          case READ_ONLY -> "Let this account write in %s, and start again.".formatted(folder);
          default -> Ending.damaged(folder);
        },
        failure);
  }
}
