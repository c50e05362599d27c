package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;

/** A card on the screen, used as a technician would. */
final class CardInTheBay {
  final Page page;

  CardInTheBay(Page page) {
    this.page = page;
  }

  void onStep(String title) {
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText(title);
  }

  void pick(String title) {
    Locator steps =
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps"));
    assertThat(steps).isVisible();
    Locator all = steps.getByText("all steps");
    if (all.isVisible()) {
      all.click();
    }
    steps.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(title)).click();
    onStep(title);
  }

  void tap(String label) {
    // Not the bar, which may say the same where nothing else is asked.
    Locator button =
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label).setExact(true))
            .and(page.locator(":not([data-bar=writes]):not([data-bar=waits])"));
    button.click();
    assertThat(button).hasAttribute("aria-pressed", "true");
  }

  void number(String label, String value) {
    Locator box = unfolded(label);
    String id = box.getAttribute("id");
    box.fill(value);
    box.press("Enter");
    // Taken in it folds again, or stands empty.
    Until.holds(page, "(id) => (document.getElementById(id)?.value ?? '') === ''", id);
  }

  /** The box of a number; its line is touched first where it is folded. */
  Locator unfolded(String label) {
    Locator line =
        page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
            .locator("button[aria-expanded]");
    Locator box = box(label);
    assertThat(line.or(box).first()).isVisible();
    if (!box.isVisible()) {
      line.click();
    }
    assertThat(box).isVisible();
    return box;
  }

  /** The line of a thing that is asked for, touched where it is different. */
  Locator line(String label) {
    return section(label).locator("button[aria-expanded]");
  }

  /** The bar at the foot of the step. */
  Locator bar() {
    return page.locator("[data-bar]");
  }

  /** A number that is judged: what the screen says of it moves down what is below. */
  void answered(String label, String value) {
    Locator box = box(label);
    box.fill(value);
    box.press("Enter");
    Until.holds(
        page,
        """
        (id) => {
          const box = document.getElementById(id);
          const entered = box?.form.querySelector('button[type=submit]').textContent === 'Change';
          return !box || (entered && box.value === '');
        }
        """,
        box.getAttribute("id"));
  }

  Locator box(String label) {
    return page.getByRole(
        AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)));
  }

  void opened(String point, String seen) {
    Locator section = section(point);
    Locator line = line(point);
    if ("false".equals(line.getAttribute("aria-expanded"))) {
      line.click();
    }
    section.getByText(seen, new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(section).containsText(Pattern.compile(seen, Pattern.CASE_INSENSITIVE));
    // Answered it folds again.
    assertThat(line).hasAttribute("aria-expanded", "false");
  }

  void choose(String label, String startsWith) {
    Locator select = page.getByLabel(label);
    String value =
        select
            .locator("option")
            .filter(new Locator.FilterOptions().setHasText(startsWith))
            .first()
            .getAttribute("value");
    select.selectOption(new SelectOption().setValue(value));
  }

  void jug(String reading) {
    Locator box = page.getByLabel("Jug reads");
    box.fill(reading);
    box.press("Enter");
    assertThat(box).hasValue("");
  }

  void sample(String point, String reading, String outcome) {
    Locator section = section(point);
    section.getByText("Drain OUT", new Locator.GetByTextOptions().setExact(true)).click();
    section.getByText("Bottle full, drain IN").click();
    assertThat(section.getByText("Bottle filled, drain IN")).isVisible();
    Locator box = section.getByLabel("Sample reads");
    box.fill(reading);
    box.press("Enter");
    assertThat(section).containsText(outcome);
  }

  void done(String title, String next) {
    onStep(title);
    settle();
    onStep(next);
    // At its top, what hurts in sight.
    Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    assertThat(heading).isFocused();
    assertThat(heading).isInViewport();
  }

  /** Taps the bar of a step of which all was answered thing by thing. */
  void settle() {
    assertThat(bar()).hasAttribute("data-bar", "writes");
    bar().click();
  }

  Locator section(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
