package elsko.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How long the script of a browser works to draw a boat's water paths, from render to commit. */
final class Drawing {
  private static final int VISITS = 15;

  private Drawing() {}

  static Measured measure(String boatAddress, String authorization) {
    try (Playwright playwright =
            Playwright.create(
                new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser =
            playwright
                .chromium()
                .launch(
                    new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of("--no-sandbox", "--disable-gpu")))) {
      Page page =
          browser.newPage(
              new Browser.NewPageOptions()
                  .setViewportSize(1280, 800)
                  .setExtraHTTPHeaders(Map.of("Authorization", authorization)));
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
      millis.sort(null);
      double median = millis.get(VISITS / 2);
      return new Measured(
          "water paths of a twin-engine boat drawn, script in the browser",
          String.format(
              Locale.ROOT, "median %.1f ms, slowest %.1f ms", median, millis.get(VISITS - 1)),
          "under 16 ms",
          median < 16);
    }
  }
}
