package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The bench's calculations: an instrument's own curve, mixtures, and what a fill would leave. */
class BenchSheetsTest extends OnOneYard {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator sheet(Page page, String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void anInstrumentIsCalibratedFromFiveGlasses() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/bench");
    page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("Brix glass"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("calibrate"))
        .click();
    page.getByLabel("Product").selectOption("Skeldra Rose 38");
    Locator curve = sheet(page, "Curve in use");
    assertThat(curve).containsText("None yet.");
    String[] glasses = {
      "out of the jug", "3 jug : 1 water", "1 jug : 1 water", "1 jug : 3 water", "clean water"
    };
    String[] readings = {"29", "22.5", "15.4", "18", "0"};
    for (int i = 0; i < glasses.length; i++) {
      page.getByLabel(glasses[i]).fill(readings[i]);
    }
    assertThat(page.getByLabel("Glasses as read so far")).isVisible();
    button(page, "Use this curve").click();
    assertThat(page.locator("[role=alert].field-error")).containsText("turn back");
    assertThat(page.getByLabel("1 jug : 3 water")).hasValue("18");
    assertThat(curve).containsText("None yet.");
    page.getByLabel("1 jug : 3 water").fill("8");
    button(page, "Use this curve").click();
    assertThat(curve).containsText("5 glasses");
    assertThat(curve.locator("circle")).hasCount(5);
    assertThat(page.getByLabel("out of the jug")).hasValue("");
    page.reload();
    assertThat(curve.locator("circle")).hasCount(5);
  }

  @Test
  void mixturesAreWorkedOutAndTheirNumbersCopied() {
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800);
    page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    page.navigate(elsko.at("/bench/mix"));
    Locator blend = sheet(page, "Blend");
    assertThat(blend).containsText("37.9 L");
    assertThat(blend).containsText("It passes with 26 K to spare.");
    blend.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("37.9 L")).click();
    assertThat(blend.getByText("copied")).isVisible();
    assertThat((String) page.evaluate("() => navigator.clipboard.readText()")).isEqualTo("37.874");
    blend.getByLabel("Concentrate").fill("20");
    assertThat(blend.getByRole(AriaRole.ALERT)).containsText("weaker than");
    assertThat(blend.getByText("37.9 L")).hasCount(0);
    blend.getByLabel("Concentrate").fill("100");
    blend.getByLabel("Freeze point").fill("-80");
    assertThat(blend.getByRole(AriaRole.ALERT)).isVisible();
    Locator topping = sheet(page, "Topping up");
    assertThat(topping).containsText("2.6 L");
    topping.getByLabel("With").fill("much");
    assertThat(topping.getByRole(AriaRole.ALERT)).hasText("Enter a number, like 56.");
    Locator descaler = sheet(page, "Descaler");
    assertThat(descaler).containsText("2 × 5 L and 2 × 1 L");
    assertThat(descaler).containsText("gloves, goggles");
  }

  @Test
  void aFillIsTriedOnABoatsOwnPath() {
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800, "/bench/fill");
    page.getByLabel("Boat").selectOption("Marram");
    page.getByLabel("How").selectOption("drawn, drained before");
    Locator reach =
        page.getByRole(AriaRole.STATUS)
            .filter(new Locator.FilterOptions().setHasText("Until it is enough"));
    assertThat(reach).containsText("until every segment is full and 29 % by mass");
    Locator slider = page.getByLabel("Liters gone in");
    slider.focus();
    page.keyboard().press("Home");
    assertThat(page.getByText("With 0 L")).isVisible();
    button(page, "Let it in").click();
    assertThat(button(page, "Stop")).isVisible();
    assertThat(button(page, "Let it in")).isVisible();
    assertThat(slider).hasValue(slider.getAttribute("max"));
    assertThat(page.getByText("to spare")).isVisible();
    page.getByLabel("starboard block").check();
    page.getByLabel("How").selectOption("poured into its hoses");
    assertThat(reach).containsText("Never: poured on top, water that did not drain");
    assertThat(page.getByLabel("What it leaves")).containsText("Weakest: starboard block");
    page.getByLabel("Product").selectOption("Skeldra Pale 27, 27 %");
    assertThat(page.getByRole(AriaRole.NOTE)).containsText("Change the product");
    assertThat(reach).containsText("Never: the product cannot reach it");
  }

  @Test
  void aBoatWithoutHosesIsNotPouredInto() {
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800, "/bench/fill");
    page.getByLabel("Boat").selectOption("Storm Petrel");
    assertThat(page.getByText("Until it is enough")).isVisible();
    page.getByLabel("How").selectOption("poured into its hoses");
    assertThat(page.locator("[role=alert].field-error")).containsText("draw it through");
  }
}
