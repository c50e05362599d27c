package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An afternoon of sampling over ten boats, by keyboard, with a second pair of eyes at the end. */
class ProofRoundTest extends InTheBrowser {
  private static final int MOST_TABS = 40;

  private static void tabTo(Page page, String name) {
    for (int i = 0; i < MOST_TABS; i++) {
      page.keyboard().press("Tab");
      boolean there =
          (Boolean)
              page.evaluate(
                  "(name) => { const at = document.activeElement;"
                      + " return (at.getAttribute('aria-label') ?? at.textContent ?? '')"
                      + ".trim().startsWith(name); }",
                  name);
      if (there) {
        return;
      }
    }
    throw new AssertionError("The keyboard does not get to " + name);
  }

  private static void type(Page page, String text) {
    page.keyboard().type(text);
    page.keyboard().press("Enter");
  }

  private static Locator stop(Page page, String boat) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(boat + ", engine raw water"));
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  @Test
  void tenBoatsAreSampledByKeyboardAndASecondPersonSigns() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/settings");
    desk.getByLabel("a second person countersigns").check();
    Locator need =
        desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Frost standard"));
    button(need, "Save").click();
    desk.navigate(elsko.at("/settings"));
    assertThat(desk.getByLabel("a second person countersigns")).isChecked();

    Page page = chromium.signedIn(elsko, "technician", 1280, 800);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Marram, C2, held"))
        .waitFor();
    page.keyboard().press("b");
    assertThat(page.getByText("Boats with antifreeze in them")).isVisible();
    tabTo(page, "Proof round");
    page.keyboard().press("Enter");
    assertThat(page.getByText("10 circuits unproven")).isVisible();
    assertThat(page.getByLabel("Read with")).not().hasValue("");
    tabTo(page, "Jug of lot P38-112");
    type(page, "-19");
    List<Locator> stops = page.getByRole(AriaRole.ARTICLE).all();
    assertThat(stops).hasSize(10);
    List<String> marks = page.locator("article li > b").allTextContents();
    assertThat(marks).hasSize(40);
    for (String mark : marks) {
      assertThat((String) page.evaluate("() => document.activeElement.getAttribute('aria-label')"))
          .startsWith(mark + ",");
      type(page, mark.equals("C2-1") ? "-7.6" : "-18.4");
    }

    Locator diluted = stop(page, "Marram").getByRole(AriaRole.LISTITEM).first();
    assertThat(diluted).containsText("Held.");
    assertThat(diluted).containsText("Burst point");
    assertThat(diluted).containsText("21 % measured where 36 % was predicted");
    assertThat(stop(page, "Marram")).containsText("refill 4.5 L");
    assertThat(page.getByText("Held.")).hasCount(1);
    assertThat(page.getByText("Proven.")).hasCount(39);
    assertThat(page.getByText("a second person has to countersign")).hasCount(9);
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Countersign")))
        .hasCount(0);

    desk.navigate(elsko.at("/bench/round"));
    Locator sandwort = stop(desk, "Sandwort");
    assertThat(sandwort).containsText("filled, not measured");
    button(sandwort, "Countersign").focus();
    desk.keyboard().press("Enter");
    assertThat(sandwort.getByRole(AriaRole.STATUS).first()).hasText("proven");
    assertThat(desk.getByText("1 proven on this round")).isVisible();
    assertThat(stop(page, "Sandwort").getByRole(AriaRole.STATUS).first()).hasText("proven");

    Locator labels =
        desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bottle labels"));
    APIResponse pdf = desk.context().request().get(elsko.at(labels.getAttribute("href")));
    assertThat(pdf.status()).isEqualTo(200);
    assertThat(pdf.headers().get("content-type")).isEqualTo("application/pdf");
    assertThat(new String(pdf.body(), StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
  }

  @Test
  void theSimulatedRefractometerReadsABoatsLowPoints() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/bench/round");
    page.getByLabel("Read with").selectOption("Bench digital (simulated)");
    Locator jug = page.getByLabel("Jug of lot P38-112");
    jug.focus();
    page.keyboard().press("r");
    assertThat(jug).not().hasValue("");
    page.keyboard().press("Enter");
    assertThat(page.getByText("jug reads −")).isVisible();
    Locator boat = stop(page, "Burnet");
    for (Locator box : boat.getByRole(AriaRole.TEXTBOX).all()) {
      box.focus();
      page.keyboard().press("r");
      assertThat(box).not().hasValue("");
      box.press("Enter");
      assertThat(box).hasValue("");
    }
    assertThat(boat.getByText("Proven.")).hasCount(4);
  }

  @Test
  void whatCannotBeTrustedIsSaidBeforeAReadingIsTyped() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/settings");
    Locator lots = desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lots"));
    lots.getByLabel("Product").selectOption("Skeldra Rose 38");
    lots.getByLabel("Number").fill("OLD-1");
    lots.getByLabel("Good until").fill("2025-03-01");
    button(lots, "Add").click();
    assertThat(lots).containsText("OLD-1");
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/bench/round");
    page.getByLabel("Read with").selectOption("Old coolant glass");
    assertThat(page.getByText("No zero check on clean water that counts today")).isVisible();
    page.getByLabel("Samples are at").fill("60");
    assertThat(page.getByText("let them stand")).isVisible();
    page.navigate(elsko.at("/bench"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Turnstone")).click();
    page.getByLabel("Lot on the jug").selectOption("OLD-1");
    assertThat(page.getByText("Lot OLD-1 has expired.")).isVisible();
    page.getByLabel("Lot on the jug").selectOption("P27-040");
    assertThat(page.getByText("Undiluted it has burst point −21.1 °C; −25 °C is needed"))
        .isVisible();
  }

  @Test
  void whatIsNoReadingStaysInItsBox() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/bench/round");
    page.getByLabel("Read with").selectOption("Bay glass");
    Locator box = stop(page, "Hawkbit").getByRole(AriaRole.TEXTBOX).nth(1);
    box.fill("eighteen");
    box.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
    assertThat(box).hasValue("eighteen");
    assertThat(box).isFocused();
    page.reload();
    assertThat(stop(page, "Hawkbit").getByRole(AriaRole.TEXTBOX).nth(1)).hasValue("eighteen");
  }
}
