package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Questions with what core answers, kept where the browser's tests read them: a device that
 * compares or judges without signal has to come to the same.
 */
public final class SharedVectors {
  private static final Path KEPT = Path.of("../web/src/testing/vectors");

  private SharedVectors() {}

  /** Holds them against the file, one to a line; writes it where that is asked for. */
  public static void areKept(String name, List<?> vectors) throws IOException {
    String text =
        "[\n"
            + String.join(
                ",\n", vectors.stream().map(RunningElsko.JSON::writeValueAsString).toList())
            + "\n]\n";
    Path file = KEPT.resolve(name + ".json");
    if (Boolean.getBoolean("elsko.contract.write")) {
      Files.writeString(file, text);
    }
    assertThat(text)
        .as("write it anew with -Delsko.contract.write=true")
        .isEqualTo(Files.readString(file));
  }
}
