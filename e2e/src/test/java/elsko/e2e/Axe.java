package elsko.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What a listening or a weak-sighted person would stumble over. */
final class Axe {
  private Axe() {}

  /** Serious and critical findings on the page as it is; empty when there are none. */
  static List<String> violations(Page page) {
    try {
      Path axe = Path.of(System.getProperty("elsko.root"), "web/node_modules/axe-core/axe.min.js");
      page.evaluate(Files.readString(axe));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Object found =
        page.evaluate(
            "async () => (await axe.run({ resultTypes: ['violations'] })).violations"
                + ".filter((v) => ['serious', 'critical'].includes(v.impact))"
                + ".map((v) => v.id + ': ' + v.nodes.map((n) => n.html).slice(0, 3).join(' | '))");
    List<String> texts = new ArrayList<>();
    ((List<?>) found).forEach(text -> texts.add((String) text));
    return texts;
  }
}
