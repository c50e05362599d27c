package elsko.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** The winterizing card of the demonstration's Saltglass, drained and poured, as it goes well. */
final class SaltglassCard {
  static final String WARM = "Warm the engine until the thermostat opens";
  static final String DRAIN = "Open the four drains, lowest first";
  static final String LOW = "Take two hoses off and hold them low";
  static final String PLUGS = "Put the drains back IN";
  static final String POUR = "Pour into the five hoses";
  static final String CLAMP = "Clamp the five hoses";
  static final String PROVE = "Sample every low point";
  static final String CLOSE = "Close the boat";
  static final List<String> POINTS =
      List.of("Starboard block", "Starboard manifold", "Port block", "Port manifold");
  static final List<String> HOSES =
      List.of(
          "Recirculation hose",
          "Port manifold hose",
          "Starboard manifold hose",
          "Cooler hose",
          "Pump hose");

  private final CardInTheBay card;

  SaltglassCard(CardInTheBay card) {
    this.card = card;
  }

  /** Opens a winterizing card of the boat the page shows. */
  static CardInTheBay open(Page page) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winterizing")).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
    CardInTheBay card = new CardInTheBay(page);
    card.onStep(WARM);
    return card;
  }

  SaltglassCard warmUp() {
    card.onStep(WARM);
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    card.answered("Gauge holds at", "74");
    card.tap("Stop the engine");
    card.tap("Water off");
    card.done(WARM, DRAIN);
    return this;
  }

  SaltglassCard drain() {
    card.onStep(DRAIN);
    card.tap("Battery switch OFF");
    card.tap("Hull plug OUT, bagged");
    POINTS.forEach(point -> card.opened(point, "Ran clear"));
    card.number("Plugs in the bag", "5");
    card.done(DRAIN, LOW);
    card.opened("Recirculation hose", "Ran clear");
    card.opened("Pump and coolers", "Ran clear");
    card.done(LOW, PLUGS);
    return this;
  }

  SaltglassCard plugsBack() {
    POINTS.forEach(point -> card.tap(point + " drain IN"));
    card.done(PLUGS, POUR);
    return this;
  }

  SaltglassCard pour() {
    card.choose("Lot on the jug", "P38-112");
    for (String hose : List.of("Port manifold hose", "Starboard manifold hose", "Cooler hose")) {
      card.tap(hose + " OFF");
    }
    card.number("Recirculation hose and block", "10");
    card.number("Port manifold", "2.9");
    card.number("Starboard manifold", "2,9");
    card.number("Coolers", "0.7");
    card.number("Pump and intake hose", "1.2");
    card.done(POUR, CLAMP);
    HOSES.forEach(hose -> card.tap(hose + " clamped"));
    card.done(CLAMP, PROVE);
    return this;
  }

  /** All four good; {@code says} is what stands at each of them then. */
  SaltglassCard prove(String says) {
    card.choose("Read with", "Bay glass");
    card.jug("-19.1");
    POINTS.forEach(point -> card.sample(point, "-18.7", says));
    card.done(PROVE, CLOSE);
    return this;
  }

  SaltglassCard close() {
    card.number("Plugs in the bag on the wheel", "1");
    Locator open =
        card.page
            .getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("What this step asks for"))
            .locator("button[aria-pressed=false]");
    for (int left = open.count(); left > 0; left--) {
      card.tap(open.first().innerText().strip());
    }
    card.settle();
    card.onStep("The boat is closed");
    return this;
  }
}
