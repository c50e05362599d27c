package elsko.bench;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import elsko.bench.row.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How soon what is tapped on a card stands on a phone's screen, on a weak signal. */
final class Taps {
  static final String TAPS = "a tap on a card shows, 400 kbit/s and 400 ms, in the browser";
  private static final double MEDIAN_MS = 50;
  private static final double SLOWEST_MS = 150;
  private static final int BYTES_A_SECOND = 400_000 / 8;
  private static final int LATENCY_MS = 400;
  private static final int LOOKS_MS = 250;

  /** From the click to the first frame that shows what came of it. */
  private static final String TAP =
      """
      async (tapped) => {
        const shown = () => [
          document.querySelector('h1')?.textContent,
          document.querySelectorAll('[aria-pressed=true]').length,
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
        return performance.now() - from;
      }
      """;

  private final Page phone;
  private final List<Double> millis = new ArrayList<>();

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
    tap(button("Muffs on, water on"));
    tap(phone.locator("[data-bar=starts]"));
    phone.getByLabel("Gauge holds at").first().fill("71");
    phone.keyboard().press("Enter");
    phone.locator("[data-bar=writes]").waitFor();
    step();
    tap(button("Hull plug OUT, bagged"));
    tap(button("Battery switch OFF"));
    step();
    step();
    tap(button("Port block drain IN"));
    step();
    Locator lot = phone.getByLabel("Lot on the jug");
    lot.selectOption(lot.locator("option").nth(1).getAttribute("value"));
    step();
    step();
    millis.sort(null);
    double median = millis.get(millis.size() / 2);
    double slowest = millis.get(millis.size() - 1);
    return new Measured(
        TAPS,
        String.format(
            Locale.ROOT, "median %.1f ms, slowest %.1f ms of %d", median, slowest, millis.size()),
        median,
        Measured.Kind.TIME,
        "median 50, slowest 150 ms",
        median <= MEDIAN_MS && slowest <= SLOWEST_MS);
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

  /** By its bar: nobody works as fast as this, so it asks. */
  private void step() {
    tap(phone.locator("[data-bar=writes]"));
    Locator allTheSame = phone.getByText("Write it all the same");
    if (allTheSame.count() > 0) {
      tap(allTheSame);
    }
  }

  private void tap(Locator what) {
    millis.add(((Number) what.evaluate(TAP)).doubleValue());
    phone.waitForTimeout(LOOKS_MS);
  }
}
