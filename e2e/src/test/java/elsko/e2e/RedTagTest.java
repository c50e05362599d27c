package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A stop that stands, as the technician meets it on the card and the coordinator at the desk. */
class RedTagTest extends OnOneYard {
  private static void seen(String boat, String condition, String finding) {
    JsonObject entry = FedByHand.entry("CONDITION_SEEN", null, null, Instant.now());
    entry.addProperty("condition", condition);
    entry.addProperty("finding", finding);
    FedByHand.say(new Wire(elsko, "technician"), boat, entry);
  }

  private static Page card(String boat) {
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    phone.getByRole(AriaRole.BUTTON, named("Winterizing")).click();
    phone.getByText("Open the card").click();
    return phone;
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator start(Page phone) {
    return phone.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Start the engine")));
  }

  @Test
  void petrolVaporStopsTheStartUntilItsLeakIsMended() {
    String boat = Twin.of("Saltglass", elsko, "Tagged one");
    seen(boat, "vapor", "smelt");
    Page phone = card(boat);
    assertThat(phone.getByText("Red tag. Petrol vapor").first()).isVisible();
    assertThat(start(phone)).isDisabled();
    assertThat(Axe.violations(phone)).isEmpty();
    phone.getByText("Done: the leak was found and mended").click();
    assertThat(phone.getByText("Red tag.")).hasCount(0);
    new CardInTheBay(phone).tap("Muffs on, water on");
    start(phone).click();
    assertThat(phone.getByText("engine started").first()).isVisible();
  }

  @Test
  void theCoordinatorSeesItFirstAndLiftsWhatMayBeLifted() {
    String boat = Twin.of("Saltglass", elsko, "Tagged two");
    seen(boat, "oil-pressure", "none");
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/");
    Locator decide =
        desk.getByRole(AriaRole.COMPLEMENTARY, named("Decide now"))
            .locator("li")
            .filter(new Locator.FilterOptions().setHasText("Tagged two"));
    assertThat(decide).containsText("red tag");
    decide.getByText("Record what was done").click();
    assertThat(desk.getByText("Engine: no oil pressure").first()).isVisible();
    desk.getByText("lift it without that").click();
    desk.getByText("Lift the tag").click();
    assertThat(desk.getByText("Say why it is lifted.")).isVisible();
    desk.getByLabel("Why may it run all the same?").fill("its gauge was unplugged");
    desk.getByText("Lift the tag").click();
    assertThat(desk.getByRole(AriaRole.REGION, named("Red tags"))).hasCount(0);
  }

  @Test
  void withoutSignalTooAStopStops() {
    String boat = Twin.of("Saltglass", elsko, "Tagged three");
    Page phone = card(boat);
    CardInTheBay card = new CardInTheBay(phone);
    card.tap("Muffs on, water on");
    phone.context().setOffline(true);
    card.tap("Start the engine");
    card.number("Gauge holds at", "96");
    card.tap("Stop the engine");
    start(phone).click();
    assertThat(phone.getByText("Red tag. Gauge holds at 96 °C. No start before")).isVisible();
    phone.context().setOffline(false);
    assertThat(phone.getByText("Engine: over temperature").first()).isVisible();
  }
}
