package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.Sizes;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * What goes between a screen and the server while somebody works: on a weak signal it is all that
 * counts.
 */
final class Traffic implements AutoCloseable {
  /** With all headers, each way. */
  private static final int MOST_BYTES = 4_000;

  private final Page page;
  private final List<Request> asked = new ArrayList<>();
  private final Consumer<Request> watches = asked::add;

  Traffic(Page page) {
    this.page = page;
    page.onRequestFinished(watches);
  }

  /** Each thing that was tapped or entered costs at most one request, and that a small one. */
  void isAtMostOneEach(int things) {
    List<Request> ours = asked.stream().filter(one -> one.url().contains("/api/")).toList();
    assertThat(ours).as("%s", ours.stream().map(Request::url).toList()).hasSizeBetween(1, things);
    for (Request one : ours) {
      Sizes sizes = one.sizes();
      assertThat(sizes.requestHeadersSize + sizes.requestBodySize)
          .as("up, %s", one.url())
          .isLessThanOrEqualTo(MOST_BYTES);
      assertThat(sizes.responseHeadersSize + sizes.responseBodySize)
          .as("down, %s", one.url())
          .isLessThanOrEqualTo(MOST_BYTES);
    }
  }

  @Override
  public void close() {
    page.offRequestFinished(watches);
  }
}
