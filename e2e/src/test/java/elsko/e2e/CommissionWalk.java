package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Carries a commissioning card out on the screen, whatever boat it is for: reads what is asked, and
 * answers it as a technician would.
 */
final class CommissionWalk {
  private static final String OPEN =
      """
      async (of) => {
        const open = async ({ boat, card }) => {
          const { steps } = await (await fetch(`/api/boats/${boat}/cards/${card}`)).json();
          return steps.find((step) => step.standing === 'OPEN') ?? null;
        };
      """;

  private final CardInTheBay card;
  private final Supplier<Page> liftCrew;
  private final String boat;

  /**
   * @param liftCrew opens the page where the lift crew looks at the boat
   */
  CommissionWalk(Page onCard, Supplier<Page> liftCrew, String boat) {
    this.card = new CardInTheBay(onCard);
    this.liftCrew = liftCrew;
    this.boat = boat;
  }

  /** Walks it to its end. */
  void walk() {
    for (Map<?, ?> step = open(); step != null; step = open()) {
      String title = (String) step.get("title");
      card.onStep(title);
      // What one answer changes may ask for another.
      for (List<Map<?, ?>> asks = unanswered(title); !asks.isEmpty(); asks = unanswered(title)) {
        asks.forEach(this::answer);
        allAnswered(title);
      }
      card.settle();
      settled(title);
    }
  }

  private void settled(String title) {
    Until.holds(
        card.page,
        OPEN + "const next = await open(of); return !next || next.title !== of.title; }",
        of(title));
  }

  private Map<String, String> of(String title) {
    String address = card.page.url();
    String id = address.substring(address.lastIndexOf('/') + 1);
    return Map.of("boat", boat, "card", id, "title", title);
  }

  /** The next step that is open, or null. */
  private Map<?, ?> open() {
    return (Map<?, ?>) card.page.evaluate(OPEN + "return open(of); }", of(""));
  }

  private List<Map<?, ?>> unanswered(String title) {
    Map<?, ?> step = open();
    if (step == null || !title.equals(step.get("title"))) {
      throw new AssertionError("no longer at " + title);
    }
    List<Map<?, ?>> left = new ArrayList<>();
    for (Object one : (List<?>) step.get("asks")) {
      Map<?, ?> ask = (Map<?, ?>) one;
      if (!Boolean.TRUE.equals(ask.get("answered"))) {
        left.add(ask);
      }
    }
    return left;
  }

  /** The screen has said each of them; the last may still be on its way. */
  private void allAnswered(String title) {
    Until.holds(
        card.page,
        OPEN
            + "const step = await open(of); return !step || step.title !== of.title"
            + " || step.asks.every((ask) => ask.answered); }",
        of(title));
  }

  private void answer(Map<?, ?> ask) {
    String label = sentence((String) ask.get("label"));
    switch ((String) ask.get("kind")) {
      case "SEE", "FROST" -> see((Map<?, ?>) ask.get("condition"));
      case "READ" -> read(ask, label);
      case "COUNT" -> card.number(label, "0");
      case "CATCH" -> card.number(label, ask.get("liters").toString());
      case "DISINFECT" -> disinfect(ask);
      case "AFLOAT" -> launch();
      default -> card.tap(label);
    }
  }

  private void see(Map<?, ?> condition) {
    String name = sentence((String) condition.get("name"));
    Locator line = card.line(name);
    Locator group =
        card.page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName(name).setExact(true));
    assertThat(line.or(group).first()).isVisible();
    if (line.count() == 0) {
      group.getByRole(AriaRole.BUTTON).first().click();
      assertThat(group.getByLabel(name + ": look again")).isVisible();
      return;
    }
    line.click();
    group.getByRole(AriaRole.BUTTON).first().click();
    // Answered it folds: what is below it moves up.
    assertThat(line).hasAttribute("aria-expanded", "false");
  }

  private void read(Map<?, ?> ask, String label) {
    Map<?, ?> limits = (Map<?, ?>) ask.get("limits");
    Map<?, ?> against = (Map<?, ?>) limits.get("against");
    double held = 1;
    if (against != null) {
      held =
          ask.get("against") == null ? Math.max(6, of(against, "possibleLow")) : of(ask, "against");
      card.page
          .getByLabel(
              sentence((String) against.get("name")), new Page.GetByLabelOptions().setExact(true))
          .fill(Double.toString(held));
    }
    double low = of(limits, "goodLow") * held;
    double high = Math.min(of(limits, "goodHigh") * held, of(limits, "possibleHigh"));
    double value = Math.min((low + high) / 2, Math.max(low, 75));
    card.answered(label, Double.toString(Math.round(value * 10) / 10.0));
  }

  private void disinfect(Map<?, ?> ask) {
    Page page = card.page;
    if (((Map<?, ?>) ask.get("dose")).get("tankLiters") == null) {
      page.getByLabel("Tank and lines hold").fill("100");
    }
    page.getByLabel("Available chlorine").fill("5");
    String needed = page.getByText(" mL give 50 mg/L").innerText().replaceAll(" mL.*", "");
    Locator poured = page.getByLabel("Poured in");
    poured.fill(Integer.toString(3 * Integer.parseInt(needed)));
    assertThat(page.getByText("That would be 150 mg/L")).isVisible();
    poured.fill(needed);
    poured.press("Enter");
    assertThat(page.getByText("Let it stand 4 h")).isVisible();
  }

  private void launch() {
    Page look = liftCrew.get();
    look.getByText("It goes in now").click();
    Locator berths = look.getByLabel("Move to");
    // What is listed may be a moment old: the boat before has only just taken one.
    String free =
        (String)
            look.evaluate(
                """
                async () => {
                  const { berths } = await (await fetch('/api/yard/plan')).json();
                  const boats = await (await fetch('/api/boats')).json();
                  const taken = new Set(boats.map(({ berth }) => berth));
                  return berths.find(({ id, name }) => name.startsWith('W') && !taken.has(id)).id;
                }
                """);
    berths.selectOption(new SelectOption().setValue(free));
    look.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Move it").setExact(true))
        .click();
    assertThat(look.getByText("It floats")).isVisible();
  }

  private static double of(Map<?, ?> map, String key) {
    return ((Number) map.get(key)).doubleValue();
  }

  private static String sentence(String words) {
    return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
  }
}
