package elsko.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** What a wet finger has to hit. */
final class Targets {
  private Targets() {}

  /** Buttons, links and fields that are shown and smaller than 56 px either way. */
  static List<String> tooSmall(Page page) {
    return tooSmall(page, "body");
  }

  /** The same, of a part of the page. */
  static List<String> tooSmall(Page page, String within) {
    List<String> found = new ArrayList<>();
    Object small =
        page.evaluate(
            """
            (within) => [...document.querySelectorAll('button, a[href], input, select, textarea, label.btn')]
              .filter((one) => one.closest(within))
              .filter((one) => !one.classList.contains('sr-only'))
              .map((one) => ({ one, box: one.getBoundingClientRect() }))
              .filter(({ box }) => box.width > 0 && box.height > 0)
              .filter(({ box }) => box.width < 55.5 || box.height < 55.5)
              .map(({ one, box }) =>
                `${one.tagName} ${one.innerText || one.id} ${Math.round(box.width)}x${Math.round(box.height)}`)
            """,
            within);
    ((List<?>) small).forEach(one -> found.add((String) one));
    return found;
  }
}
