package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whoever loads a screen anew, or comes by its address, gets it. */
@ExtendWith(RunningElsko.class)
class ScreensTest {
  private static final Pattern SCREEN = Pattern.compile("path=\"(/[^\"]*)\"");

  @Test
  void everyScreenHasAnAddressThatOpensIt() throws Exception {
    String app = Files.readString(Path.of("../web/src/app.tsx"));
    List<String> screens =
        SCREEN.matcher(app).results().map((MatchResult found) -> found.group(1)).toList();
    assertThat(screens).contains("/join", "/settings/changes").hasSizeGreaterThan(20);
    for (String screen : screens) {
      String address = screen.replaceAll(":[A-Za-z]+", "teal");
      assertThat(RunningElsko.as(null).get(address).status()).as(address).isEqualTo(200);
    }
  }
}
