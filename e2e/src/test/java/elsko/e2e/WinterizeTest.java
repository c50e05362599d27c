package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static elsko.e2e.SaltglassCard.*;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** One boat from water to proof, in two browsers, with the server killed at the end. */
class WinterizeTest {
  private static final String MEND = "Fix: starboard block";
  private static final String AGAIN = "Sample every low point again";

  @Test
  void aBoatIsWinterizedHeldMendedProvenAndKeptThroughAKill() {
    try (ElskoProcess elsko = new ElskoProcess();
        Chromium chromium = new Chromium()) {
      Page yard = chromium.signedIn(elsko, "coordinator", 1280, 800);
      assertThat(hull(yard, "wet")).isVisible();
      Page phone = chromium.signedIn(elsko, "technician", 390, 844);
      openCard(phone);
      CardInTheBay card = new CardInTheBay(phone);
      drain(card);
      beRefusedAFill(card);
      fill(card);
      comeOutShort(card);
      assertThat(hull(yard, "held")).isVisible();
      mend(card);
      assertThat(hull(yard, "proven")).isVisible();

      String address = phone.url();
      phone
          .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Note").setExact(true))
          .click();
      phone.getByLabel("Note", new Page.GetByLabelOptions().setExact(true)).fill("last words");
      phone.getByText("Write it down").click();
      assertThat(phone.getByText("Note: last words")).isVisible();
      // It is shown from the device's disk; what was typed is let go when the server has it.
      assertThat(phone.getByText("Write it down")).hasCount(0);
      elsko.kill();
      elsko.start();

      Page after = chromium.signedIn(elsko, "viewer", 1280, 800);
      assertThat(hull(after, "proven")).isVisible();
      after.navigate(address);
      assertThat(after.getByText("Note: last words")).isVisible();
      hullPage(after, elsko);
      assertThat(
              after.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
          .hasText("proven");
      assertThat(after.getByText("Poured 4.5 L of lot P38-112 into recirculation hose"))
          .isVisible();
    }
  }

  private static Locator hull(Page page, String protection) {
    return page.getByRole(
        AriaRole.LINK,
        new Page.GetByRoleOptions().setName("Saltglass, A3, " + protection).setExact(true));
  }

  private static void hullPage(Page page, ElskoProcess elsko) {
    page.navigate(elsko.at("/"));
    hull(page, "proven").click();
  }

  private static void openCard(Page phone) {
    phone.getByText("Yard", new Page.GetByTextOptions().setExact(true)).click();
    phone.getByText("as a list").click();
    phone
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Saltglass"))
        .first()
        .click();
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winterizing")).click();
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
  }

  private static void drain(CardInTheBay card) {
    card.onStep(WARM);
    assertThat(card.bar()).hasAttribute("data-bar", "starts");
    assertThat(card.bar()).containsText("Muffs on, water on");
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    card.answered("Gauge holds at", "74");
    assertThat(card.page.getByText("Good: between 60 and 82 °C.")).isVisible();
    card.tap("Stop the engine");
    card.tap("Water off");
    card.done(WARM, DRAIN);
    // The next step opens before that is up.
    OnThisDevice.isEmpty(card.page);
    try (Traffic traffic = new Traffic(card.page)) {
      new SaltglassCard(card).drain();
      assertThat(
              card.page.getByRole(
                  AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
          .hasText("drained");
      traffic.isAtMostOneEach(11);
    }
  }

  private static void beRefusedAFill(CardInTheBay card) {
    // Until all of it is up, the device knows of fewer drains that are OUT.
    OnThisDevice.isEmpty(card.page);
    card.pick(POUR);
    card.choose("Lot on the jug", "P38-112");
    Locator liters = card.unfolded("Recirculation hose and block");
    liters.fill("10");
    liters.press("Enter");
    assertThat(card.page.getByRole(AriaRole.ALERT)).containsText("are OUT. Put them back IN");
    assertThat(liters).hasValue("10");
    card.page.reload();
    card.pick(POUR);
    assertThat(liters).hasValue("10");
    card.pick(PLUGS);
  }

  private static void fill(CardInTheBay card) {
    new SaltglassCard(card).plugsBack().pour();
    assertThat(
            card.page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
        .hasText("filled, not measured");
  }

  private static void comeOutShort(CardInTheBay card) {
    card.choose("Read with", "Bay glass");
    card.jug("-19.1");
    card.sample("Starboard block", "-7.6", "Held.");
    assertThat(card.section("Starboard block")).containsText("refill 4.5 L");
    card.sample("Starboard manifold", "-18.5", "Proven.");
    card.sample("Port block", "-18.7", "Proven.");
    card.sample("Port manifold", "−18.6", "Proven.");
    card.done(PROVE, MEND);
  }

  private static void mend(CardInTheBay card) {
    card.opened("Starboard block", "Ran after rodding");
    card.tap("Starboard block drain IN");
    card.tap("Recirculation hose OFF");
    card.number("Into the recirculation hose", "4.5");
    card.tap("Recirculation hose clamped");
    card.done(MEND, AGAIN);
    POINTS.forEach(point -> card.sample(point, "-18.8", "Proven."));
    assertThat(
            card.page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
        .hasText("proven");
    assertThat(card.bar()).hasAttribute("data-bar", "writes");
    assertThat(card.page.url()).contains("/cards/");
  }
}
