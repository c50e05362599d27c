package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * The coordinator's desk and the bench: readings, refusals, edits that cross, a card that changes
 * hands.
 */
class DeskAndBenchTest extends InTheBrowser {
  private static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator protection(Page page) {
    return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection"));
  }

  @Test
  void aFilledBoatIsMeasuredOnTheBenchAndATypingErrorCorrected() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800);
    link(page, "Quillwort, C7").click();
    link(page, "Samples").click();
    assertThat(page.getByText("needed: burst −25 °C")).isVisible();
    assertThat(page.getByLabel("Lot on the jug")).hasValue("P38-112");
    Locator jug = page.getByLabel("Jug reads");
    jug.fill("nineteen");
    jug.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Enter what the scale shows");
    assertThat(jug).hasValue("nineteen");
    jug.fill("-75");
    jug.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Must be from −60 to 0 °C");
    assertThat(jug).hasValue("-75");
    jug.fill("-19");
    jug.press("Enter");
    assertThat(jug).hasValue("");
    String[] bottles = {"Starboard block", "Starboard manifold", "Port block", "Port manifold"};
    for (String bottle : bottles) {
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(bottle)).click();
      Locator sample = page.getByLabel("Sample reads");
      sample.fill(bottle.equals("Port block") ? "-8.7" : "-18.7");
      sample.press("Enter");
      assertThat(sample).hasValue("");
    }
    assertThat(protection(page)).hasText("held");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Port block")).click();
    assertThat(page.getByText("Held.")).isVisible();
    page.getByLabel("Sample reads").fill("-18.7");
    page.getByLabel("Sample reads").press("Enter");
    assertThat(protection(page)).hasText("proven");

    link(page, "Quillwort").click();
    button(page, "Undo: Sample, port block: −18.7 °C (PG freeze point), at 15 °C").click();
    page.getByLabel("Why is it taken back?").press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).hasText("Say why it is taken back.");
    page.getByLabel("Why is it taken back?").fill("read the wrong bottle");
    page.getByLabel("Why is it taken back?").press("Enter");
    assertThat(protection(page)).hasText("held");
    assertThat(page.getByText("Taken back: read the wrong bottle")).isVisible();
  }

  @Test
  void anInstrumentIsCheckedBeforeItsReadingCounts() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/bench");
    assertThat(page.getByText("needs a zero check")).isVisible();
    Locator check =
        page.getByRole(
            AriaRole.FORM, new Page.GetByRoleOptions().setName("Zero check, Old coolant glass"));
    check.getByRole(AriaRole.TEXTBOX).fill("0.2");
    check.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByText("needs a zero check")).hasCount(0);
  }

  @Test
  void aBoatIsTakenInAndTwoEditsThatCrossAreNotBothKept() {
    Page first = chromium.signedIn(elsko, "coordinator", 1280, 800);
    link(first, "add a boat").click();
    button(first, "Save boat").click();
    assertThat(first.getByText("Give the boat a name.")).isVisible();
    first.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Marram");
    first.getByLabel("Length").fill("6,8");
    first.getByText("sterndrive", new Page.GetByTextOptions().setExact(true)).click();
    button(first, "Save boat").click();
    assertThat(first.getByText("There is a boat called \"Marram\" already.")).isVisible();
    first.reload();
    assertThat(first.getByLabel("Length")).hasValue("6,8");
    first.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Sea Kale");
    first.getByText(Pattern.compile("the other \\d+: no")).click();
    button(first, "Save boat").click();
    assertThat(protection(first)).hasText("unknown");
    assertThat(first.getByText("no berth yet")).isVisible();

    String boat = first.url();
    Page second = chromium.signedIn(elsko, "coordinator", 1280, 800, boat);
    link(first, "edit boat").click();
    link(second, "edit boat").click();
    assertThat(second.getByLabel("Notes")).isVisible();
    first.getByLabel("Owner").fill("berth office");
    button(first, "Save").click();
    assertThat(first.getByText("berth office")).isVisible();
    second.getByLabel("Notes").fill("steep ladder");
    button(second, "Save").click();
    assertThat(second.getByRole(AriaRole.ALERT)).containsText("Somebody else changed this");
    assertThat(second.getByLabel("Notes")).hasValue("steep ladder");

    second.navigate(boat);
    button(first, "Water in it").click();
    assertThat(protection(first)).hasText("wet");
    assertThat(protection(second)).hasText("wet");
  }

  @Test
  void aCardStoppedHalfwayIsGoneOnWithBySomeoneElse() {
    Page technician = chromium.signedIn(elsko, "technician", 390, 844);
    Page other = chromium.signedIn(elsko, "coordinator", 1280, 800);
    link(other, "Scurvygrass, E4").click();
    link(other, "Go on with the card").click();
    technician.navigate(other.url());
    CardInTheBay card = new CardInTheBay(technician);
    card.onStep("Open the four drains, lowest first");
    assertThat(card.section("Starboard block")).containsText("Blocked, not empty");

    button(other, "I go on with it").click();
    assertThat(technician.getByText("coordinator works on it")).isVisible();
    button(other, "I am in the bay").click();
    assertThat(technician.getByText("In the bay: coordinator")).isVisible();
    new CardInTheBay(other).opened("Starboard block", "Ran after rodding");
    assertThat(card.section("Starboard block")).containsText("ran after rodding");
    card.opened("Port block", "Ran clear");
    assertThat(new CardInTheBay(other).section("Port block")).containsText("ran clear");

    button(technician, "Skip").click();
    technician.getByText("Skip this step").click();
    assertThat(technician.getByText("Say why it is skipped.")).isVisible();
    technician.getByLabel("Why it is skipped").fill("rain");
    technician.getByText("Skip this step").click();
    card.onStep("Take two hoses off and hold them low");
    card.pick("Open the four drains, lowest first");
    assertThat(technician.getByText("Skipped by technician")).isVisible();
    button(technician, "Open it again").click();
    assertThat(card.bar()).hasAttribute("data-bar", "writes");
    assertThat(card.bar()).containsText("Three ran clear, one ran after rodding");
  }

  @Test
  void theYardIsFilteredByProtection() {
    Page page = chromium.signedIn(elsko, "viewer", 1280, 800);
    assertThat(link(page, "Thrift, A1, proven")).hasAttribute("tabindex", "0");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("drained")).click();
    assertThat(link(page, "Thrift, A1, proven")).hasAttribute("tabindex", "-1");
    page.getByText("as a list").click();
    Locator rows =
        page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Boats"))
            .getByRole(AriaRole.ROW);
    assertThat(rows).hasCount(6);
    page.getByText("show all").click();
    assertThat(rows.nth(20)).isVisible();
  }

  @Test
  void whoMustSignInComesBackToWhereTheyWere() {
    Page page = chromium.window(1280, 800);
    page.navigate(elsko.at("/bench"));
    assertThat(page).hasURL(Pattern.compile("/sign-in\\?to=%2Fbench"));
    button(page, "viewer").click();
    assertThat(page).hasURL(elsko.at("/bench"));
    button(page, "Signed in as viewer").click();
    button(page, "Sign out").click();
    assertThat(page).hasURL(Pattern.compile("/sign-in"));
    page.navigate(elsko.at("/settings"));
    assertThat(page).hasURL(Pattern.compile("/sign-in"));
  }
}
