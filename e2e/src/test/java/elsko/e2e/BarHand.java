package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Does a card as whoever works by it does: each step by the bar at its foot when its work is done,
 * and by itself only what the bar does not write. Counts what that takes.
 */
final class BarHand {
  /** Ahead of what the whole card takes. */
  private static final int HOURS = 12;

  private static final int MOST = 200;

  private final CardInTheBay card;
  private final Map<String, Runnable> otherwise = new HashMap<>();
  private boolean us;
  int taps;
  int steps;
  int numbers;
  int starts;
  int samples;

  /** On a card that has been shown on this device for hours: its work can have been done. */
  BarHand(Page onCard) {
    this.card = new CardInTheBay(onCard);
    long shown = System.currentTimeMillis() - HOURS * 3_600_000L;
    onCard.clock().install(new Clock.InstallOptions().setTime(shown));
    onCard.reload();
    assertThat(card.bar()).isVisible();
    onCard.clock().fastForward(HOURS + ":00:00");
  }

  /** Whoever works reads, and types, °F. */
  BarHand inUs() {
    us = true;
    return this;
  }

  private String celsius(String value) {
    return us ? fahrenheit(new BigDecimal(value)) : value;
  }

  /** On a scale that is below zero all along the sign may be left out, in °C. */
  private String below(String value) {
    return us ? fahrenheit(new BigDecimal(value).negate()) : value;
  }

  private static String fahrenheit(BigDecimal celsius) {
    return celsius.multiply(new BigDecimal("1.8")).add(new BigDecimal(32)).toPlainString();
  }

  /** Before the bar of the step with this title is tapped, something is different. */
  BarHand but(String step, Runnable different) {
    otherwise.put(step, different);
    return this;
  }

  /** The most a card may take: its steps, what is typed, starts and samples, and four more. */
  int most() {
    return steps + numbers + starts + samples + 4;
  }

  /** Walks it until a step with this title, or to its end. */
  BarHand until(String title) {
    for (int i = 0; i < MOST; i++) {
      String now = heading();
      if (now.equals(title)) {
        return this;
      }
      if (otherwise.containsKey(now)) {
        otherwise.remove(now).run();
      }
      goOn(now);
    }
    throw new AssertionError("It does not end.");
  }

  private String heading() {
    return card.page
        .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
        .innerText();
  }

  private void goOn(String step) {
    Locator bar = card.bar();
    switch (bar.getAttribute("data-bar")) {
      case "starts" -> {
        starts++;
        tap(bar);
        Until.holds(
            card.page,
            "() => {"
                + " const bar = document.querySelector('[data-bar]');"
                + " return bar && bar.dataset.bar !== 'starts'; }",
            null);
      }
      case "writes" -> {
        steps++;
        tap(bar);
        Until.holds(
            card.page,
            "(step) => {"
                + " const now = document.querySelector('h1');"
                + " return now && now.innerText !== step; }",
            step);
      }
      default -> first(bar.locator("span").first().innerText().replaceAll("^First: ", ""));
    }
  }

  void tap(Locator what) {
    taps++;
    what.click();
  }

  private void type(Locator box, String value) {
    taps++;
    numbers++;
    box.fill(value);
    box.press("Enter");
  }

  /** Answers the first thing that the bar does not write. */
  private void first(String named) {
    String label = named.replaceAll("(,| and \\d+ more).*", "");
    String before = card.bar().innerText();
    if (label.equals("the lot on the jug")) {
      taps++;
      card.choose("Lot on the jug", "P38-112");
    } else if (label.equals("Undiluted jug")) {
      type(card.page.getByLabel("Jug reads"), below("19"));
    } else {
      answer(label);
    }
    try {
      Until.holds(
          card.page,
          "(before) => {"
              + " const bar = document.querySelector('[data-bar]');"
              + " return bar && bar.innerText !== before; }",
          before);
    } catch (RuntimeException | AssertionError still) {
      String shown = card.page.locator("main").innerText();
      throw new AssertionError(
          "The bar still says " + before + ". The card shows:\n" + shown, still);
    }
  }

  private void answer(String label) {
    Locator section = card.section(label);
    if (section.getByLabel("Sample reads").count() > 0) {
      sample(section, "18.6");
    } else if (section.getByLabel("Freezes at").count() > 0) {
      Locator warmth = section.getByLabel("Sample at");
      if (warmth.inputValue().isEmpty()) {
        numbers++;
        taps++;
        warmth.fill(celsius("14"));
      }
      type(section.getByLabel("Freezes at"), below("37"));
    } else {
      type(
          card.page.getByRole(
              AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label))),
          celsius("71"));
    }
  }

  /** Bottle filled, drain IN again, read. */
  void sample(Locator section, String reads) {
    samples++;
    Locator filled = section.getByText("Bottle filled, drain IN");
    if (filled.count() > 0) {
      tap(filled);
    }
    Locator warmth = section.getByLabel("at", new Locator.GetByLabelOptions().setExact(true));
    if (!warmth.inputValue().equals(celsius("14"))) {
      numbers++;
      taps++;
      warmth.fill(celsius("14"));
    }
    type(section.getByLabel("Sample reads"), below(reads));
  }
}
