package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Engines watched while they run: the simulated one and its faults, and plateaus compared. */
class GaugeTest extends OnOneYard {
  @Test
  void aStuckThermostatIsCalledOutAndTheBlockIsNotCountedAsFilled() {
    Page phone = onCard("Saltglass", "Gauge one", "Winterizing", "DRAW");
    CardInTheBay card = new CardInTheBay(phone);
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    follow(phone, "thermostat stuck shut");
    assertThat(gauge(phone).getByRole(AriaRole.ALERT))
        .containsText(Pattern.compile("stop the engine", Pattern.CASE_INSENSITIVE));
    assertThat(Axe.violations(phone)).isEmpty();
    card.tap("Stop the engine");
    card.tap("Water off");
    phone.getByText("Skip", new Page.GetByTextOptions().setExact(true)).click();
    phone.getByLabel("Why it is skipped").fill("its gauge would not hold");
    phone.getByText("Skip this step").click();
    card.onStep(SaltglassCard.DRAIN);
    assertThat(phone.getByText("Engine: over temperature")).isVisible();
    phone.getByText("Done: why it ran hot was found and put right").click();
    assertThat(phone.getByText("Only a test start.")).isVisible();
    UsualHands.until(phone, "Draw it through from the tank");
    card.onStep("Draw it through from the tank");
    card.choose("Lot on the jug", "P38-112");
    card.tap("Battery switch ON");
    card.tap("Tank on the muffs");
    card.tap("Start the engine");
    card.number("Drawn from the tank", "14");
    card.tap("Stop the engine");
    card.tap("Tank taken away");
    card.settle();
    assertThat(phone.getByText("Not counted as filled: port block")).isVisible();
    card.onStep("Draw it through from the tank");
    assertThat(phone.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
        .hasText("wet");
    phone.navigate(phone.url().replaceAll("/cards/.*", ""));
    assertThat(phone.getByText("Not counted as filled: port block")).isVisible();
  }

  @Test
  void aBlockedElbowIsCalledOutWithTheFirstReadingAtTheLimit() {
    Page phone = onCard("Saltglass", "Gauge two", "Fresh-water flush", "MUFFS");
    CardInTheBay card = new CardInTheBay(phone);
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    follow(phone, "blocked elbow");
    assertThat(gauge(phone).getByRole(AriaRole.ALERT)).containsText("stop the engine");
    List<Double> readings =
        gauge(phone).locator("tbody tr td:nth-child(2)").allTextContents().stream()
            .map(Double::valueOf)
            .toList();
    assertThat(readings.get(readings.size() - 1)).isGreaterThan(82);
    assertThat(readings.subList(0, readings.size() - 1)).allMatch(one -> one <= 82);
  }

  @Test
  void aSoundEngineIsReadByHandAndByItsGauges() {
    Page phone = onCard("Saltglass", "Gauge three", "Fresh-water flush", "MUFFS");
    CardInTheBay card = new CardInTheBay(phone);
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    card.number("Gauge now", "18");
    assertThat(gauge(phone)).containsText("18 °C, not flat yet.");
    follow(phone, "nothing");
    phone.getByText(Pattern.compile("It holds at 7[01]")).click();
    assertThat(phone.getByText("Good: between 60 and 82 °C.")).isVisible();
  }

  @Test
  void aDescaleWithTwoShotsIsJudgedByThePlateauBeforeAndAfter() {
    Page phone = onCard("Fulmar", "Gauge four", "Descale", "STRAINER_SOAK");
    UsualHands.until(
        phone,
        "Sea trial under load, on a later day",
        Map.of("plateau-before", 86, "final-flush", 86, "second-flush", 78));
    new CardInTheBay(phone).pick("Restart and watch it again");
    assertThat(phone.getByText("8 K lower, scale came off.")).isVisible();
    UsualHands.until(phone, "nothing is left");
    new CardInTheBay(phone).onStep("The card is closed");
  }

  /** A new boat like one of the demonstration's, on a new card of it, its engine done one way. */
  private static Page onCard(String like, String name, String procedure, String way) {
    String boat = Twin.of(like, elsko, name);
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(procedure)).click();
    phone.locator("select[id^=way-]").first().selectOption(new SelectOption().setValue(way));
    phone.getByText("Open the card").click();
    assertThat(phone.getByRole(AriaRole.GROUP, asks())).isVisible();
    return phone;
  }

  private static Page.GetByRoleOptions asks() {
    return new Page.GetByRoleOptions().setName("What this step asks for");
  }

  private static Locator gauge(Page page) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("Gauge").setExact(true));
  }

  private static void follow(Page page, String fault) {
    page.getByLabel("Wrong with it").selectOption(new SelectOption().setLabel(fault));
    page.getByText("Follow the simulated gauges").click();
  }
}
