package elsko.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import elsko.bench.row.Measured;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How long a browser works on what people look at, on the running application. */
final class Screens implements AutoCloseable {
  static final String PATHS = "water paths of a twin-engine boat drawn, script in the browser";
  static final String SLIDER = "slider of a V8's fill moved to drawing laid out, in the browser";
  private static final int VISITS = 15;
  private static final int MOVES = 120;
  private static final double ONE_FRAME_MS = 16;

  /** From the slider's new value to the drawing laid out anew: script, style and layout. */
  private static final String MOVE_THE_SLIDER =
      """
      (moves) => {
        const slider = document.querySelector('input[type=range]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const took = [];
        for (let i = 0; i < moves; i++) {
          const from = performance.now();
          set.call(slider, String((Number(slider.max) * ((i * 7) % moves)) / moves));
          slider.dispatchEvent(new Event('input', { bubbles: true }));
          document.body.getBoundingClientRect();
          took.push(performance.now() - from);
        }
        return took;
      }
      """;

  private final Playwright playwright =
      Playwright.create(
          new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  private final Browser browser;
  private final Page page;

  Screens(String authorization) {
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(chromium())
                    .setArgs(List.of("--no-sandbox", "--disable-gpu")));
    page =
        browser.newPage(
            new Browser.NewPageOptions()
                .setViewportSize(1280, 800)
                .setExtraHTTPHeaders(Map.of("Authorization", authorization)));
  }

  /** Debian's; the one made for no window where it is there. */
  private static Path chromium() {
    Path without = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(without) ? without : Path.of("/usr/bin/chromium");
  }

  /** The water paths of a boat with a generator, from render to commit. */
  Measured waterPaths(String boatAddress) {
    page.navigate(boatAddress);
    List<Double> millis = new ArrayList<>();
    for (int i = 0; i < VISITS; i++) {
      page.getByText("Generator raw water").first().waitFor();
      millis.add(
          ((Number)
                  page.evaluate(
                      "() => Math.max(...performance.getEntriesByName('water paths')"
                          + ".map((drawn) => drawn.duration))"))
              .doubleValue());
      page.getByText("Bench").first().click();
      page.getByText("Boats with antifreeze in them").waitFor();
      page.evaluate("() => performance.clearMeasures()");
      page.goBack();
    }
    return median(PATHS, millis);
  }

  /** What a fill leaves, looked at with the slider. */
  Measured slider(String fillAddress) {
    page.navigate(fillAddress);
    page.getByText("Until it is enough").waitFor();
    page.evaluate(MOVE_THE_SLIDER, MOVES);
    List<Double> millis = new ArrayList<>();
    for (Object took : (List<?>) page.evaluate(MOVE_THE_SLIDER, MOVES)) {
      millis.add(((Number) took).doubleValue());
    }
    return median(SLIDER, millis);
  }

  /** A card tapped through on a weak signal. */
  Measured taps(String authorization, String boatAddress) {
    return Taps.of(browser, authorization, boatAddress);
  }

  private static Measured median(String what, List<Double> millis) {
    millis.sort(null);
    double median = millis.get(millis.size() / 2);
    return new Measured(
        what,
        String.format(
            Locale.ROOT, "median %.1f ms, slowest %.1f ms", median, millis.get(millis.size() - 1)),
        median,
        Measured.Kind.TIME,
        "under 16 ms",
        median < ONE_FRAME_MS);
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
