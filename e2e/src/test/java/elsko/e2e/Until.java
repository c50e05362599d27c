package elsko.e2e;

import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.Map;

/**
 * Waits for what a page or the server knows and no screen shows. Asks ten times a second from
 * within the page: asking from here goes round as fast as it can, and slows down what is waited
 * for.
 */
final class Until {
  private static final String ASK =
      """
      async ({ argument, seconds }) => {
        const holds = %s;
        const end = Date.now() + seconds * 1000;
        for (;;) {
          if (await holds(argument)) return;
          if (Date.now() > end) throw new Error('not within ' + seconds + ' s');
          await new Promise((again) => setTimeout(again, 100));
        }
      }""";

  private Until() {}

  /**
   * Waits until a function of the page gives something true.
   *
   * @param asks the source of a function, which may be async
   * @param argument what it is given; may be null
   */
  static void holds(Page page, String asks, Object argument) {
    Map<String, Object> given = new HashMap<>();
    given.put("argument", argument);
    given.put("seconds", (int) Chromium.PATIENCE.toSeconds());
    page.evaluate(ASK.formatted(asks), given);
  }
}
