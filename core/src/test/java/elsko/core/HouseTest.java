package elsko.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Small files, small rooms; of every module's main code, generated code apart. */
class HouseTest {
  private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
  private static final List<String> JAVA = List.of("core", "server", "bench");
  private static final int MOST_LINES = 400;
  private static final int MOST_FILES = 25;

  @Test
  void noFileIsLong() throws IOException {
    try (Stream<Path> all = files()) {
      assertThat(all.filter(file -> lines(file) > MOST_LINES)).isEmpty();
    }
  }

  @Test
  void noRoomIsFull() throws IOException {
    try (Stream<Path> all = files()) {
      Map<Path, Long> full =
          all.collect(Collectors.groupingBy(Path::getParent, Collectors.counting()));
      full.values().removeIf(count -> count <= MOST_FILES);
      assertThat(full).isEmpty();
    }
  }

  private static Stream<Path> files() throws IOException {
    Stream<Path> found = Stream.empty();
    for (String module : JAVA) {
      Path main = ROOT.resolve(module).resolve("src/main/java");
      found =
          Stream.concat(found, Files.walk(main).filter(file -> file.toString().endsWith(".java")));
    }
    return found;
  }

  private static long lines(Path file) {
    try (Stream<String> lines = Files.lines(file)) {
      return lines.count();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
