package elsko.bench;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Sizes;
import elsko.bench.row.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToIntFunction;

/** How soon what is tapped on a card stands on a phone's screen, on a weak signal. */
final class Taps {
  static final String TAPS = "a tap on a card shows, 400 kbit/s and 400 ms, in the browser";

  /** A sterndrive of the demonstration that has drains and is poured. */
  static final String BOAT = "Sea Rocket";

  private static final double MEDIAN_MS = 50;
  private static final double SLOWEST_MS = 150;
  private static final int BYTES_A_SECOND = 400_000 / 8;
  private static final int LATENCY_MS = 400;
  private static final double MOST_KB = 4;
  private static final int ALL_UP_MS = 8_000;
  private static final int LOOKS_MS = 250;
  private static final int LOOKS = 8;
  private static final int STEPS_TO_POUR = 4;

  /** From the click to the first frame that shows what came of it. */
  private static final String TAP =
      """
      async (tapped) => {
        const shown = () => [
          document.querySelector('h1')?.textContent,
          document.querySelectorAll('[aria-pressed=true]').length,
          document.querySelectorAll('[aria-expanded=true]').length,
          document.querySelector('[data-bar]')?.textContent,
          document.querySelector('[role=alertdialog]') !== null,
        ].join('|');
        const before = shown();
        const from = performance.now();
        tapped.click();
        while (shown() === before) {
          if (performance.now() - from > 10_000) throw new Error('nothing came of it');
          await new Promise(requestAnimationFrame);
        }
        await new Promise(requestAnimationFrame);
        return performance.now() - from;
      }
      """;

  private final Page phone;
  private final List<Double> millis = new ArrayList<>();
  private final List<Request> asked = new ArrayList<>();

  private Taps(Page phone) {
    this.phone = phone;
  }

  /** A sterndrive's card, from its first step to its samples. */
  static Measured of(Browser browser, String authorization, String boatAddress) {
    Page phone =
        browser.newPage(
            new Browser.NewPageOptions()
                .setViewportSize(390, 844)
                .setExtraHTTPHeaders(Map.of("Authorization", authorization)));
    try {
      return new Taps(phone).measured(boatAddress);
    } finally {
      phone.close();
    }
  }

  private Measured measured(String boatAddress) {
    phone.navigate(boatAddress);
    button("Winterizing").click();
    button("Open the card").click();
    phone.locator("[data-bar]").waitFor();
    weakSignal();
    phone.onRequestFinished(
        request -> {
          if (request.url().contains("/api/")) {
            asked.add(request);
          }
        });
    tap(phone.locator("[data-bar=starts]"));
    phone.getByLabel("Gauge holds at").first().fill("71");
    phone.keyboard().press("Enter");
    phone.locator("[data-bar=writes]").waitFor();
    step();
    line("Port block", "Ran after rodding");
    line("Starboard block", "Ran clear");
    Locator lot = phone.getByLabel("Lot on the jug");
    for (int left = STEPS_TO_POUR; left > 0 && !lot.isVisible(); left--) {
      step();
      phone.locator("[data-bar]").waitFor();
    }
    lot.selectOption(lot.locator("option").nth(1).getAttribute("value"));
    step();
    step();
    phone.waitForTimeout(ALL_UP_MS);
    double requests = (double) asked.size() / millis.size();
    double up = kilobytes(sizes -> sizes.requestBodySize);
    double down = kilobytes(sizes -> sizes.responseBodySize);
    millis.sort(null);
    double median = millis.get(millis.size() / 2);
    double slowest = millis.get(millis.size() - 1);
    return new Measured(
        TAPS,
        String.format(
            Locale.ROOT,
            "median %.1f ms, slowest %.1f of %d; %.1f requests a tap, at most %.1f kB up, %.1f down",
            median,
            slowest,
            millis.size(),
            requests,
            up,
            down),
        median,
        Measured.Kind.TIME,
        "median 50, slowest 150 ms; 1 request, 4 kB each way",
        median <= MEDIAN_MS
            && slowest <= SLOWEST_MS
            && requests <= 1
            && Math.max(up, down) <= MOST_KB);
  }

  /** Of the largest body there was. */
  private double kilobytes(ToIntFunction<Sizes> of) {
    return asked.stream().mapToInt(one -> of.applyAsInt(one.sizes())).max().orElse(0) / 1000.0;
  }

  private void weakSignal() {
    JsonObject weak = new JsonObject();
    weak.addProperty("offline", false);
    weak.addProperty("latency", LATENCY_MS);
    weak.addProperty("downloadThroughput", BYTES_A_SECOND);
    weak.addProperty("uploadThroughput", BYTES_A_SECOND);
    phone.context().newCDPSession(phone).send("Network.emulateNetworkConditions", weak);
  }

  private Locator button(String name) {
    return phone.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** One thing that is different, in its own line. */
  private void line(String label, String answer) {
    tap(phone.locator("section[aria-label='%s'] button[aria-expanded]".formatted(label)));
    tap(button(answer));
  }

  /** By its bar: nobody works as fast as this, so it asks. */
  private void step() {
    String before = phone.locator("h1").textContent();
    tap(phone.locator("[data-bar=writes]"));
    Locator allTheSame = phone.getByText("Write it all the same");
    if (allTheSame.count() > 0) {
      tap(allTheSame);
    }
    for (int left = LOOKS; left > 0 && phone.locator("h1").textContent().equals(before); left--) {
      phone.waitForTimeout(LOOKS_MS);
    }
  }

  private void tap(Locator what) {
    millis.add(((Number) what.evaluate(TAP)).doubleValue());
    phone.waitForTimeout(LOOKS_MS);
  }
}
