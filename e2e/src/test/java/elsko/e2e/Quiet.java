package elsko.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.TimeoutError;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** Knows when a page has all it asked for, so that a picture shows all there is. */
final class Quiet {
  private static final Map<Page, Set<Request>> UNDER_WAY = new HashMap<>();

  private Quiet() {}

  /** From now on. */
  static void follow(Page page) {
    Set<Request> underWay = new HashSet<>();
    UNDER_WAY.put(page, underWay);
    page.onRequest(
        request -> {
          if (!request.url().endsWith("/api/events")) {
            underWay.add(request);
          }
        });
    page.onRequestFinished(underWay::remove);
    page.onRequestFailed(underWay::remove);
    // Not every request of a page that is left is said to have failed.
    page.onResponse(
        response -> {
          if (response.request().isNavigationRequest()) {
            underWay.retainAll(Set.of(response.request()));
          }
        });
    // What was under way before is not known: ask for all of it again.
    page.reload();
  }

  /** Nothing is asked for, and what came is drawn and asks for nothing more. */
  static void isQuiet(Page page) {
    for (int calm = 0; calm < 3; calm++) {
      awaitAnswers(page);
      page.evaluate(
          "() => new Promise((drawn) =>"
              + " requestAnimationFrame(() => requestAnimationFrame(() => drawn())))");
    }
  }

  private static void awaitAnswers(Page page) {
    Set<Request> underWay = UNDER_WAY.get(page);
    try {
      page.waitForCondition(underWay::isEmpty);
    } catch (TimeoutError tooLong) {
      throw new AssertionError(
          page.url() + " waits for " + underWay.stream().map(Quiet::asked).toList(), tooLong);
    }
  }

  private static String asked(Request request) {
    return request.method() + " " + request.url();
  }
}
