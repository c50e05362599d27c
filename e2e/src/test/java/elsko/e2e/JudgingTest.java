package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Readings taken on a phone: judged at once, and what follows from them. */
class JudgingTest extends OnOneYard {
  @Test
  void whatIsReadIsJudgedAtOnceAndWhatIsWrongStaysOnTheBoat() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/settings");
    settings(desk, "DEFLECTION", "4");
    String boat = elsko.at("/boats/" + Twin.of("Saltglass", elsko, "Judged one"));
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, boat);
    phone.getByText("take a reading").click();
    box(phone, "Free span").fill("300");
    box(phone, "Belt gives").fill("18");
    assertThat(phone.getByText("Slack: it slips.")).isVisible();
    box(phone, "Belt gives").fill("12");
    assertThat(phone.getByText("Good: between 9.5 and 15.7 mm.")).isVisible();
    box(phone, "Belt gives").press("Enter");
    assertThat(phone.getByText("12 mm, free span 300 mm.")).isVisible();

    look(phone, "Look of the engine oil", "Milky");
    assertThat(phone.getByText("Stop: no start before it is found out.")).isVisible();
    box(phone, "Should have").fill("6");
    box(phone, "Impeller has").fill("4");
    box(phone, "Impeller has").press("Enter");
    assertThat(phone.getByText("2 missing: first rising pipe")).isVisible();
    assertThat(Targets.tooSmall(phone, "main")).isEmpty();
    assertThat(Axe.violations(phone)).isEmpty();

    desk.navigate(boat);
    assertThat(desk.getByText("2 pieces of an impeller still in the engine")).isVisible();
    SaltglassCard.open(desk);
    CardInTheBay card = new CardInTheBay(desk);
    card.tap("Muffs on, water on");
    assertThat(
            desk.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("Start the engine").setExact(true)))
        .isDisabled();
    assertThat(desk.getByText("Red tag. Engine: water in the engine oil (milky")).isVisible();

    Locator pieces = phone.getByLabel("Pieces of the impeller found");
    pieces.getByLabel("Found").fill("3");
    pieces.getByLabel("where").fill("exchanger inlet");
    pieces.getByText("Enter").click();
    assertThat(phone.getByText("Only 2 are missing by the record.")).isVisible();
    pieces.getByLabel("Found").fill("2");
    pieces.getByText("Enter").click();
    assertThat(pieces).hasCount(0);
    button(phone, "Look of the engine oil: look again").click();
    look(phone, "Look of the engine oil", "Dark, even");
    // Looked at again it is still what it was: what was done about it is said by its name.
    desk.getByText("Done: the way in was found and closed").click();
    desk.getByText("Done: a new impeller is in").click();
    card.tap("Start the engine");
    desk.navigate(boat);
    assertThat(desk.getByText("2 pieces of its impeller found: exchanger inlet")).isVisible();
    assertThat(desk.getByText("still in the engine")).hasCount(0);
  }

  @Test
  void aGlandIsCountedByTappingAndTheYardPicksItsSchoolOfBelts() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/settings");
    String boat = elsko.at("/boats/" + Twin.of("Storm Petrel", elsko, "Judged two"));
    desk.clock().install();
    desk.navigate(boat + "/readings");
    Locator running = desk.getByLabel("Port engine, running");
    Locator drops =
        running.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tap at each drop"));
    drops.click();
    desk.clock().fastForward(400);
    drops.click();
    desk.clock().fastForward(400);
    drops.click();
    assertThat(running.getByText("Too wet: tighten, stopped")).isVisible();

    settings(desk, "TWIST_80_TO_100", "9");
    assertThat(desk.getByText("Must be from 2 to 5 years")).isVisible();
    settings(desk, "TWIST_80_TO_100", "3");
    assertThat(box(desk, "Expected battery life")).hasValue("3");
    desk.navigate(boat + "/readings");
    Locator port = desk.getByLabel("Port engine, stopped");
    port.getByLabel("Belt turns").fill("110");
    assertThat(port.getByText("Slack: it slips.")).isVisible();
    assertThat(port.getByText("twist by hand, 80 to 100°")).isVisible();
    assertThat(box(desk, "Years it is expected to live")).hasValue("3");
  }

  private static void settings(Page desk, String school, String batteryYears) {
    desk.navigate(elsko.at("/settings"));
    desk.getByLabel("Tension of belts").selectOption(school);
    box(desk, "Expected battery life").fill(batteryYears);
    desk.waitForResponse(
        answer -> answer.url().endsWith("/api/yard") && answer.request().method().equals("PUT"),
        () -> desk.getByText("Save", new Page.GetByTextOptions().setExact(true)).first().click());
  }

  private static void look(Page page, String condition, String finding) {
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(condition))
        .getByText(finding)
        .click();
  }

  private static Locator box(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
