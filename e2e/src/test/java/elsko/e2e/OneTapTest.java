package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Whole cards by the bar, one tap a step: how much that takes, and that the log is the same. */
class OneTapTest extends OnOneYard {
  private static final String CLOSED = "The boat is closed";
  private static final int TO_OPEN = 2;
  private static final int MOST_TABS = 40;

  private static Page onCard(String boat) {
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winterizing")).click();
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
    PlaywrightAssertions.assertThat(new CardInTheBay(phone).bar()).isVisible();
    return phone;
  }

  private static BarHand walked(String what, String like, String name) {
    String boat = Twin.of(like, elsko, name);
    Page phone = onCard(boat);
    BarHand hand = new BarHand(phone).until(CLOSED);
    OnThisDevice.isEmpty(phone);
    hand.taps += TO_OPEN;
    System.out.printf(
        "one tap a step, %s: %d taps; at most %d (%d steps, %d numbers, %d starts, %d samples, 4)%n",
        what, hand.taps, hand.most(), hand.steps, hand.numbers, hand.starts, hand.samples);
    assertThat(hand.taps).isLessThanOrEqualTo(hand.most());
    return hand;
  }

  /** What each step says, entry by entry; the order within a step is the hand's own. */
  private static Map<String, List<String>> log(String boat) {
    JsonObject page =
        new Wire(elsko, "coordinator")
            .get("/api/boats/" + boat + "/log?limit=500")
            .getAsJsonObject();
    Map<String, List<String>> steps = new TreeMap<>();
    for (JsonElement each : page.getAsJsonArray("entries")) {
      JsonObject entry = each.getAsJsonObject();
      JsonElement step = entry.get("step");
      if (!step.isJsonNull()) {
        steps
            .computeIfAbsent(step.getAsString(), key -> new ArrayList<>())
            .add(entry.get("kind").getAsString() + " " + fact(entry));
      }
    }
    steps.values().forEach(said -> said.sort(null));
    return steps;
  }

  /** Without how long ago an instrument was checked. */
  private static String fact(JsonObject entry) {
    return entry.get("fact").toString().replaceAll("\"hoursSinceZeroCheck\":[^,}]*", "");
  }

  @Test
  void aSterndriveIsPouredAndTheLogIsThatOfThingByThing() {
    walked("sterndrive POUR", "Saltglass", "Tap one");
    String boat = Twin.of("Saltglass", elsko, "Thing by thing");
    UsualHands.toTheEnd(onCard(boat));
    assertThat(log(new Wire(elsko, "coordinator").boat("Tap one"))).isEqualTo(log(boat));
  }

  /** From the heading of a step to that of the next one, without a pointer. */
  @Test
  void aStepIsWrittenByTheKeyboardAlone() {
    Page phone = onCard(Twin.of("Saltglass", elsko, "Keys only"));
    new BarHand(phone).until(SaltglassCard.DRAIN);
    tabTo(phone, "section[aria-label='Port block'] button[aria-expanded]");
    phone.keyboard().press("Enter");
    tabTo(phone, "section[aria-label='Port block'] .grid > button:nth-child(2)");
    phone.keyboard().press("Enter");
    PlaywrightAssertions.assertThat(new CardInTheBay(phone).bar()).containsText("after rodding");
    tabTo(phone, "[data-bar=writes]");
    phone.keyboard().press("Enter");
    PlaywrightAssertions.assertThat(phone.locator("h1:focus"))
        .hasText("Take two hoses off and hold them low");
  }

  private static void tabTo(Page page, String selector) {
    for (int tab = 0; tab < MOST_TABS; tab++) {
      page.keyboard().press("Tab");
      Object here =
          page.evaluate("(selector) => document.activeElement.matches(selector)", selector);
      if (Boolean.TRUE.equals(here)) {
        return;
      }
    }
    throw new AssertionError("not within " + MOST_TABS + " tabs: " + selector);
  }

  @Test
  void aSaildriveIsDrawn() {
    walked("saildrive DRAW", "Puffin", "Tap two");
  }

  @Test
  void aTwinWithAGeneratorAndAirConditioning() {
    walked("twin with generator and air conditioning", "Kittiwake", "Tap three");
  }

  @Test
  void whatIsDifferentTakesAFewTapsMoreAndStandsInTheLogAsSuch() {
    String boat = Twin.of("Saltglass", elsko, "Tap four");
    Page phone = onCard(boat);
    CardInTheBay card = new CardInTheBay(phone);
    BarHand hand = new BarHand(phone);
    hand.but(
            SaltglassCard.DRAIN,
            () -> {
              hand.tap(card.line("Port block"));
              hand.tap(card.section("Port block").getByText("Ran after rodding"));
              PlaywrightAssertions.assertThat(card.bar())
                  .containsText("Three ran clear, one ran after rodding");
            })
        .but(
            SaltglassCard.LOW,
            () -> {
              hand.tap(card.line("Pump and coolers"));
              hand.tap(card.section("Pump and coolers").getByText("Will not come off"));
              PlaywrightAssertions.assertThat(card.bar())
                  .containsText("One ran clear, one would not come off");
            })
        .until(SaltglassCard.PLUGS);
    OnThisDevice.isEmpty(phone);
    JsonObject state = new Wire(elsko, "coordinator").get("/api/boats/" + boat).getAsJsonObject();
    assertThat(log(boat).get("drain").toString()).contains("RAN_AFTER_RODDING");
    assertThat(log(boat).get("hoses-low").toString()).contains("WOULD_NOT_COME_OFF");
    assertThat(state.get("protection").getAsString()).isEqualTo("WET");
  }

  @Test
  void aBarTappedSoonerThanItsWorkAsksOnceAndIsMarked() {
    String boat = Twin.of("Saltglass", elsko, "Tap five");
    Page phone = onCard(boat);
    CardInTheBay card = new CardInTheBay(phone);
    Locator asks = phone.getByRole(AriaRole.ALERTDIALOG);
    card.bar().click();
    card.answered("Gauge holds at", "71");
    card.settle();
    PlaywrightAssertions.assertThat(asks).containsText("proves nothing");
    phone.getByText("Not yet").click();
    PlaywrightAssertions.assertThat(asks).hasCount(0);
    card.settle();
    phone.getByText("Write it all the same").click();
    card.onStep(SaltglassCard.DRAIN);
    card.settle();
    phone.getByText("Write it all the same").click();
    card.onStep(SaltglassCard.LOW);
    // Undone as one: the step is open again, and nothing of it stands.
    phone.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
    card.onStep(SaltglassCard.DRAIN);
    OnThisDevice.isEmpty(phone);
    PlaywrightAssertions.assertThat(card.section("Port block")).not().containsText("ran clear");
    card.settle();
    phone.getByText("Write it all the same").click();
    card.onStep(SaltglassCard.LOW);
    phone.navigate(elsko.at("/boats/" + boat));
    PlaywrightAssertions.assertThat(
            phone.getByText("sooner than it can be done: proves nothing").first())
        .isVisible();
    JsonObject state = new Wire(elsko, "coordinator").get("/api/boats/" + boat).getAsJsonObject();
    assertThat(state.get("protection").getAsString()).isEqualTo("WET");
  }
}
