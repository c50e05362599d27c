package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is due and becomes work, what narrows, what to order, what is printed and kept. */
class DueAndStoresTest extends OnOneYard {
  @Test
  void theImpellerWantedLastSpringStandsOnThisYearsCard() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/book/due");
    Locator smew = region(desk, "Smew");
    assertThat(smew).containsText("Impeller");
    assertThat(smew).containsText("on the next visit, coordinator");
    assertThat(Axe.violations(desk)).isEmpty();
    // One click makes more of it work on the next visit.
    button(smew, "Anodes: do on next visit").click();
    assertThat(smew.getByText("on the next visit, coordinator")).hasCount(2);

    smew.getByText("Smew").click();
    assertThat(region(desk, "Due")).containsText("on the next visit");
    desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Spring commissioning"))
        .click();
    desk.getByText("Open the card").click();
    CardInTheBay card = new CardInTheBay(desk);
    card.pick("Do what is due");
    Locator asks = desk.getByRole(AriaRole.GROUP, asks());
    assertThat(asks).containsText("Impeller");
    assertThat(asks).containsText("Anodes");
    assertThat(asks).not().containsText("Coolant");
  }

  private static Page.GetByRoleOptions asks() {
    return new Page.GetByRoleOptions().setName("What this step asks for");
  }

  @Test
  void narrowingIsSaidOfTheBoatBuiltForItAndOfNoOtherWithItsEvidenceDrawn() {
    Page desk = chromium.signedIn(elsko, "viewer", 1280, 800, "/book/due");
    Locator narrow = desk.getByText(Pattern.compile("Raw-water path narrowing"));
    assertThat(narrow).hasCount(1);
    assertThat(region(desk, "Old Lapwing")).containsText("4.6 K over its own median of 73 °C");
    region(desk, "Old Lapwing").getByText("Old Lapwing").click();
    desk.getByText("engine history").click();
    assertThat(desk.getByRole(AriaRole.IMG).first())
        .hasAttribute("aria-label", Pattern.compile("5 readings, the last 77.6"));
    assertThat(desk.locator("svg circle[fill='var(--color-verm)']")).hasCount(9);
    assertThat(Axe.violations(desk)).isEmpty();
  }

  @Test
  void aLotIsCountedAndTheOrderFollowsInWholePackages() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/stores");
    assertThat(region(desk, "To order")).containsText("20 L Skeldra Rose 38");
    assertThat(Axe.violations(desk)).isEmpty();
    desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Skeldra Rose 38")).click();
    desk.getByLabel("Lot").selectOption("lot/P38-097");
    desk.getByLabel("How much").fill("many");
    desk.getByText("Write it down").click();
    assertThat(desk.getByText("Enter L, like 20.")).isVisible();
    assertThat(desk.getByLabel("How much")).hasValue("many");
    desk.getByLabel("How much").fill("5000");
    desk.getByText("Write it down").click();
    assertThat(region(desk, "To order")).not().containsText("Skeldra Rose 38 ·");
    desk.getByLabel("How much").fill("0");
    desk.getByText("Write it down").click();
    assertThat(region(desk, "To order")).containsText("L Skeldra Rose 38 · not enough from");
    assertThat(Axe.violations(desk)).isEmpty();
  }

  @Test
  void reportsAreSentByASimulatedPostAndTheYardGoesOutAsOneFile() {
    String thrift = new Wire(elsko, "coordinator").boat("Thrift");
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/boats/" + thrift);
    Locator papers = region(desk, "Papers");
    APIResponse report =
        desk.request().get(elsko.at(papers.getByText("lay-up report").getAttribute("href")));
    assertThat(report.headers().get("content-type")).isEqualTo("application/pdf");
    assertThat(new String(report.body(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    papers.getByText("send it to the owner").click();
    assertThat(papers).containsText("It is in the outbox");
    desk.navigate(elsko.at("/book/reports"));
    Locator outbox = region(desk, "Outbox");
    assertThat(outbox.getByText("Thrift is laid up").first()).isVisible();
    assertThat(outbox.getByText(Pattern.compile("^sent ")).first()).isVisible();
    assertThat(Axe.violations(desk)).isEmpty();

    desk.navigate(elsko.at("/book/archive"));
    desk.getByText("Back up now").click();
    assertThat(desk.getByText(Pattern.compile("^elsko-\\d{4}-\\d{2}-\\d{2}-\\d{6}-asked\\.zip$")))
        .isVisible();
    assertThat(Axe.violations(desk)).isEmpty();
    APIResponse archive =
        desk.request().get(elsko.at(desk.getByText("Fetch the archive").getAttribute("href")));
    assertThat(archive.status()).isEqualTo(200);
    assertThat(new String(archive.body(), 0, 2, StandardCharsets.US_ASCII)).isEqualTo("PK");
  }

  private static Locator region(Page page, String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }
}
