package elsko.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** Tests that share one running application and one browser, both their class's own. */
abstract class InTheBrowser {
  static ElskoProcess elsko;
  static Chromium chromium;

  @BeforeAll
  static void start() {
    elsko = new ElskoProcess();
    chromium = new Chromium();
  }

  @AfterAll
  static void stop() {
    chromium.close();
    elsko.close();
  }

  @AfterEach
  void closeWindows() {
    chromium.closeWindows();
  }
}
