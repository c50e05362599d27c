package elsko.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/**
 * Tests on boats of their own, which nobody else's boats disturb: the classes share one running
 * application and one browser, which end with the run.
 */
abstract class OnOneYard {
  static ElskoProcess elsko;
  static Chromium chromium;

  @BeforeAll
  static void start() {
    if (elsko == null) {
      elsko = new ElskoProcess();
      Runtime.getRuntime().addShutdownHook(new Thread(elsko::close));
      chromium = new Chromium();
    }
  }

  @AfterEach
  void closeWindows() {
    chromium.closeWindows();
  }
}
